package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Wind in which skin freezes. */
final class WindChill extends Check {
  private static final int FREEZING = -15;

  WindChill() {
    super(FindingCode.WIND_CHILL);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Circumstances circumstances = outdoors(plan);
    int felt = circumstances.feltTemperature();
    return felt > FREEZING || felt >= circumstances.temperature()
        ? List.of()
        : List.of(
            finding(
                "Feels like " + felt + " °C in this wind.",
                "Skin freezes; cover it, warm up out of the wind, keep the wait short."));
  }
}
