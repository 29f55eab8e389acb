package dev.jubilee.core.check;

import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.SessionKind;
import java.util.List;

/** Too few graded efforts before an all-out start. */
final class FewEfforts extends Check {
  FewEfforts() {
    super(FindingCode.FEW_EFFORTS);
  }

  @Override
  List<Finding> examine(Plan plan) {
    int efforts = plan.in(WarmUpPart.BUILD).size();
    SessionKind kind = plan.request().session().kind();
    if (!kind.isAllOut()
        || efforts == 0
        || efforts >= Math.min(Demand.ENOUGH_EFFORTS, plan.demand().efforts())
        || plan.roomFor(WarmUpPart.BUILD) < Demand.ROOM_FOR_A_BUILD) {
      return List.of();
    }
    return List.of(
        finding(
                efforts + " graded efforts before " + kind.words() + ".",
                "Four at 70, 80, 90 and 100 % are usual; from nothing to full speed is not.")
            .with(Remedy.refit("Re-fit the build")));
  }
}
