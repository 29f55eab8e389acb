package dev.jubilee.core.check;

import dev.jubilee.core.build.Ramp;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** From nothing to full speed. */
final class NoBuild extends Check {
  NoBuild() {
    super(FindingCode.NO_BUILD);
  }

  @Override
  List<Finding> examine(Plan plan) {
    if (AnotherSession.isBetter(plan)
        || plan.demand().efforts() == 0
        || !plan.in(WarmUpPart.BUILD).isEmpty()
        || nothingIsPossible(plan)) {
      return List.of();
    }
    return List.of(
        finding(
                "No graded effort before a hard session.",
                "Going from easy to full speed is the commonest way to spoil the first effort.")
            .with(Remedy.refit("Re-fit with a build")));
  }

  /** Here, with this kit, for this athlete; the verdict says to ease into the first effort. */
  private static boolean nothingIsPossible(Plan plan) {
    return new Ramp(plan.request(), plan.library(), plan.anchors(), plan.demand())
        .ideal()
        .isEmpty();
  }
}
