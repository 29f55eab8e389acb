package dev.jubilee.core.check;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.session.SessionKind;
import java.util.List;

/** No time to recover between the last effort and an all-out start. */
final class ShortWait extends Check {
  /** s; common practice before an all-out start is 5 to 10 min. */
  private static final int SHORT = 150;

  /** Shorter warm-ups have no room for a long wait, s. */
  private static final int ROOM = 25 * 60;

  ShortWait() {
    super(FindingCode.SHORT_WAIT);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<PlanItem> transition = plan.in(WarmUpPart.TRANSITION);
    int settle = PlanItem.seconds(transition);
    boolean isTrial = plan.request().session().kind() == SessionKind.TIME_TRIAL;
    if (!isTrial
        || settle >= Math.min(SHORT, plan.demand().transitionSeconds())
        || plan.availableSeconds() < ROOM
        || (plan.request().circumstances().isStaged() && plan.roomFor(WarmUpPart.TRANSITION) < ROOM)
        || transition.isEmpty()) {
      return List.of();
    }
    PlanItem item = transition.get(0);
    return List.of(
        finding(
                "Only " + Bounds.clock(settle) + " between the last effort and the start.",
                "A hard effort with short rest harms the one that follows; 5 to 10 min suit an"
                    + " all-out start.")
            .about(item.id())
            .with(Remedy.dose("Wait 5 min", item.id(), 300)));
  }
}
