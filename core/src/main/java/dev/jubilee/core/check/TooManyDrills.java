package dev.jubilee.core.check;

import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.List;

/** Many drills, few graded efforts: a common fault. */
final class TooManyDrills extends Check {
  TooManyDrills() {
    super(FindingCode.TOO_MANY_DRILLS);
  }

  @Override
  List<Finding> examine(Plan plan) {
    int efforts = plan.in(WarmUpPart.BUILD).size();
    long drills =
        plan.items().stream()
            .filter(i -> i.block().isChosen() && i.block() != WarmUpPart.RELEASE)
            .map(PlanItem::drillId)
            .distinct()
            .count();
    if (plan.demand().efforts() == 0
        || efforts == 0
        || drills <= Demand.mostDrills(efforts, plan.request().approach())) {
      return List.of();
    }
    return List.of(
        finding(
            drills + " drills for " + efforts + " graded efforts.",
            "Many drills tire; graded efforts prepare. Take drills out or add an effort."));
  }
}
