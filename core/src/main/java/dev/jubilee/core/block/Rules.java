package dev.jubilee.core.block;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.sport.Level;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The rules of progression, first the ones that hold back. */
final class Rules {
  /** Contacts grow by at most this a week; common practice is "a little". */
  static final double GROWTH = 1.10;

  /** Contacts when nothing may be new; Jubilee modelling choice. */
  static final double FROZEN = 0.7;

  /** More of the same before something harder, %. */
  static final int MORE = 120;

  static final List<Rule> ALL =
      List.of(
          Rules::absent,
          new ReturnToTraining(),
          Rules::pain,
          Rules::afterPain,
          Rules::frozen,
          Rules::recovery,
          Rules::placedProgression,
          Rules::buildInTurn,
          Rules::rungUp,
          Rules::doseUp,
          Rules::build,
          s -> Optional.of(hold(s)));

  private Rules() {}

  private static Optional<AthleteWeek> absent(RuleContext s) {
    LocalDate day = s.week().firstDay();
    for (int i = 0; i < 7; i++) {
      if (!s.blockAthlete().isStopped(day.plusDays(i))) {
        return Optional.empty();
      }
    }
    return Optional.of(s.next().withContacts(0, s.next().reference()))
        .map(n -> n.saying(Change.of(Change.Kind.ABSENT, "No training this week.")));
  }

  /** Down at once on every ladder that works what hurts; it comes back by the usual steps. */
  private static Optional<AthleteWeek> pain(RuleContext s) {
    AthleteWeek athleteWeek = s.next();
    for (Interruption pain : s.blockAthlete().interruptions()) {
      if (pain.kind() != Interruption.Kind.PAIN || !s.week().holds(pain.from())) {
        continue;
      }
      String region = pain.region().orElseThrow().words();
      athleteWeek =
          athleteWeek.saying(
              Change.of(
                  Change.Kind.LESS,
                  "Painful " + region + ": nothing steps up, and the drills work around it."));
      for (String ladder : s.blockAthlete().ladders()) {
        int rung = athleteWeek.rung(ladder);
        if (s.isPainful(ladder) && rung > 1) {
          athleteWeek =
              athleteWeek
                  .onRung(ladder, rung - 1)
                  .saying(
                      ChangeBuilder.builder()
                          .kind(Change.Kind.RUNG_DOWN)
                          .ladder(ladder)
                          .from(rung)
                          .to(rung - 1)
                          .provisional(false)
                          .why(
                              s.name(ladder, rung - 1)
                                  + " instead of "
                                  + s.name(ladder, rung)
                                  + ".")
                          .build());
        }
      }
      int fewer = (int) (ReturnToTraining.RECOVERY * athleteWeek.reference());
      athleteWeek = ReturnToTraining.lowerBuild(s, athleteWeek.withContacts(fewer, fewer), 1);
    }
    return athleteWeek.changes().isEmpty() ? Optional.empty() : Optional.of(athleteWeek);
  }

  /** While it hurts, and in the first week without, it stays as low as it went. */
  private static Optional<AthleteWeek> afterPain(RuleContext s) {
    return EarnedBack.lastPain(s)
        .map(
            pain -> {
              String region = pain.region().orElseThrow().words();
              boolean hurts = !pain.until().isBefore(s.week().firstDay());
              Change change =
                  Change.of(
                      Change.Kind.HOLD,
                      hurts
                          ? "Painful " + region + ": nothing steps up."
                          : "First week after the painful " + region + ": as last week.");
              double share = s.next().isRecovery() ? ReturnToTraining.RECOVERY : 1;
              return at(s.next(), share).saying(change);
            });
  }

  private static Optional<AthleteWeek> frozen(RuleContext s) {
    if (!s.block().isFrozen(s.week())) {
      return Optional.empty();
    }
    Change change =
        Change.of(Change.Kind.FROZEN, "The race is near: nothing new, the routine rehearsed.");
    double share = s.next().isRecovery() ? ReturnToTraining.RECOVERY : FROZEN;
    return Optional.of(at(s.next(), share).saying(change));
  }

  private static Optional<AthleteWeek> recovery(RuleContext s) {
    if (!s.next().isRecovery()) {
      return Optional.empty();
    }
    Change change =
        Change.of(Change.Kind.LESS, "Fewer drills, contacts and efforts; as fast as before.");
    return Optional.of(at(s.next(), ReturnToTraining.RECOVERY).saying(change));
  }

  /** What the coach moved to this week, if the athlete may be led there by then. */
  private static Optional<AthleteWeek> placedProgression(RuleContext s) {
    for (PlannedProgression placed : s.blockAthlete().progressions()) {
      if (!placed.firstDay().equals(s.week().firstDay())) {
        continue;
      }
      int rung = s.next().rung(placed.ladder());
      if (placed.step() != rung + 1) {
        continue;
      }
      Optional<AthleteWeek> up = up(s, placed.ladder(), "As you planned: ");
      if (up.isPresent()) {
        return up;
      }
      return Optional.of(
          growing(s.next())
              .saying(
                  Change.of(
                      Change.Kind.HOLD,
                      "Not moved to "
                          + s.name(placed.ladder(), placed.step())
                          + ": "
                          + s.name(placed.ladder(), rung)
                          + " is not mastered by then, or more than the athlete may do.")));
    }
    return Optional.empty();
  }

  private static Optional<AthleteWeek> rungUp(RuleContext s) {
    for (String ladder : s.candidates()) {
      if (isHeldByWish(s, ladder)) {
        continue;
      }
      Optional<AthleteWeek> up = up(s, ladder, "");
      if (up.isPresent()) {
        return up;
      }
    }
    return Optional.empty();
  }

  /** A ladder that the coach placed in a later week waits for it. */
  private static boolean isHeldByWish(RuleContext s, String ladder) {
    return s.blockAthlete().progressions().stream()
        .anyMatch(w -> w.ladder().equals(ladder) && w.firstDay().isAfter(s.week().firstDay()));
  }

  private static Optional<AthleteWeek> up(RuleContext s, String ladder, String because) {
    int rung = s.next().rung(ladder);
    Optional<Drill> harder = s.drill(ladder, rung + 1);
    boolean isSeen = s.isSeenMastered(ladder);
    if (harder.isEmpty() || s.isPainful(ladder) || !(isSeen || s.isPresumedMastered(ladder))) {
      return Optional.empty();
    }
    String names = s.name(ladder, rung + 1) + " instead of " + s.name(ladder, rung);
    String why =
        because
            + names
            + (isSeen
                ? ", which is mastered."
                : ", if that is mastered by then; else it stays another week.");
    return Optional.of(
        growing(s.next())
            .onRung(ladder, rung + 1)
            .saying(
                ChangeBuilder.builder()
                    .kind(Change.Kind.RUNG_UP)
                    .ladder(ladder)
                    .from(rung)
                    .to(rung + 1)
                    .provisional(!isSeen)
                    .why(why)
                    .build()));
  }

  /** First where a harder version waits, then where there is none. */
  private static Optional<AthleteWeek> doseUp(RuleContext s) {
    Comparator<String> byNext =
        Comparator.comparing(l -> s.drill(l, s.next().rung(l) + 1).isEmpty());
    for (String ladder : s.candidates().stream().sorted(byNext).toList()) {
      Optional<Drill> drill = s.drill(ladder, s.next().rung(ladder));
      boolean hasRoom = drill.filter(d -> d.usual().amount() * MORE <= 100 * d.most()).isPresent();
      if (hasRoom && s.next().dose(ladder) < MORE) {
        boolean isLast = s.drill(ladder, s.next().rung(ladder) + 1).isEmpty();
        String why =
            "A little more of "
                + s.name(ladder, s.next().rung(ladder))
                + (isLast ? ", the hardest version there is." : " before the next version.");
        return Optional.of(
            growing(s.next())
                .withDose(ladder, MORE)
                .saying(
                    ChangeBuilder.builder()
                        .kind(Change.Kind.DOSE_UP)
                        .ladder(ladder)
                        .from(100)
                        .to(MORE)
                        .provisional(false)
                        .why(why)
                        .build()));
      }
    }
    return Optional.empty();
  }

  /** In specific weeks ladders and build take turns; toward the race it is the build's. */
  private static Optional<AthleteWeek> buildInTurn(RuleContext s) {
    boolean isLate = s.week().emphasis() == Emphasis.COMPETITION;
    boolean isTurn =
        s.week().emphasis() == Emphasis.SPECIFIC
            && s.before().stream()
                .flatMap(b -> b.changes().stream())
                .filter(Change::isUp)
                .reduce((first, last) -> last)
                .filter(c -> c.kind() == Change.Kind.BUILD_UP)
                .isEmpty();
    return isLate || isTurn ? build(s) : Optional.empty();
  }

  private static Optional<AthleteWeek> build(RuleContext s) {
    BlockAthlete blockAthlete = s.blockAthlete();
    List<BuildStage> stages = blockAthlete.buildStages();
    boolean isCautious =
        blockAthlete.athlete().deconditioned() || blockAthlete.athlete().level() == Level.NOVICE;
    int most = isCautious ? stages.indexOf(BuildStage.USUAL) : stages.size() - 1;
    int stage = blockAthlete.indexOf(s.next().stage());
    if (stage >= most || s.week().emphasis() == Emphasis.GENERAL) {
      return Optional.empty();
    }
    BuildStage higher = stages.get(stage + 1);
    return Optional.of(
        growing(s.next())
            .withBuild(higher)
            .saying(
                ChangeBuilder.builder()
                    .kind(Change.Kind.BUILD_UP)
                    .ladder("")
                    .from(stage)
                    .to(stage + 1)
                    .provisional(false)
                    .why(blockAthlete.words(higher))
                    .build()));
  }

  static AthleteWeek hold(RuleContext s) {
    boolean waits =
        s.blockAthlete().ladders().stream()
            .anyMatch(l -> s.drill(l, s.next().rung(l) + 1).isPresent() && !s.isSeenMastered(l));
    String why = waits ? "As last week, until a version is marked as mastered." : "As last week.";
    return growing(s.next()).saying(Change.of(Change.Kind.HOLD, why));
  }

  static AthleteWeek growing(AthleteWeek next) {
    int contacts = (int) (GROWTH * next.reference());
    return next.withContacts(contacts, contacts);
  }

  /** A share of a full week's contacts; the next full week counts from the last one. */
  static AthleteWeek at(AthleteWeek next, double share) {
    return next.withContacts((int) (share * next.reference()), next.reference());
  }
}
