package dev.jubilee.core.check;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Two versions of one movement. */
final class TwoRungs extends Check {
  TwoRungs() {
    super(FindingCode.TWO_RUNGS);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    Map<String, String> ladders = new HashMap<>();
    for (PlanItem item : plan.items()) {
      if (item.block().isChosen()) {
        plan.drill(item)
            .flatMap(Drill::rung)
            .map(rung -> ladders.putIfAbsent(rung.ladder(), item.drillId()))
            .filter(other -> !other.equals(item.drillId()))
            .ifPresent(
                other ->
                    findings.add(
                        removable(
                            item,
                            item.name() + " is a version of a drill that is in already.",
                            "One rung of a ladder is enough; the other only takes time.")));
      }
    }
    return findings;
  }
}
