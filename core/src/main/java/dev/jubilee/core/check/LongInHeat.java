package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.List;

/** A long raise in the heat. */
final class LongInHeat extends Check {
  LongInHeat() {
    super(FindingCode.LONG_IN_HEAT);
  }

  @Override
  List<Finding> examine(Plan plan) {
    List<PlanItem> raise = plan.in(WarmUpPart.RAISE);
    Circumstances circumstances = plan.request().circumstances();
    int felt = circumstances.feltTemperature();
    if (felt < Circumstances.HOT_FOR_WORK
        || raise.stream().mapToInt(i -> i.dose().seconds()).sum() <= circumstances.longestRaise()) {
      return List.of();
    }
    PlanItem longest = longest(raise).orElseThrow();
    return List.of(
        finding(
                PlanItem.seconds(raise) / 60
                    + " min of raise at "
                    + felt
                    + " °C"
                    + HotAir.byFeel(circumstances)
                    + ".",
                "The heat does half the work; more of it only tires and dehydrates.")
            .about(longest.id())
            .with(Remedy.dose("Halve it", longest.id(), longest.dose().amount() / 2)));
  }
}
