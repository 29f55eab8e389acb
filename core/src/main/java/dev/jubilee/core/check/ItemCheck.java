package dev.jubilee.core.check;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Looks at each item whose drill is known, by itself. */
abstract class ItemCheck extends Check {
  ItemCheck(FindingCode code) {
    super(code);
  }

  /** What is wrong with one item, if anything. */
  abstract Optional<Finding> examine(Plan plan, PlanItem item, Drill drill);

  @Override
  final List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    for (PlanItem item : plan.items()) {
      plan.drill(item).flatMap(drill -> examine(plan, item, drill)).ifPresent(findings::add);
    }
    return findings;
  }

  final Optional<Finding> removableIf(boolean isWrong, PlanItem item, String what, String why) {
    return isWrong ? Optional.of(removable(item, what, why)) : Optional.empty();
  }
}
