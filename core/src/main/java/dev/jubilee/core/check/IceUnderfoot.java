package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.SessionKind;
import java.util.List;

/** A run or jumps on ground where nobody should go faster than a walk. */
final class IceUnderfoot extends Check {
  IceUnderfoot() {
    super(FindingCode.ICE_UNDERFOOT);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Circumstances circumstances = outdoors(plan);
    SessionKind kind = plan.request().session().kind();
    boolean isOnFoot =
        kind == SessionKind.JUMPS
            || (plan.request().session().sport().isOnFoot() && kind != SessionKind.GYM);
    boolean isSlippery = circumstances.conditions().surface() == Conditions.Surface.SLIPPERY;
    boolean isMoved = plan.request().circumstances().movedFrom().isPresent();
    return isSlippery && (isOnFoot || isMoved)
        ? List.of(
            forbidden(
                plan,
                "Slippery ground: nothing faster than a walk.",
                "Slips hurt. Hold the session indoors too, or choose another."))
        : List.of();
  }
}
