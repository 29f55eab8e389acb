package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.sport.Sport;

/** A lower top over what is sore and loaded by the session. */
final class WithSoreRegions implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (!draft.hasBuild() || !context.hasLoaded(Restriction.Severity.SORE)) {
      return draft;
    }
    Sport sport = context.session().sport();
    Effort cap =
        context.anchors().shareOfTop(sport.isInWater() ? 0.9 : sport.isOnFoot() ? 0.75 : 0.8);
    if (context.session().kind().isSprinted()) {
      return draft
          .cappedAt(cap)
          .because("A sore region that this session loads: the build stops early.");
    }
    return draft
        .cappedAt(cap)
        .cappedAt(draft.firstEffort())
        .because("A sore region that this session loads: nothing faster than the session itself.");
  }

  @Override
  public boolean isDoneElsewhere(DemandContext context) {
    return context.session().kind().isSprinted();
  }

  @Override
  public String source() {
    return "common practice; the shares are Jubilee modelling choices";
  }
}
