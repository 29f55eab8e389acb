package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Nobody stays outdoors, or in water, while it thunders. */
final class Thunder extends Check {
  Thunder() {
    super(FindingCode.THUNDER);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Circumstances circumstances = outdoors(plan);
    return circumstances.conditions().thunder() && isInReach(plan)
        ? List.of(
            forbidden(
                plan,
                "Thunder: not outdoors, nor on or in water.",
                "Everybody indoors or into a car, out of and off the water; back 30 min after the"
                    + " last thunder. Venue and federation rules come first."))
        : List.of();
  }

  /** A crew that warms up in the boathouse goes out from there; pools are cleared too. */
  private static boolean isInReach(Plan plan) {
    Place place = outdoors(plan).place();
    return place.isOutdoors() || place == Place.BOATHOUSE || place == Place.POOL_DECK;
  }
}
