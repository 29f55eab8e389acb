package dev.jubilee.core.check;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.session.SessionKind;
import java.util.Optional;
import java.util.Set;

/** Something new when it counts. */
final class NewToday extends ItemCheck {
  NewToday() {
    super(FindingCode.NEW_TODAY);
  }

  @Override
  Optional<Finding> examine(Plan plan, PlanItem item, Drill drill) {
    Set<String> lastTime = plan.request().lastTime();
    boolean isNew = !lastTime.isEmpty() && !lastTime.contains(drill.id());
    return removableIf(
        item.block().isChosen()
            && isNew
            && plan.request().session().kind() == SessionKind.TIME_TRIAL
            && item.lock().keepsDrill(),
        item,
        item.name() + " was not in the last rehearsal.",
        "Nothing new when it counts.");
  }
}
