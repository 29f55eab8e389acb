package dev.jubilee.core.block;

import dev.jubilee.core.drill.DrillLibrary;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Moves an athlete through a block, week by week: one thing up at a time, only from what is
 * mastered, contacts within a limit of growth, recovery weeks, back after time away, nothing new
 * before the race.
 *
 * <p>Example: {@code Progression.of(block, blockAthlete, library, today, List.of())} gives a week
 * for every week from the one in which the athlete joins.
 */
public final class Progression {
  /** The first week's contacts, of what the level tolerates; Jubilee modelling choice. */
  private static final double FIRST_CONTACTS = 0.7;

  private Progression() {}

  /**
   * Where the athlete stands in every week from the one in which they join.
   *
   * @param today weeks that begin later may presume mastery, others need it seen
   * @param past weeks that are over, kept as they are
   */
  public static List<AthleteWeek> of(
      TrainingBlock block,
      BlockAthlete blockAthlete,
      DrillLibrary library,
      LocalDate today,
      List<AthleteWeek> past) {
    List<AthleteWeek> athleteWeeks = new ArrayList<>(past);
    for (Week week : block.weeks()) {
      boolean isOver =
          !athleteWeeks.isEmpty()
              && !week.firstDay()
                  .isAfter(athleteWeeks.get(athleteWeeks.size() - 1).week().firstDay());
      if (isOver || week.lastDay().isBefore(blockAthlete.joins())) {
        continue;
      }
      AthleteWeek athleteWeek =
          athleteWeeks.isEmpty()
              ? first(block, week, blockAthlete, library)
              : next(block, week, blockAthlete, library, today, athleteWeeks);
      int before =
          athleteWeeks.isEmpty() ? 0 : athleteWeeks.get(athleteWeeks.size() - 1).reference();
      athleteWeeks.add(within(athleteWeek, blockAthlete, before));
    }
    return athleteWeeks;
  }

  private static AthleteWeek first(
      TrainingBlock block, Week week, BlockAthlete blockAthlete, DrillLibrary library) {
    Map<String, Integer> held = new HashMap<>();
    blockAthlete.ladders().forEach(ladder -> held.put(ladder, 0));
    int contacts =
        (int) (FIRST_CONTACTS * blockAthlete.contactsADay() * landings(blockAthlete, week));
    AthleteWeek athleteWeek =
        AthleteWeekBuilder.builder()
            .week(week)
            .rungs(blockAthlete.rungs(library))
            .doses(Map.of())
            .stage(firstBuild(block, week, blockAthlete))
            .contacts(contacts)
            .reference(contacts)
            .held(held)
            .changes(List.of())
            .build();
    return athleteWeek.saying(
        Change.of(
            Change.Kind.START,
            "Begins on the versions mastered now. " + blockAthlete.words(athleteWeek.stage())));
  }

  /** As low as leads to the usual build, with half of the specific weeks for it. */
  private static BuildStage firstBuild(TrainingBlock block, Week first, BlockAthlete blockAthlete) {
    long specific =
        block.weeks().stream()
            .filter(w -> w.number() > first.number() && w.emphasis() == Emphasis.SPECIFIC)
            .filter(w -> !block.isFrozen(w))
            .count();
    long stage = blockAthlete.indexOf(BuildStage.USUAL) - (specific + 1) / 2;
    return blockAthlete.buildStages().get((int) Math.max(0, stage));
  }

  private static AthleteWeek next(
      TrainingBlock block,
      Week week,
      BlockAthlete blockAthlete,
      DrillLibrary library,
      LocalDate today,
      List<AthleteWeek> before) {
    AthleteWeek next = before.get(before.size() - 1).in(week);
    if (next.reference() == 0 && landings(blockAthlete, week) > 0) {
      // The first week with contacts: nothing to grow from yet.
      int contacts = (int) (FIRST_CONTACTS * blockAthlete.contactsADay() / Rules.GROWTH);
      next = next.withContacts(contacts, contacts);
    }
    RuleContext context =
        RuleContextBuilder.builder()
            .block(block)
            .blockAthlete(blockAthlete)
            .library(library)
            .today(today)
            .before(before)
            .next(next)
            .build();
    List<EarnedBack> limits = EarnedBack.limits(context);
    AthleteWeek decided =
        Rules.ALL.stream()
            .flatMap(rule -> rule.decide(context).stream())
            .filter(w -> limits.stream().allMatch(limit -> limit.allows(w, context)))
            .findFirst()
            .orElseGet(() -> Rules.hold(context));
    for (EarnedBack limit : limits) {
      decided = limit.within(decided, context);
    }
    return decided;
  }

  /** Never more than the week's warm-ups tolerate; only what was allowed is grown from. */
  private static AthleteWeek within(
      AthleteWeek athleteWeek, BlockAthlete blockAthlete, int before) {
    int most = blockAthlete.contactsADay() * landings(blockAthlete, athleteWeek.week());
    int contacts = Math.min(most, athleteWeek.contacts());
    int reference =
        athleteWeek.reference() > before ? Math.max(before, contacts) : athleteWeek.reference();
    return athleteWeek.withContacts(contacts, reference);
  }

  private static int landings(BlockAthlete blockAthlete, Week week) {
    return blockAthlete.landings().getOrDefault(week.number(), 0);
  }
}
