package dev.jubilee.core.check;

import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.quantity.Bounds;
import java.util.List;

/** The plan takes longer than there is. */
final class OverTime extends Check {
  OverTime() {
    super(FindingCode.OVER_TIME);
  }

  @Override
  List<Finding> examine(Plan plan) {
    int over = plan.seconds() - plan.availableSeconds();
    if (over <= 0) {
      return List.of();
    }
    int needed = (plan.seconds() + 59) / 60;
    boolean isAllLocked = plan.items().stream().allMatch(i -> i.lock().keepsDrill());
    Finding finding =
        finding(
            "The plan takes " + Bounds.clock(plan.seconds()) + ", " + Bounds.clock(over) + " over.",
            isAllLocked
                ? "Everything in it is locked: unlock or take out something, or allow "
                    + needed
                    + " min."
                : "A plan that overruns eats the session or is cut at random.");
    return List.of(
        isAllLocked
            ? finding
            : finding.with(
                Remedy.refit("Re-fit to " + plan.request().circumstances().minutes() + " min")));
  }
}
