package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.plan.Plan;
import java.util.List;
import java.util.Optional;

/** Swimming in cold water. */
final class ColdWater extends Check {
  ColdWater() {
    super(FindingCode.COLD_WATER);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Conditions conditions = plan.request().circumstances().conditions();
    boolean isSwum =
        plan.request().session().sport().isInWater()
            || plan.items().stream()
                .map(plan::drill)
                .flatMap(Optional::stream)
                .map(Drill::position)
                .anyMatch(p -> p == Position.WATER);
    if (!isSwum || !conditions.isColdWater()) {
      return List.of();
    }
    return List.of(
        finding(
            "Water at " + conditions.water().orElseThrow() + " °C: short and watched.",
            "In slowly, breathing out; somebody watches, nobody swims alone; warm clothing at once"
                + " after."
                + (conditions.wetsuit() ? "" : " A wetsuit, where the rules allow one.")));
  }
}
