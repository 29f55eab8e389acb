package dev.jubilee.core.check;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.Optional;
import java.util.function.Predicate;

/** How often a plan changes into a state. */
final class Changes {
  private Changes() {}

  /** How often a drill of which something is true follows one, or nothing, of which it is not. */
  static int count(Plan plan, Predicate<Drill> isIt) {
    int count = 0;
    boolean was = false;
    for (PlanItem item : plan.items()) {
      Optional<Drill> drill = plan.drill(item);
      if (drill.isPresent()) {
        boolean is = isIt.test(drill.get());
        count += is && !was ? 1 : 0;
        was = is;
      }
    }
    return count;
  }
}
