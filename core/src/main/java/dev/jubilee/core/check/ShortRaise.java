package dev.jubilee.core.check;

import dev.jubilee.core.build.Raise;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Bounds;
import java.util.List;

/** Nothing, or not enough, that lifts temperature. */
final class ShortRaise extends Check {
  ShortRaise() {
    super(FindingCode.SHORT_RAISE);
  }

  @Override
  List<Finding> examine(Plan plan) {
    int raise = PlanItem.seconds(plan.in(WarmUpPart.RAISE));
    if (!isHard(plan)
        || raise >= plan.demand().leastRaise()
        || plan.roomFor(WarmUpPart.RAISE) < Demand.ROOM_FOR_A_RAISE
        || nothingIsPossible(plan)) {
      return List.of();
    }
    return List.of(
        finding(
                raise == 0
                    ? "Nothing lifts temperature."
                    : "Only " + Bounds.clock(raise) + " of raise.",
                "Muscle temperature needs 3 to 5 min to rise and about 10 to level.")
            .with(Remedy.refit("Re-fit")));
  }

  /** No movement is left that works nothing painful; what to do then is said elsewhere. */
  private static boolean nothingIsPossible(Plan plan) {
    return new Raise(plan.request(), plan.library(), plan.anchors(), plan.demand())
        .main()
        .isEmpty();
  }
}
