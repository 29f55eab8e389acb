package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Hard work in thin air. */
final class HighUp extends Check {
  HighUp() {
    super(FindingCode.HIGH_UP);
  }

  @Override
  List<Finding> examine(Plan plan) {
    int metres = plan.request().circumstances().conditions().altitude();
    if (metres < Conditions.HIGH || !isHard(plan)) {
      return List.of();
    }
    return List.of(
        finding(
            "%,d m above the sea.".formatted(metres),
            "The first days are for easy work; drink, and go by breath rather than by the clock."
                + " Headache, sickness or a cough that get worse: go down, and see a licensed"
                + " clinician."));
  }
}
