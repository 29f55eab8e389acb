package dev.jubilee.core.check;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Bounds;
import java.util.ArrayList;
import java.util.List;

/** Standing about for so long that the warmth goes. */
final class LongWait extends Check {
  /** A passive wait beyond this loses much of the gain, s. */
  private static final int LONG = 15 * 60;

  LongWait() {
    super(FindingCode.LONG_WAIT);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    for (PlanItem item : plan.in(WarmUpPart.TRANSITION)) {
      if (item.dose().seconds() > LONG) {
        Finding finding =
            finding(
                    "A wait of " + Bounds.clock(item.dose().seconds()) + " before the start.",
                    "Muscle cools over 15 to 20 min of rest and much of the gain goes with it:"
                        + " warm layers on, and move whenever you may.")
                .about(item.id());
        // A wait that was entered is how the day is; nothing to undo.
        boolean isEntered = plan.request().circumstances().conditions().waitSeconds() >= LONG;
        findings.add(isEntered ? finding : finding.with(Remedy.dose("Wait 8 min", item.id(), 480)));
      }
    }
    return findings;
  }
}
