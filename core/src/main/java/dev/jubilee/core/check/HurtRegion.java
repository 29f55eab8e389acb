package dev.jubilee.core.check;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.demand.LoadedRegions;
import dev.jubilee.core.plan.Plan;
import java.util.ArrayList;
import java.util.List;

/** Something hurts. */
final class HurtRegion extends Check {
  HurtRegion() {
    super(FindingCode.HURT);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    for (Restriction limit : plan.request().athlete().restrictions()) {
      if (limit.severity() == Restriction.Severity.HURT) {
        boolean isLoaded = LoadedRegions.of(plan.request().session()).contains(limit.region());
        findings.add(
            finding(
                "Painful "
                    + limit.words()
                    + (isLoaded ? ": do not do this session as planned." : "."),
                "Warm-up is preparation, not treatment. Change the session to something that does"
                    + " not load it; pain or injury goes to a licensed clinician."));
      }
    }
    return findings;
  }
}
