package dev.jubilee.core.check;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.sport.TargetMetric;
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
    double before = 0;
    for (PlanItem item : plan.in(WarmUpPart.RAISE)) {
      // A jog by feel and a step in watts are not compared to the point.
      before = isByFeel(item) ? before : Math.max(before, points(item));
    }
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

  private static boolean isByFeel(PlanItem item) {
    return item.target().filter(t -> t.metric() == TargetMetric.FEEL).isPresent();
  }
}
