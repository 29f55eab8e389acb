package dev.jubilee.core.check;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Two versions of one movement; but for barriers, whose ladder is climbed from its foot. */
final class TwoRungs extends Check {
  TwoRungs() {
    super(FindingCode.TWO_RUNGS);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    Map<String, Drill> ladders = new HashMap<>();
    for (PlanItem item : plan.items()) {
      plan.drill(item)
          .filter(drill -> item.block().isChosen() && drill.rung().isPresent())
          .filter(drill -> isSecond(drill, ladders.put(drill.group(), drill), plan))
          .ifPresent(
              drill ->
                  findings.add(
                      removable(
                          item,
                          item.name() + " is a version of a drill that is in already.",
                          "One rung of a ladder is enough; the other only takes time.")));
    }
    return findings;
  }

  /**
   * @param before of the same ladder, or null
   */
  private static boolean isSecond(Drill drill, Drill before, Plan plan) {
    if (before == null || before.id().equals(drill.id())) {
      return false;
    }
    boolean isClimbed =
        plan.request().session().climbs(drill) && Math.min(step(before), step(drill)) == 1;
    return !isClimbed;
  }

  private static int step(Drill drill) {
    return drill.rung().orElseThrow().step();
  }
}
