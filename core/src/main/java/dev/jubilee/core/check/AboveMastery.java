package dev.jubilee.core.check;

import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.Optional;

/** A harder version than the athlete has mastered. */
final class AboveMastery extends ItemCheck {
  AboveMastery() {
    super(FindingCode.ABOVE_MASTERY);
  }

  @Override
  Optional<Finding> examine(Plan plan, PlanItem item, Drill drill) {
    return removableIf(
        item.block().isChosen() && Eligibility.isAboveMastery(drill, plan.request().athlete()),
        item,
        item.name() + " is above what this athlete has mastered.",
        "A harder version done badly warms up nothing; one rung at a time.");
  }
}
