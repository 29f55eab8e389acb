package dev.jubilee.core.check;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.build.Ramp;
import dev.jubilee.core.choice.RegionRules;
import dev.jubilee.core.demand.LoadedRegions;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What hurts or is sore leaves nothing that could prepare for the session: then not the warm-up but
 * the session is to be another one. Proposed is an easy one in a sport that leaves the region
 * alone, in the shorthand that coaches write sessions in.
 */
final class AnotherSession extends Check {
  private static final int MINUTES = 40;
  private static final int NOVICES_MINUTES = 30;

  AnotherSession() {
    super(FindingCode.ANOTHER_SESSION);
  }

  /** Whether what is sore or hurts rules out the session's own kind of effort, or the session. */
  static boolean isBetter(Plan plan) {
    Session session = plan.request().session();
    List<Restriction> restrictions = plan.request().athlete().restrictions();
    boolean isHurt =
        restrictions.stream()
            .anyMatch(
                r ->
                    r.severity() == Restriction.Severity.HURT
                        && LoadedRegions.of(session).contains(r.region()));
    Optional<Drill> own = plan.library().find(Ramp.ownEffort(session));
    boolean isRuledOut =
        session.kind().isHard()
            && own.isPresent()
            && restrictions.stream().anyMatch(r -> RegionRules.against(own.get(), r).isPresent());
    return isHurt || isRuledOut;
  }

  @Override
  List<Finding> examine(Plan plan) {
    if (!isBetter(plan)) {
      return List.of();
    }
    Athlete athlete = plan.request().athlete();
    int minutes = athlete.level() == Level.NOVICE ? NOVICES_MINUTES : MINUTES;
    String what =
        another(plan)
            .map(sport -> "Another session is better today: “" + words(sport, minutes) + "”.")
            .orElse("Rest is better today: no session here leaves it alone.");
    return List.of(
        finding(
            what,
            "What is left for a warm-up cannot prepare this session without working what is sore or"
                + " hurts. If it lasts or gets worse, see a licensed clinician."));
  }

  /** In shorthand. */
  static String words(Sport sport, int minutes) {
    String how =
        switch (sport) {
          case RUN -> "run";
          case RIDE -> "ride";
          case ROW -> "row";
          case SWIM -> "swim";
        };
    return how + " " + minutes + " min easy";
  }

  /** The sport whose easy movement leaves all of it alone; the athlete's own first. */
  static Optional<Sport> another(Plan plan) {
    Sport own = plan.request().session().sport();
    return Arrays.stream(Sport.values())
        .sorted(Comparator.comparing((Sport s) -> s != own))
        .filter(s -> leavesAlone(s, plan))
        .findFirst();
  }

  private static boolean leavesAlone(Sport sport, Plan plan) {
    return easy(sport, plan.library())
        .filter(
            drill ->
                plan.request().athlete().restrictions().stream()
                    .noneMatch(
                        r ->
                            RegionRules.against(drill, r).isPresent()
                                || (r.severity() == Restriction.Severity.HURT
                                    && LoadedRegions.of(sport).contains(r.region()))))
        .isPresent();
  }

  private static Optional<Drill> easy(Sport sport, DrillLibrary library) {
    return library.find(
        switch (sport) {
          case RUN -> "easy-jog";
          case RIDE -> "easy-spin";
          case ROW -> "easy-row";
          case SWIM -> "easy-swim";
        });
  }
}
