package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Heat in which heat stroke is possible. */
final class HeatDanger extends Check {
  HeatDanger() {
    super(FindingCode.HEAT_DANGER);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Circumstances circumstances = plan.request().circumstances();
    return HotAir.isDangerous(circumstances)
        ? List.of(
            finding(
                "Feels like " + circumstances.feltTemperature() + " °C: heat stroke is possible.",
                "Go indoors or into shade, move the hard work to a cooler hour; the federation’s"
                    + " and the venue’s heat rules come first. Confusion or no sweat: cool at once,"
                    + " call for help."))
        : List.of();
  }
}
