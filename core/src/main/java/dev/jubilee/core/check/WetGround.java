package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.Optional;

/** A drill on the floor where the ground is wet. */
final class WetGround extends ItemCheck {
  WetGround() {
    super(FindingCode.WET_GROUND);
  }

  @Override
  Optional<Finding> examine(Plan plan, PlanItem item, Drill drill) {
    Circumstances circumstances = plan.circumstancesOf(item);
    return removableIf(
        circumstances.place().allowsFloor()
            && !circumstances.allowsFloor()
            && drill.position() == Position.FLOOR,
        item,
        item.name() + " is on wet ground.",
        "Wet clothes cool fast.");
  }
}
