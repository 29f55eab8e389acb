package dev.jubilee.core.check;

import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** A band put on more than once. */
final class BandOnAndOff extends Check {
  private static final int TOO_OFTEN = 2;

  BandOnAndOff() {
    super(FindingCode.BAND_ON_AND_OFF);
  }

  @Override
  List<Finding> examine(Plan plan) {
    int band = Changes.count(plan, d -> d.kit().contains(Kit.MINI_BAND));
    return band < TOO_OFTEN
        ? List.of()
        : List.of(
            finding("The band goes on " + band + " times.", "Do the band drills together.")
                .with(Remedy.refit("Do the band drills together")));
  }
}
