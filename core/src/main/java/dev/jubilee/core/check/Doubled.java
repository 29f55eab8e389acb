package dev.jubilee.core.check;

import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The same drill twice, other than in a round. */
final class Doubled extends Check {
  Doubled() {
    super(FindingCode.DOUBLED);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    for (PlanItem item : plan.items()) {
      boolean isKnown = item.block().isChosen() && plan.drill(item).isPresent();
      if (isKnown && !seen.add(item.drillId()) && !item.isRepeat()) {
        findings.add(
            removable(
                item,
                item.name() + " is in twice.",
                "Something else would prepare more in the same minutes."));
      }
    }
    return findings;
  }
}
