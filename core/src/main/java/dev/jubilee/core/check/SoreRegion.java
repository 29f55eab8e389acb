package dev.jubilee.core.check;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.demand.LoadedRegions;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.Session;
import java.util.ArrayList;
import java.util.List;

/** Something is sore that the session loads. */
final class SoreRegion extends Check {
  SoreRegion() {
    super(FindingCode.SORE);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    Session session = plan.request().session();
    for (Restriction limit : plan.request().athlete().restrictions()) {
      if (limit.severity() == Restriction.Severity.SORE
          && LoadedRegions.of(session).contains(limit.region())) {
        findings.add(
            finding(
                "Sore " + limit.words() + " before " + session.kind().words() + ".",
                isHard(plan)
                    ? build(plan)
                        + "Stop at pain that rises with speed and lower or change the session; if"
                        + " it lasts, see a licensed clinician."
                    : "Start slower than usual, and stop if it gets worse instead of easing; if it"
                        + " lasts, see a licensed clinician."));
      }
    }
    return findings;
  }

  private static String build(Plan plan) {
    return plan.in(WarmUpPart.BUILD).isEmpty() ? "" : "The build is capped. ";
  }
}
