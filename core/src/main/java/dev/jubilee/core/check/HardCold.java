package dev.jubilee.core.check;

import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Hard work in hard cold. */
final class HardCold extends Check {
  static final int COLD = -5;

  HardCold() {
    super(FindingCode.HARD_COLD);
  }

  @Override
  List<Finding> examine(Plan plan) {
    int temperature = plan.request().circumstances().temperature();
    return !isHard(plan) || temperature > COLD
        ? List.of()
        : List.of(
            finding(
                temperature + " °C before " + plan.request().session().kind().words() + ".",
                "Warm up indoors if you can, cover skin, mouth and hands, keep the wait short; ease"
                    + " the session if breathing hurts or muscles stay tight."));
  }
}
