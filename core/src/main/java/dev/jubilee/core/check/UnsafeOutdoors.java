package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Cold or heat in which nothing is done outdoors. */
final class UnsafeOutdoors extends Check {
  UnsafeOutdoors() {
    super(FindingCode.UNSAFE_OUTDOORS);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Circumstances circumstances = outdoors(plan);
    if (!circumstances.isFeltUnsafe()) {
      return List.of();
    }
    int felt = circumstances.feltTemperature();
    return List.of(
        forbidden(
            plan,
            "Feels like " + felt + " °C: not outdoors.",
            (felt < 0
                    ? "Skin freezes within half an hour."
                    : "Hard work in such heat ends in heat stroke.")
                + " Hold the session indoors too, or put it off; venue and federation rules come"
                + " first."));
  }
}
