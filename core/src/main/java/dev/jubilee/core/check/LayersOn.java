package dev.jubilee.core.check;

import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Cold enough for layers. */
final class LayersOn extends Check {
  static final int COOL = 5;

  LayersOn() {
    super(FindingCode.LAYERS);
  }

  @Override
  List<Finding> examine(Plan plan) {
    int temperature = plan.request().circumstances().temperature();
    boolean isHardCold = isHard(plan) && temperature <= HardCold.COLD;
    return temperature > COOL || isHardCold
        ? List.of()
        : List.of(
            finding(
                "Layers stay on until a light sweat.",
                "When the jacket comes off, the raise is done; put it back on for the wait."));
  }
}
