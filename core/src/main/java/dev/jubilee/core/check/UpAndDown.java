package dev.jubilee.core.check;

import dev.jubilee.core.drill.Position;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Needless getting down to the floor and up again. */
final class UpAndDown extends Check {
  private static final int TOO_OFTEN = 3;

  UpAndDown() {
    super(FindingCode.UP_AND_DOWN);
  }

  @Override
  List<Finding> examine(Plan plan) {
    int down = Changes.count(plan, d -> d.position() == Position.FLOOR);
    return down < TOO_OFTEN
        ? List.of()
        : List.of(
            finding(
                    "Down to the floor " + down + " times.",
                    "Each time costs seconds that nobody counts; do the floor drills together.")
                .with(Remedy.refit("Do the floor drills together")));
  }
}
