package dev.jubilee.core.demand;

import dev.jubilee.core.drill.Need;
import dev.jubilee.core.sport.BodyRegion;

/** Uphill runs live from ankles and calves; downhill ones land hard enough by themselves. */
final class OnASlope implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    boolean isRun = context.session().sport().isOnFoot() && !context.session().kind().isOnLand();
    if (!isRun) {
      return draft;
    }
    if (context.circumstances().conditions().isUphill()) {
      return draft
          .needing(new Need.AnkleRange(Need.AnkleRange.Foot.BENT), 1)
          .needing(new Need.Mobility(BodyRegion.HIP_FLEXORS), 0.8)
          .withContacts(draft.contacts() / 2)
          .because("Uphill: ankles and front of the hips first, Achilles and calves are loaded.");
    }
    return context.circumstances().conditions().isDownhill()
        ? draft
            .withContacts(draft.contacts() / 3)
            .because("Downhill: the running lands hard enough, so few contacts before.")
        : draft;
  }

  @Override
  public String source() {
    return "common practice; the shares are Jubilee modelling choices";
  }
}
