package dev.jubilee.core.check;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.build.Ramp;
import dev.jubilee.core.choice.RegionRules;
import dev.jubilee.core.demand.LoadedRegions;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.Session;
import java.util.List;
import java.util.Optional;

/**
 * What hurts or is sore leaves nothing that could prepare for the session: then not the warm-up but
 * the session is to be another one. Proposed is an easy one in a sport that leaves the region
 * alone, in the shorthand that coaches write sessions in.
 */
final class AnotherSession extends Check {
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
    String what =
        SparingSession.of(plan)
            .map(session -> "Another session is better today: “" + session + "”.")
            .orElse("Rest is better today: no session here leaves it alone.");
    return List.of(
        finding(
            what,
            "What is left for a warm-up cannot prepare this session without working what is sore or"
                + " hurts. If it lasts or gets worse, see a licensed clinician."));
  }
}
