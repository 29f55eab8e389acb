package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.intensity.Effort;

/** No build on what hurts and is loaded by the session. */
final class WithHurtRegions implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    return draft.hasBuild() && context.hasLoaded(Restriction.Severity.HURT)
        ? draft
            .withBuildTop(Effort.REST)
            .because("A painful region that this session loads: no build; see the caution.")
        : draft;
  }

  @Override
  public String source() {
    return "common practice";
  }
}
