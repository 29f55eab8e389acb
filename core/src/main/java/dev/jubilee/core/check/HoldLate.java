package dev.jubilee.core.check;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.List;

/** A held stretch after the drills. */
final class HoldLate extends Check {
  HoldLate() {
    super(FindingCode.HOLD_LATE);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    boolean isLate = false;
    for (PlanItem item : plan.items()) {
      isLate |= item.block() == WarmUpPart.DRILL || item.block() == WarmUpPart.BUILD;
      boolean isHeld =
          item.block().isChosen() && plan.drill(item).filter(Drill::isHeld).isPresent();
      if (isHeld && isLate) {
        findings.add(
            removable(
                item,
                item.name() + " comes after the drills.",
                "Held stretches belong early and are followed by movement."));
      }
    }
    return findings;
  }
}
