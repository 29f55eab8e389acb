package dev.jubilee.core.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.demand.TrainingPhase;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What holds in every block, whatever comes between. That one thing changes at a time, that each
 * third or fourth week is lighter and that nothing is new before a race is common practice.
 */
class ProgressionTest {
  private static final DrillLibrary LIBRARY = BuiltInLibrary.get();
  private static final int BLOCKS = 300;

  private record Case(
      TrainingBlock block,
      BlockAthlete blockAthlete,
      LocalDate today,
      List<AthleteWeek> athleteWeeks) {
    @Override
    public String toString() {
      return block.start() + " to " + block.race() + ", " + blockAthlete.interruptions();
    }
  }

  /**
   * Random blocks with random interruptions, mastery and placed steps; the same ones every time.
   */
  static Stream<Case> cases() {
    Random random = new Random(7);
    return IntStream.range(0, BLOCKS).mapToObj(i -> random(random));
  }

  private static Case random(Random random) {
    LocalDate start = Blocks.START.plusDays(random.nextInt(7));
    DayOfWeek weekStart = DayOfWeek.of(1 + random.nextInt(7));
    TrainingBlock block =
        TrainingBlock.of(
            start, start.plusDays(10 + random.nextInt(160)), List.of(), Map.of(), weekStart);
    List<String> all = LIBRARY.ladders().stream().map(l -> l.id()).toList();
    List<String> ladders = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      String ladder = all.get(random.nextInt(all.size()));
      if (!ladders.contains(ladder)) {
        ladders.add(ladder);
      }
    }
    List<Interruption> interruptions = new ArrayList<>();
    for (int i = random.nextInt(3); i > 0; i--) {
      LocalDate from = start.plusDays(random.nextInt(120));
      Interruption.Kind kind = any(random, Interruption.Kind.values());
      BodyRegion region = any(random, BodyRegion.values());
      interruptions.add(
          new Interruption(kind, from, from.plusDays(random.nextInt(30)), Optional.of(region)));
    }
    List<MasteryRecord> mastery = new ArrayList<>();
    for (int i = random.nextInt(6); i > 0; i--) {
      mastery.add(
          new MasteryRecord(
              ladders.get(random.nextInt(ladders.size())),
              1 + random.nextInt(3),
              start.plusDays(random.nextInt(80)),
              any(random, MasteryRecord.Source.values())));
    }
    List<PlannedProgression> progressions = new ArrayList<>();
    if (random.nextBoolean()) {
      Week week = block.weeks().get(random.nextInt(block.weeks().size()));
      progressions.add(
          new PlannedProgression(
              ladders.get(random.nextInt(ladders.size())), 1 + random.nextInt(4), week.firstDay()));
    }
    Map<Integer, Integer> landings = new HashMap<>();
    block.weeks().forEach(w -> landings.put(w.number(), random.nextInt(4)));
    BlockAthlete blockAthlete =
        BlockAthleteBuilder.builder()
            .athlete(Scenarios.athlete(any(random, Level.values())))
            .joins(start.plusDays(random.nextInt(3) == 0 ? 28 : 0))
            .interruptions(interruptions)
            .mastery(mastery)
            .progressions(progressions)
            .ladders(ladders)
            .contactsADay(random.nextInt(3) == 0 ? 0 : 110)
            .landings(landings)
            .sprints(random.nextBoolean())
            .build();
    LocalDate today = start.plusDays(random.nextInt(100) - 20);
    return new Case(
        block, blockAthlete, today, Progression.of(block, blockAthlete, LIBRARY, today, List.of()));
  }

  private static <T> T any(Random random, T[] values) {
    return List.of(values).get(random.nextInt(values.length));
  }

  @ParameterizedTest
  @MethodSource("cases")
  void onlyOneThingGoesUpAtATime(Case c) {
    for (AthleteWeek athleteWeek : c.athleteWeeks()) {
      assertThat(athleteWeek.changes().stream().filter(Change::isUp)).hasSizeLessThanOrEqualTo(1);
      assertThat(athleteWeek.changes())
          .isNotEmpty()
          .allSatisfy(x -> assertThat(x.why()).isNotBlank());
    }
    // Read from the weeks themselves too, not only from what is said of them.
    for (int i = 1; i < c.athleteWeeks().size(); i++) {
      AthleteWeek before = c.athleteWeeks().get(i - 1);
      AthleteWeek after = c.athleteWeeks().get(i);
      long up = after.rungs().keySet().stream().filter(l -> after.rung(l) > before.rung(l)).count();
      up += after.rungs().keySet().stream().filter(l -> after.dose(l) > before.dose(l)).count();
      up += after.stage().top() > before.stage().top() ? 1 : 0;
      up += after.stage().efforts() > before.stage().efforts() ? 1 : 0;
      assertThat(up).isLessThanOrEqualTo(1);
    }
  }

  @ParameterizedTest
  @MethodSource("cases")
  void contactsGrowByATenthAWeekAtMost(Case c) {
    int full = 0;
    for (AthleteWeek athleteWeek : c.athleteWeeks()) {
      if (full > 0) {
        assertThat(athleteWeek.contacts()).isLessThanOrEqualTo((int) (1.10 * full));
      }
      full = Math.max(full, athleteWeek.contacts());
      int landings = c.blockAthlete().landings().get(athleteWeek.week().number());
      TrainingPhase phase = athleteWeek.phase(c.block().weeks().size(), landings, Set.of());
      assertThat(phase.contacts() * landings).isLessThanOrEqualTo(athleteWeek.contacts());
    }
  }

  @ParameterizedTest
  @MethodSource("cases")
  void noRungIsClimbedThatIsNotMastered(Case c) {
    for (int i = 1; i < c.athleteWeeks().size(); i++) {
      AthleteWeek before = c.athleteWeeks().get(i - 1);
      AthleteWeek after = c.athleteWeeks().get(i);
      for (Change change : after.changes()) {
        if (change.kind() != Change.Kind.RUNG_UP) {
          continue;
        }
        assertThat(change.to()).isEqualTo(before.rung(change.ladder()) + 1);
        LocalDate firstDay = after.week().firstDay();
        if (change.provisional()) {
          assertThat(firstDay).isAfter(c.today());
          assertThat(weeksOn(c.athleteWeeks().subList(0, i), change.ladder(), change.from()))
              .isGreaterThanOrEqualTo(2);
        } else {
          boolean wasHigher =
              c.athleteWeeks().subList(0, i).stream()
                  .anyMatch(s -> s.rung(change.ladder()) > change.from());
          assertThat(wasHigher || isMarked(c.blockAthlete(), change, firstDay.plusDays(6)))
              .isTrue();
        }
      }
    }
  }

  private static int weeksOn(List<AthleteWeek> before, String ladder, int rung) {
    int weeks = 0;
    for (int i = before.size() - 1; i >= 0 && before.get(i).rung(ladder) == rung; i--) {
      weeks += before.get(i).isAbsent() ? 0 : 1;
    }
    return weeks;
  }

  private static boolean isMarked(BlockAthlete blockAthlete, Change change, LocalDate by) {
    List<MasteryRecord> mastery =
        blockAthlete.mastery().stream()
            .filter(m -> m.ladder().equals(change.ladder()) && m.step() >= change.from())
            .filter(m -> !m.on().isAfter(by))
            .toList();
    return mastery.stream().anyMatch(m -> m.source() == MasteryRecord.Source.COACH)
        || mastery.size() >= 2;
  }

  @ParameterizedTest
  @MethodSource("cases")
  void nothingGoesUpInLighterOrFrozenWeeks(Case c) {
    for (AthleteWeek athleteWeek : c.athleteWeeks()) {
      boolean isQuiet =
          athleteWeek.week().emphasis() == Emphasis.RECOVERY
              || !athleteWeek.week().lastDay().isBefore(c.block().race().minusDays(10));
      if (isQuiet) {
        assertThat(athleteWeek.changes()).noneMatch(Change::isUp);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("cases")
  void aLighterWeekIsLighter(Case c) {
    for (int i = 1; i < c.athleteWeeks().size(); i++) {
      AthleteWeek before = c.athleteWeeks().get(i - 1);
      AthleteWeek lighter = c.athleteWeeks().get(i);
      boolean isQuietBefore = before.isAbsent() || before.week().emphasis() != Emphasis.GENERAL;
      if (lighter.week().emphasis() != Emphasis.RECOVERY || lighter.isAbsent() || isQuietBefore) {
        continue;
      }
      TrainingPhase full = before.phase(12, 1, Set.of());
      TrainingPhase less = lighter.phase(12, 1, Set.of());
      assertThat(less.volume()).isLessThan(full.volume());
      assertThat(less.efforts()).isLessThan(full.efforts());
      int most =
          c.athleteWeeks().subList(0, i).stream().mapToInt(AthleteWeek::contacts).max().orElse(0);
      // With no session before that lands, what one warm-up tolerates is all there is to go by.
      int usual = most == 0 ? c.blockAthlete().contactsADay() : most;
      assertThat(lighter.contacts()).isLessThanOrEqualTo((int) (0.6 * usual));
    }
  }

  /** Earned back in two clean steps at the least, and the first session back is below. */
  @ParameterizedTest
  @MethodSource("cases")
  void nothingExceedsWhatItWasBeforeUntilItIsEarnedBack(Case c) {
    for (Interruption i : c.blockAthlete().interruptions()) {
      boolean isLong = i.kind() == Interruption.Kind.PAIN || i.days() >= 5;
      List<AthleteWeek> weeks = c.athleteWeeks();
      List<AthleteWeek> earlier =
          weeks.stream().filter(w -> w.week().lastDay().isBefore(i.from())).toList();
      if (!isLong || earlier.isEmpty()) {
        continue;
      }
      AthleteWeek before = earlier.get(earlier.size() - 1);
      List<AthleteWeek> since =
          weeks.subList(earlier.size(), weeks.size()).stream()
              .filter(w -> !w.isAbsent())
              .filter(w -> w.week().lastDay().isAfter(i.until()))
              .limit(2)
              .toList();
      for (AthleteWeek w : since) {
        assertThat(stage(c, w)).as("%s, %s", i, w).isLessThanOrEqualTo(stage(c, before));
        for (String ladder : c.blockAthlete().ladders()) {
          assertThat(w.rung(ladder)).as("%s, %s", i, w).isLessThanOrEqualTo(before.rung(ladder));
        }
        if (before.reference() > 0) {
          assertThat(w.contacts()).as("%s, %s", i, w).isLessThanOrEqualTo(before.reference());
        }
      }
      boolean hadMore = before.reference() > 0 || stage(c, before) > 0;
      if (hadMore && !since.isEmpty()) {
        AthleteWeek first = since.get(0);
        assertThat(
                stage(c, first) < stage(c, before)
                    || first.contacts() < before.reference()
                    || first.rungs().entrySet().stream()
                        .anyMatch(e -> e.getValue() < before.rung(e.getKey())))
            .as("below, %s, before %s, back %s", i, before, first)
            .isTrue();
      }
    }
  }

  private static int stage(Case c, AthleteWeek week) {
    return c.blockAthlete().indexOf(week.stage());
  }

  @ParameterizedTest
  @MethodSource("cases")
  void whatIsOverStaysAsItWas(Case c) {
    List<AthleteWeek> past = c.athleteWeeks().subList(0, c.athleteWeeks().size() / 2);
    List<Interruption> more = new ArrayList<>(c.blockAthlete().interruptions());
    LocalDate from = c.block().race().minusDays(20);
    more.add(new Interruption(Interruption.Kind.ILL, from, from.plusDays(6), Optional.empty()));
    BlockAthlete other =
        BlockAthleteBuilder.builder()
            .athlete(c.blockAthlete().athlete())
            .joins(c.blockAthlete().joins())
            .interruptions(more)
            .mastery(c.blockAthlete().mastery())
            .progressions(c.blockAthlete().progressions())
            .ladders(c.blockAthlete().ladders())
            .contactsADay(c.blockAthlete().contactsADay())
            .landings(c.blockAthlete().landings())
            .sprints(c.blockAthlete().sprints())
            .build();
    List<AthleteWeek> again = Progression.of(c.block(), other, LIBRARY, c.today(), past);
    assertThat(again).hasSameSizeAs(c.athleteWeeks());
    assertThat(again.subList(0, past.size())).isEqualTo(past);

    // Nobody knows of an illness before it comes: computed anew, the weeks before it are the same.
    List<AthleteWeek> anew = Progression.of(c.block(), other, LIBRARY, c.today(), List.of());
    for (int i = 0;
        i < anew.size() && anew.get(i).week().firstDay().plusDays(6).isBefore(from);
        i++) {
      assertThat(anew.get(i)).isEqualTo(c.athleteWeeks().get(i));
    }

    // What is over holds even where it is not what would be computed today.
    if (past.size() > 1) {
      List<AthleteWeek> lived = new ArrayList<>(past);
      AthleteWeek last = past.get(past.size() - 1);
      Map<String, Integer> rungs = new HashMap<>(last.rungs());
      rungs.put("kept-from-before", 1);
      lived.set(past.size() - 1, AthleteWeekBuilder.builder(last).rungs(rungs).build());
      assertThat(
              Progression.of(c.block(), other, LIBRARY, c.today(), lived)
                  .get(past.size() - 1)
                  .rungs())
          .containsKey("kept-from-before");
    }
  }

  @Test
  void daysAwayStepBackTheMoreTheLonger() {
    List<Integer> rungs = new ArrayList<>();
    List<Integer> contacts = new ArrayList<>();
    for (int days : new int[] {3, 7, 14, 25}) {
      LocalDate from = Blocks.START.plusWeeks(7);
      AthleteWeek back =
          runner(
                  new Interruption(
                      Interruption.Kind.AWAY, from, from.plusDays(days - 1L), Optional.empty()))
              .stream()
              .filter(s -> s.week().firstDay().isAfter(from.plusDays(days - 7L)))
              .filter(s -> !s.isAbsent())
              .findFirst()
              .orElseThrow();
      rungs.add(back.rungs().values().stream().mapToInt(r -> r).sum());
      contacts.add(back.reference());
    }
    assertThat(contacts)
        .isSortedAccordingTo((a, b) -> Integer.compare(b, a))
        .doesNotHaveDuplicates();
    assertThat(rungs.get(1)).isGreaterThan(rungs.get(2));
    assertThat(rungs.get(2)).isGreaterThan(rungs.get(3));
  }

  @Test
  void whatWasLostComesBackFirstAndRangeIsNotLost() {
    LocalDate from = Blocks.START.plusWeeks(3);
    List<AthleteWeek> athleteWeeks =
        runner(new Interruption(Interruption.Kind.ILL, from, from.plusDays(11), Optional.empty()));
    AthleteWeek before = athleteWeeks.get(2);
    AthleteWeek back = athleteWeeks.get(4);
    assertThat(back.rung("a-series")).isLessThan(before.rung("a-series"));
    assertThat(back.rung("ankle-circles")).isEqualTo(before.rung("ankle-circles"));
    assertThat(athleteWeeks.get(athleteWeeks.size() - 1).rung("a-series"))
        .isGreaterThanOrEqualTo(before.rung("a-series"));
  }

  @Test
  void painStepsDownAtOnceAndOnlyWhereItHurts() {
    LocalDate wednesday = Blocks.START.plusWeeks(5).plusDays(2);
    Interruption pain =
        new Interruption(
            Interruption.Kind.PAIN,
            wednesday,
            wednesday.plusDays(10),
            Optional.of(BodyRegion.ACHILLES));
    List<AthleteWeek> athleteWeeks = runner(pain);
    AthleteWeek before = athleteWeeks.get(4);
    AthleteWeek hurt = athleteWeeks.get(5);
    assertThat(hurt.rung("a-series")).isEqualTo(before.rung("a-series") - 1);
    assertThat(hurt.rung("lunge")).isEqualTo(before.rung("lunge"));
    assertThat(hurt.contacts()).isLessThan(before.contacts());
  }

  /** Achilles pain for a week in week 7 of 12: whole warm-ups of the same kind, side by side. */
  @Test
  void afterAWeekOfPainNoWarmUpGoesHigherThanBefore() {
    LocalDate monday = Blocks.START.plusWeeks(6);
    List<Prescribed> all =
        Blocks.outcome(
                TrainingBlock.of(Blocks.START, Blocks.RACE),
                Scenarios.athlete(Level.INTERMEDIATE),
                Sport.RUN,
                Blocks.START,
                List.of(
                    new Interruption(
                        Interruption.Kind.PAIN,
                        monday,
                        monday.plusDays(6),
                        Optional.of(BodyRegion.ACHILLES))),
                List.of(),
                List.of())
            .prescribed();
    Plan before = ofKind(all, SessionKind.SPRINT, monday.minusDays(7));
    Plan hurt = ofKind(all, SessionKind.SPRINT, monday);
    Plan back = ofKind(all, SessionKind.SPRINT, monday.plusDays(7));
    Plan second = ofKind(all, SessionKind.SPRINT, monday.plusDays(14));

    assertThat(hurt.contacts()).isZero();
    assertThat(hurt.topPercent()).isLessThanOrEqualTo(75);
    assertThat(back.contacts()).isLessThan(before.contacts());
    assertThat(back.topPercent()).isLessThan(before.topPercent());
    assertThat(second.contacts()).isLessThanOrEqualTo(before.contacts());
    assertThat(second.topPercent()).isLessThanOrEqualTo(before.topPercent());
  }

  private static Plan ofKind(List<Prescribed> all, SessionKind kind, LocalDate firstDay) {
    return all.stream()
        .filter(p -> p.planned().session().kind() == kind)
        .filter(p -> !p.planned().date().isBefore(firstDay))
        .findFirst()
        .orElseThrow()
        .simulated()
        .plan();
  }

  @Test
  void painWhereItWasOnlyStiffCountsAsSore() {
    LocalDate day = Blocks.START.plusWeeks(5);
    BlockAthlete blockAthlete =
        Blocks.outcome(
                TrainingBlock.of(Blocks.START, Blocks.RACE),
                Scenarios.athlete(
                    Level.INTERMEDIATE,
                    Restriction.both(BodyRegion.ACHILLES, Restriction.Severity.STIFF)),
                Sport.RUN,
                Blocks.START,
                List.of(
                    new Interruption(
                        Interruption.Kind.PAIN, day, day, Optional.of(BodyRegion.ACHILLES))),
                List.of(),
                List.of())
            .blockAthlete();
    assertThat(blockAthlete.on(day, blockAthlete.athlete(), Map.of()).restrictions())
        .containsExactly(Restriction.both(BodyRegion.ACHILLES, Restriction.Severity.SORE));
    assertThat(blockAthlete.on(day.plusDays(1), blockAthlete.athlete(), Map.of()).restrictions())
        .containsExactly(Restriction.both(BodyRegion.ACHILLES, Restriction.Severity.STIFF));
  }

  private static List<AthleteWeek> runner(Interruption interruption) {
    return Blocks.outcome(
            TrainingBlock.of(Blocks.START, Blocks.RACE),
            Scenarios.athlete(Level.INTERMEDIATE),
            Sport.RUN,
            Blocks.START,
            List.of(interruption),
            List.of(),
            List.of())
        .athleteWeeks();
  }

  @Test
  void aWishIsKeptWhereItCanBeAndRefusedWithAReasonWhereNot() {
    TrainingBlock block = TrainingBlock.of(Blocks.START, Blocks.RACE);
    LocalDate sixth = block.weeks().get(5).firstDay();
    List<AthleteWeek> kept = wishing(block, new PlannedProgression("a-series", 3, sixth));
    assertThat(kept.get(5).changes().get(0).kind()).isEqualTo(Change.Kind.RUNG_UP);
    assertThat(kept.get(5).rung("a-series")).isEqualTo(3);
    assertThat(kept.get(4).rung("a-series")).isEqualTo(2);
    AthleteWeek refused =
        wishing(block, new PlannedProgression("a-series", 3, block.weeks().get(1).firstDay()))
            .get(1);
    assertThat(refused.rung("a-series")).isEqualTo(2);
    assertThat(refused.changes().get(0).why()).contains("Not moved").contains("not mastered");
  }

  private static List<AthleteWeek> wishing(TrainingBlock block, PlannedProgression wish) {
    return Blocks.outcome(
            block,
            Scenarios.athlete(Level.INTERMEDIATE),
            Sport.RUN,
            Blocks.START,
            List.of(),
            List.of(),
            List.of(wish))
        .athleteWeeks();
  }

  @Test
  void aBlockHasUsualEmphasesAndSensibleBounds() {
    List<Emphasis> emphases =
        TrainingBlock.of(Blocks.START, Blocks.RACE).weeks().stream().map(Week::emphasis).toList();
    assertThat(emphases).hasSize(12);
    assertThat(emphases.get(0)).isEqualTo(Emphasis.GENERAL);
    assertThat(emphases.get(11)).isEqualTo(Emphasis.COMPETITION);
    assertThat(emphases.stream().filter(e -> e == Emphasis.RECOVERY)).hasSize(2);
    LocalDate start = Blocks.START;
    assertThatThrownBy(() -> TrainingBlock.of(start, start.minusDays(1)))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("a day after the start");
    assertThatThrownBy(() -> TrainingBlock.of(start, start.plusDays(300)))
        .hasMessageContaining("2 to 26 weeks");
  }

  @Test
  void theWeekOfAnotherRaceIsForItAndBringsNothingNew() {
    LocalDate other = Blocks.START.plusWeeks(5).plusDays(6);
    TrainingBlock block =
        TrainingBlock.of(Blocks.START, Blocks.RACE, List.of(other), Map.of(), DayOfWeek.MONDAY);
    assertThat(block.weeks().get(5).emphasis()).isEqualTo(Emphasis.COMPETITION);
    List<AthleteWeek> athleteWeeks =
        wishing(block, new PlannedProgression("a-series", 3, block.weeks().get(8).firstDay()));
    assertThat(athleteWeeks.get(5).changes()).noneMatch(Change::isUp);
    assertThat(athleteWeeks.get(6).changes()).anyMatch(Change::isUp);
    assertThatThrownBy(
            () ->
                TrainingBlock.of(
                    Blocks.START, Blocks.RACE, List.of(Blocks.RACE), Map.of(), DayOfWeek.MONDAY))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("otherRaces");
  }

  @ParameterizedTest
  @MethodSource("sports")
  void nothingIsNewInTheWarmUpsOfTheLastTenDays(Sport sport) {
    Blocks.Outcome outcome =
        Blocks.outcome(
            TrainingBlock.of(Blocks.START, Blocks.RACE),
            Scenarios.athlete(Level.ADVANCED),
            sport,
            Blocks.START,
            List.of(),
            List.of(),
            List.of());
    Set<String> known = new HashSet<>();
    int frozen = 0;
    Map<Integer, Integer> contacts = new HashMap<>();
    for (Prescribed p : outcome.prescribed()) {
      List<String> drills =
          p.plan().items().stream().filter(BlockPrescriber::isDrill).map(i -> i.drillId()).toList();
      if (!p.planned().date().isBefore(Blocks.RACE.minusDays(10))) {
        assertThat(known).containsAll(drills);
        frozen++;
      }
      known.addAll(drills);
      int week = outcome.block().weekOf(p.planned().date()).orElseThrow().number();
      contacts.merge(week, p.plan().contacts(), Integer::sum);
    }
    assertThat(frozen).isGreaterThan(4);
    // What is given stays within the week's limit.
    outcome
        .athleteWeeks()
        .forEach(
            s ->
                assertThat(contacts.getOrDefault(s.week().number(), 0))
                    .isLessThanOrEqualTo(s.contacts()));
  }

  /** A build said to go up that stays the same would be a week lost. */
  @ParameterizedTest
  @MethodSource("sports")
  void whenTheBuildGoesUpAWarmUpShowsIt(Sport sport) {
    for (boolean sprints : new boolean[] {true, false}) {
      TrainingBlock block = TrainingBlock.of(Blocks.START, Blocks.RACE);
      List<Planned> sessions =
          Blocks.sessions(block, sport).stream()
              .filter(p -> sprints || p.session().kind() != SessionKind.SPRINT)
              .toList();
      Blocks.Outcome outcome = Blocks.outcome(block, sessions);
      assertThat(outcome.blockAthlete().sprints()).isEqualTo(sprints);
      int ups = 0;
      for (AthleteWeek athleteWeek : outcome.athleteWeeks()) {
        if (athleteWeek.changes().stream().noneMatch(c -> c.kind() == Change.Kind.BUILD_UP)) {
          continue;
        }
        ups++;
        assertThat(outcome.prescribed())
            .filteredOn(p -> athleteWeek.week().holds(p.planned().date()))
            .as(sport + " week " + athleteWeek.week().number())
            .anyMatch(p -> isBuildHigherThanBefore(p, outcome.prescribed()));
      }
      assertThat(ups).isPositive();
    }
  }

  private static boolean isBuildHigherThanBefore(Prescribed now, List<Prescribed> all) {
    return all.stream()
        .filter(p -> p.planned().session().kind() == now.planned().session().kind())
        .filter(p -> p.planned().date().isBefore(now.planned().date()))
        .reduce((first, last) -> last)
        .filter(before -> before.efforts() < now.efforts() || before.top() < now.top())
        .isPresent();
  }

  static Stream<Sport> sports() {
    return Stream.of(Sport.values());
  }
}
