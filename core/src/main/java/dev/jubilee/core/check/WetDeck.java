package dev.jubilee.core.check;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.Optional;

/** A drill that is not for a wet deck. */
final class WetDeck extends ItemCheck {
  WetDeck() {
    super(FindingCode.WET_DECK);
  }

  @Override
  Optional<Finding> examine(Plan plan, PlanItem item, Drill drill) {
    return removableIf(
        plan.circumstancesOf(item).place().isWet() && !drill.suitsWetDeck(),
        item,
        item.name() + " is not for a wet deck.",
        "Nothing fast and no running drills where it is wet.");
  }
}
