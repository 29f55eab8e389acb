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
 * <p>Example: {@code Progression.of(block, climber, library, today, List.of())} gives a stand for
 * every week from the one in which the athlete joins.
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
      BlockAthlete climber,
      DrillLibrary library,
      LocalDate today,
      List<AthleteWeek> past) {
    List<AthleteWeek> stands = new ArrayList<>(past);
    for (Week week : block.weeks()) {
      boolean isOver =
          !stands.isEmpty()
              && !week.monday().isAfter(stands.get(stands.size() - 1).week().monday());
      if (isOver || week.sunday().isBefore(climber.joins())) {
        continue;
      }
      AthleteWeek stand =
          stands.isEmpty()
              ? first(block, week, climber, library)
              : next(block, week, climber, library, today, stands);
      int before = stands.isEmpty() ? 0 : stands.get(stands.size() - 1).reference();
      stands.add(within(stand, climber, before));
    }
    return stands;
  }

  private static AthleteWeek first(
      TrainingBlock block, Week week, BlockAthlete climber, DrillLibrary library) {
    Map<String, Integer> held = new HashMap<>();
    climber.ladders().forEach(ladder -> held.put(ladder, 0));
    int contacts = (int) (FIRST_CONTACTS * climber.contactsADay() * landings(climber, week));
    AthleteWeek stand =
        new AthleteWeek(
            week,
            climber.rungs(library),
            Map.of(),
            firstBuild(block, week, climber),
            contacts,
            contacts,
            held,
            List.of());
    return stand.saying(
        Change.of(
            Change.Kind.START,
            "Begins on the versions mastered now. " + climber.words(stand.build())));
  }

  /** As low as leads to the usual build, with half of the specific weeks for it. */
  private static BuildStage firstBuild(TrainingBlock block, Week first, BlockAthlete climber) {
    long specific =
        block.weeks().stream()
            .filter(w -> w.number() > first.number() && w.emphasis() == Emphasis.SPECIFIC)
            .filter(w -> !block.isFrozen(w))
            .count();
    long stage = climber.indexOf(BuildStage.USUAL) - (specific + 1) / 2;
    return climber.buildStages().get((int) Math.max(0, stage));
  }

  private static AthleteWeek next(
      TrainingBlock block,
      Week week,
      BlockAthlete climber,
      DrillLibrary library,
      LocalDate today,
      List<AthleteWeek> before) {
    AthleteWeek next = before.get(before.size() - 1).in(week);
    if (next.reference() == 0 && landings(climber, week) > 0) {
      // The first week with contacts: nothing to grow from yet.
      int contacts = (int) (FIRST_CONTACTS * climber.contactsADay() / Rules.GROWTH);
      next = next.withContacts(contacts, contacts);
    }
    RuleContext situation = new RuleContext(block, climber, library, today, before, next);
    return Rules.ALL.stream()
        .flatMap(rule -> rule.decide(situation).stream())
        .findFirst()
        .orElseThrow();
  }

  /** Never more than the week's warm-ups tolerate; only what was allowed is grown from. */
  private static AthleteWeek within(AthleteWeek stand, BlockAthlete climber, int before) {
    int most = climber.contactsADay() * landings(climber, stand.week());
    int contacts = Math.min(most, stand.contacts());
    int reference = stand.reference() > before ? Math.max(before, contacts) : stand.reference();
    return stand.withContacts(contacts, reference);
  }

  private static int landings(BlockAthlete climber, Week week) {
    return climber.landings().getOrDefault(week.number(), 0);
  }
}
