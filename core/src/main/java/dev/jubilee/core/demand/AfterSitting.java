package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.sport.BodyRegion;

/** From bed, desk or car: front of the hips, glutes, chest and shoulders, and more time. */
final class AfterSitting implements Adjustment {
  private static final int LONGER = 60;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    ComingFrom from = context.circumstances().comingFrom();
    if (from == ComingFrom.MOVING) {
      return draft;
    }
    return draft
        .withRaise(draft.raise() + LONGER)
        .withMobilise(draft.mobilise() + LONGER)
        .needing(new Need.Mobility(BodyRegion.HIP_FLEXORS), 1.5)
        .needing(new Need.Mobility(BodyRegion.GLUTES), 1)
        .needing(new Need.Mobility(BodyRegion.CHEST), 1)
        .needing(new Need.Mobility(BodyRegion.SHOULDERS), 0.8)
        .because(
            switch (from) {
              case BED -> "Just out of bed";
              case DESK -> "Straight from a desk";
              case LONG_DRIVE -> "After a long drive";
              case MOVING -> throw new IllegalStateException();
            },
            BodyRegion.HIP_FLEXORS,
            BodyRegion.GLUTES,
            BodyRegion.CHEST,
            BodyRegion.SHOULDERS);
  }

  @Override
  public String source() {
    return "common practice";
  }
}
