package dev.jubilee.core.demand;

import dev.jubilee.core.drill.Need;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Sport;

/** Strokes ask for other hips and shoulders. */
final class ForStroke implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (context.session().sport() != Sport.SWIM || context.session().stroke().isEmpty()) {
      return draft;
    }
    return switch (context.session().stroke().get()) {
      case BREASTSTROKE ->
          draft
              .needing(new Need.Mobility(BodyRegion.ADDUCTORS), 2.4)
              .needing(new Need.Mobility(BodyRegion.HIPS), 1)
              .needing(new Need.Mobility(BodyRegion.KNEES), 0.5);
      case BUTTERFLY ->
          draft
              .needing(new Need.Mobility(BodyRegion.CHEST), 0.8)
              .needing(new Need.Mobility(BodyRegion.LOWER_BACK), 1);
      case BACKSTROKE -> draft.needing(new Need.Mobility(BodyRegion.CHEST), 1);
      case FREESTYLE -> draft;
    };
  }

  @Override
  public String source() {
    return "common practice";
  }
}
