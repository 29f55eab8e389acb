package dev.jubilee.core.check;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.simulation.Cost;
import java.util.List;

/** Work above critical intensity that the session needs. */
final class Costly extends Check {
  Costly() {
    super(FindingCode.COSTLY);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<PlanItem> build = plan.in(WarmUpPart.BUILD);
    int hard =
        build.stream()
            .filter(i -> points(i) > Effort.CRITICAL)
            .mapToInt(i -> i.dose().seconds())
            .sum();
    if (plan.demand().efforts() == 0 || hard <= Cost.LONGEST_ABOVE) {
      return List.of();
    }
    PlanItem longest = longest(build).orElseThrow();
    return List.of(
        finding(
                hard + " s above critical intensity before the start.",
                "Work above it uses up what the session needs, and that comes back slowly.")
            .about(longest.id())
            .with(Remedy.remove("Take out the longest", longest.id())));
  }
}
