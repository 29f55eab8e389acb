package dev.jubilee.core.check;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.choice.RegionRules;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A drill that loads what is sore or hurt. */
final class LoadsSoreRegion extends Check {
  LoadsSoreRegion() {
    super(FindingCode.LOADS_SORE_REGION);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    for (PlanItem item : plan.items()) {
      Optional<Drill> drill = plan.drill(item);
      if (drill.isEmpty()) {
        continue;
      }
      for (Restriction limit : plan.request().athlete().restrictions()) {
        RegionRules.against(drill.get(), limit)
            .ifPresent(
                phrase ->
                    findings.add(
                        removable(
                            item,
                            item.name() + " " + phrase + ".",
                            "This athlete has it marked; pain means stop that movement.")));
      }
    }
    return findings;
  }
}
