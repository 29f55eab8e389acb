package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.Optional;

/** A drill too quick, or too much on one leg, for slippery ground. */
final class SlipperyGround extends ItemCheck {
  SlipperyGround() {
    super(FindingCode.SLIPPERY);
  }

  @Override
  Optional<Finding> examine(Plan plan, PlanItem item, Drill drill) {
    Circumstances circumstances = plan.circumstancesOf(item);
    return removableIf(
        circumstances.isSlippery()
            && !circumstances.place().isWet()
            && (drill.needsGrip() || drill.asksForBalance()),
        item,
        item.name() + " is not for this ground.",
        "Slips hurt.");
  }
}
