package dev.jubilee.core.check;

import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.sport.TargetMetric;
import java.util.List;

/** A build that stops short of the session. */
final class BuildTooLow extends Check {
  /** Points below what is asked that a coach would see; Jubilee modelling choice. */
  private static final double SEEN = 14;

  BuildTooLow() {
    super(FindingCode.BUILD_TOO_LOW);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<PlanItem> build = plan.in(WarmUpPart.BUILD);
    if (build.isEmpty()
        || AnotherSession.isBetter(plan)
        || plan.demand().efforts() == 0
        || plan.roomFor(WarmUpPart.BUILD) < Demand.ROOM_FOR_A_BUILD) {
      return List.of();
    }
    double top = build.stream().mapToDouble(Check::points).max().orElse(0);
    boolean isByFeel =
        build
            .get(build.size() - 1)
            .target()
            .filter(t -> t.metric() == TargetMetric.FEEL && t.percentOfTop() == 0)
            .isPresent();
    if (isByFeel || top >= plan.demand().buildTop().points() - SEEN) {
      return List.of();
    }
    return List.of(
        finding(
                "The build stops well below the first effort.",
                "The session's first effort would be the first one at that speed.")
            .with(Remedy.refit("Re-fit the build")));
  }
}
