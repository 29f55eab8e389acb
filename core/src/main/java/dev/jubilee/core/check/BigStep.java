package dev.jubilee.core.check;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.List;

/** A step that asks for everything at once. */
final class BigStep extends Check {
  /** Points of the effort scale; Jubilee modelling choice. */
  private static final double BIG = 32;

  /** Strides at this share of top speed follow a jog; common practice. */
  private static final int FIRST_OF_A_SPRINT = 80;

  BigStep() {
    super(FindingCode.BIG_STEP);
  }

  @Override
  List<Finding> examine(Plan plan) {
    if (isRehearsed(plan)) {
      return List.of();
    }
    List<Finding> findings = new ArrayList<>();
    List<PlanItem> build = plan.in(WarmUpPart.BUILD);
    double before = plan.in(WarmUpPart.RAISE).stream().mapToDouble(Check::points).max().orElse(0);
    for (PlanItem item : build) {
      double now = points(item);
      if (now > before + BIG && !isFirstOfASprint(item)) {
        findings.add(
            finding(
                    "A big step up to " + item.name() + ".",
                    "Even steps give legs and lungs time to keep up.")
                .about(item.id()));
      }
      before = Math.max(before, now);
    }
    return findings;
  }

  private static boolean isFirstOfASprint(PlanItem item) {
    int percent = item.target().map(Target::percentOfTop).orElse(0);
    return percent > 0 && percent <= FIRST_OF_A_SPRINT;
  }
}
