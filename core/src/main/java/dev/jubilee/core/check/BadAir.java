package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.demand.HealthRules;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Air that is unhealthy for everyone, or for this athlete. */
final class BadAir extends Check {
  BadAir() {
    super(FindingCode.BAD_AIR);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Circumstances circumstances = outdoors(plan);
    if (!circumstances.place().isOutdoors()) {
      return List.of();
    }
    String index = "Air quality index " + circumstances.conditions().airQuality().orElse(0) + ": ";
    if (circumstances.isAirAbove(Circumstances.UNHEALTHY_AIR)) {
      return List.of(
          forbidden(
              plan,
              index + "not outdoors.",
              "Unhealthy for everyone who breathes hard. Hold the session indoors too, or put it off."));
    }
    boolean isForSome =
        circumstances.isAirAbove(Circumstances.UNHEALTHY_FOR_SOME)
            && HealthRules.isSensitiveToAir(plan.request().athlete());
    return isForSome
        ? List.of(
            forbidden(
                plan,
                index + "too much for this athlete outdoors.",
                "Unhealthy for the young, in pregnancy, and with asthma or heart disease. Hold the"
                    + " session indoors too, or put it off."))
        : List.of();
  }
}
