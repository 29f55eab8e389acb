package dev.jubilee.core.check;

import dev.jubilee.core.plan.Plan;
import java.util.List;

/** No result to make targets from. */
final class TargetsByFeel extends Check {
  TargetsByFeel() {
    super(FindingCode.BY_FEEL);
  }

  @Override
  List<Finding> examine(Plan plan) {
    if (plan.anchors().known() && plan.request().session().asksForMass()) {
      return List.of(
          finding(
              "Watts for each kilogram, of a body that nobody weighed: read as threshold.",
              "A body mass on the athlete's page turns them into watts."));
    }
    return plan.anchors().known()
        ? List.of()
        : List.of(
            finding(
                "No test result in this sport: targets are by feel.",
                "A race or test result turns them into paces, watts or splits."));
  }
}
