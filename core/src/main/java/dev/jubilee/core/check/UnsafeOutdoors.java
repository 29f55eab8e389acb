package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Cold or heat in which by published limits nothing, or nothing hard, is done outdoors. */
final class UnsafeOutdoors extends Check {
  UnsafeOutdoors() {
    super(FindingCode.UNSAFE_OUTDOORS);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Circumstances circumstances = outdoors(plan);
    String feels = "Feels like " + circumstances.feltTemperature() + " °C: ";
    if (circumstances.isFeltUnsafe()) {
      boolean isCold = circumstances.feltTemperature() < 0;
      return List.of(
          finding(
              feels + "not outdoors.",
              (isCold
                      ? "Skin freezes in 10 to 30 min."
                      : "Heat stroke is likely, whatever the work.")
                  + " Go indoors or put the session off; venue and federation rules come first."));
    }
    return isHard(plan) && circumstances.isOnlyForEasyWork()
        ? List.of(
            finding(
                feels + "only easy and short work outdoors.",
                "Hard work in such heat ends in heat stroke. Go indoors, or move it to a cooler"
                    + " hour; venue and federation rules come first."))
        : List.of();
  }
}
