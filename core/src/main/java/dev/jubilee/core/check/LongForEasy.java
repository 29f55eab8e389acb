package dev.jubilee.core.check;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.session.SessionKind;
import java.util.List;

/** More than an easy session deserves. */
final class LongForEasy extends Check {
  private static final int LONG = 12 * 60;

  LongForEasy() {
    super(FindingCode.LONG_FOR_EASY);
  }

  @Override
  List<Finding> examine(Plan plan) {
    boolean isEasy = plan.request().session().kind() == SessionKind.EASY;
    int moving = plan.seconds() - PlanItem.seconds(plan.in(WarmUpPart.TRANSITION));
    if (!isEasy || moving <= LONG || plan.request().circumstances().fill()) {
      return List.of();
    }
    Finding finding =
        finding(
            Bounds.clock(moving) + " before an easy session.",
            "Start slowly instead; five minutes are enough.");
    return List.of(
        longest(plan.in(WarmUpPart.RAISE))
            .map(raise -> finding.with(Remedy.dose("Raise 2 min", raise.id(), 120)))
            .orElse(finding));
  }
}
