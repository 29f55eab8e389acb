package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.FeltAir;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Heat. */
final class HotAir extends Check {
  HotAir() {
    super(FindingCode.HEAT);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Circumstances circumstances = plan.request().circumstances();
    int felt = circumstances.feltTemperature();
    if (felt < Circumstances.HOT_FOR_WORK
        || circumstances.temperature() <= LayersOn.COOL
        || isDangerous(circumstances)) {
      return List.of();
    }
    return List.of(
        finding(
            felt + " °C" + byFeel(circumstances) + ": shade, drink, less work.",
            "Stop at dizziness, chills or confusion and get help."));
  }

  /** Where the heat index puts danger; a dry 41 °C is merely hot. */
  static boolean isDangerous(Circumstances circumstances) {
    int felt = circumstances.feltTemperature();
    return felt >= FeltAir.DANGEROUS && felt > circumstances.temperature();
  }

  static String byFeel(Circumstances circumstances) {
    return circumstances.feltTemperature() == circumstances.temperature() ? "" : " by feel";
  }
}
