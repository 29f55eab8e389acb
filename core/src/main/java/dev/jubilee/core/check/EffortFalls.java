package dev.jubilee.core.check;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.List;

/** Steps in the build go one way. */
final class EffortFalls extends Check {
  /** Points that rounding may cost. */
  private static final double TOLERATED = 0.5;

  EffortFalls() {
    super(FindingCode.EFFORT_FALLS);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    List<PlanItem> build = plan.in(WarmUpPart.BUILD);
    double before = plan.in(WarmUpPart.RAISE).stream().mapToDouble(Check::points).max().orElse(0);
    for (PlanItem item : build) {
      double now = points(item);
      if (now < before - TOLERATED && !item.equals(build.get(0))) {
        findings.add(
            removable(
                item,
                item.name() + " is easier than the one before.",
                "Steps in the build go one way."));
      }
      before = Math.max(before, now);
    }
    return findings;
  }
}
