package dev.jubilee.core.check;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
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
      if (item.block() == WarmUpPart.BUILD || drill.isEmpty()) {
        continue;
      }
      for (Restriction limit : plan.request().athlete().restrictions()) {
        if (isAgainst(drill.get(), limit)) {
          findings.add(
              removable(
                  item,
                  item.name() + " loads the " + limit.region().words() + ".",
                  "This athlete has it marked; pain means stop that movement."));
        }
      }
    }
    return findings;
  }

  private static boolean isAgainst(Drill drill, Restriction limit) {
    boolean loads = drill.loads().contains(limit.region());
    return switch (limit.severity()) {
      case STIFF -> false;
      case SORE -> loads;
      case HURT -> loads || drill.regions().contains(limit.region());
    };
  }
}
