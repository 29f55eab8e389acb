package dev.jubilee.core.demand;

import dev.jubilee.core.drill.Need;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Stroke;
import java.util.List;

/** Strokes ask for other hips and shoulders. */
final class ForStroke implements Adjustment {
  /** What a stroke asks for that is swum for a leg only; Jubilee modelling choice. */
  private static final double AMONG_OTHERS = 0.5;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (!context.session().sport().isInWater() || context.session().stroke().isEmpty()) {
      return draft;
    }
    DemandDraft adjusted = draft;
    List<Stroke> legs = context.session().stroke().get().legs();
    for (Stroke leg : legs) {
      adjusted = forLeg(adjusted, leg, legs.size() > 1 ? AMONG_OTHERS : 1);
    }
    return adjusted;
  }

  private static DemandDraft forLeg(DemandDraft draft, Stroke leg, double share) {
    return switch (leg) {
      case BREASTSTROKE ->
          draft
              .needing(new Need.Mobility(BodyRegion.ADDUCTORS), 2.4 * share)
              .needing(new Need.Mobility(BodyRegion.HIPS), share)
              .needing(new Need.Mobility(BodyRegion.KNEES), 0.5 * share)
              .needing(new Need.AnkleRange(Need.AnkleRange.Foot.BENT), share);
      case BUTTERFLY ->
          draft
              .needing(new Need.Mobility(BodyRegion.CHEST), 0.8 * share)
              .needing(new Need.Mobility(BodyRegion.LOWER_BACK), share);
      case BACKSTROKE -> draft.needing(new Need.Mobility(BodyRegion.CHEST), share);
      case FREESTYLE, MEDLEY -> draft;
    };
  }

  @Override
  public String source() {
    return "common practice";
  }
}
