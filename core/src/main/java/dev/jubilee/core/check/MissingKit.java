package dev.jubilee.core.check;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** A drill that needs what is not here. */
final class MissingKit extends Check {
  MissingKit() {
    super(FindingCode.MISSING_KIT);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    for (PlanItem item : plan.items()) {
      for (Kit kit : plan.drill(item).map(Drill::kit).orElse(Set.of())) {
        if (!plan.circumstancesOf(item).kit().contains(kit)) {
          findings.add(
              removable(
                  item, item.name() + " needs " + kit.words() + ".", "It is not at hand here."));
        }
      }
    }
    return findings;
  }
}
