package dev.jubilee.core.check;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.List;

/** Efforts beyond what the session asks. */
final class BuildTooHigh extends Check {
  /** Points above what is asked that a coach would see; Jubilee modelling choice. */
  private static final double SEEN = 8;

  BuildTooHigh() {
    super(FindingCode.BUILD_TOO_HIGH);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    if (plan.demand().efforts() == 0) {
      return findings;
    }
    for (PlanItem item : plan.in(WarmUpPart.BUILD)) {
      if (points(item) > plan.demand().buildTop().points() + SEEN) {
        findings.add(
            removable(
                item,
                item.name() + " is faster than the session asks.",
                "It costs what the session needs; the build ends where the session begins."));
      }
    }
    return findings;
  }
}
