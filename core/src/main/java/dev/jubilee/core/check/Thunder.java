package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Nobody stays outdoors, or in water, while it thunders. */
final class Thunder extends Check {
  Thunder() {
    super(FindingCode.THUNDER);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Circumstances circumstances = plan.request().circumstances();
    return circumstances.conditions().thunder() && circumstances.place().isOutdoors()
        ? List.of(
            finding(
                "Thunder: not outdoors.",
                "Everybody indoors or into a car, out of and off the water; back 30 min after the"
                    + " last thunder. Venue and federation rules come first."))
        : List.of();
  }
}
