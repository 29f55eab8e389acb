package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.intensity.Effort;

/** A lower top over what is sore and loaded by the session. */
final class WithSoreRegions implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (!draft.hasBuild() || !context.hasLoaded(Restriction.Severity.SORE)) {
      return draft;
    }
    boolean isSwim = context.session().sport().isInWater();
    Effort cap = context.anchors().shareOfTop(isSwim ? 0.9 : 0.8);
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
  public String source() {
    return "common practice; the shares are Jubilee modelling choices";
  }
}
