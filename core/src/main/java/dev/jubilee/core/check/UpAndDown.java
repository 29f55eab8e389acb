package dev.jubilee.core.check;

import dev.jubilee.core.drill.Position;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
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
    // Once for each part of the warm-up that has work on the floor is not needless.
    long parts =
        plan.items().stream()
            .filter(i -> plan.drill(i).filter(d -> d.position() == Position.FLOOR).isPresent())
            .map(PlanItem::block)
            .distinct()
            .count();
    return down < TOO_OFTEN || down <= parts
        ? List.of()
        : List.of(
            finding(
                    "Down to the floor " + down + " times.",
                    "Each time costs seconds that nobody counts; do the floor drills together.")
                .with(Remedy.refit("Do the floor drills together")));
  }
}
