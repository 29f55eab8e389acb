package dev.jubilee.core.check;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.Optional;

/** Kit for one in a group. */
final class KitShared extends ItemCheck {
  KitShared() {
    super(FindingCode.KIT_SHARED);
  }

  @Override
  Optional<Finding> examine(Plan plan, PlanItem item, Drill drill) {
    int group = plan.request().circumstances().conditions().group();
    return removableIf(
        drill.kit().stream().anyMatch(Kit::isForOne)
            && !plan.request().circumstances().conditions().sharesKit(),
        item,
        item.name() + " needs kit for each of " + group + ".",
        "While one uses it the others stand and cool.");
  }
}
