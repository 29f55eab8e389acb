package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.intensity.Effort;

/** No build on what hurts and is loaded by the session. */
final class WithHurtRegions implements Adjustment {
  /** Nobody spends half an hour around an injury, s; common practice. */
  private static final int LONGEST = 300;

  /** No more than before easy work, °C. */
  private static final double EASY_WARMTH = 0.5;

  /** What is left of the drills; Jubilee modelling choice. */
  private static final double LEFT = 0.4;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    return context.hasLoaded(Restriction.Severity.HURT)
        ? draft
            .withBuildTop(Effort.REST)
            .withRaise(Math.min(draft.raise(), LONGEST))
            .withMobilise(LEFT * draft.mobilise())
            .withActivate(LEFT * draft.activate())
            .withDrill(0)
            .withContacts(0)
            .withWarmth(EASY_WARMTH)
            .because(
                "A painful region that this session loads: a little easy movement and no build;"
                    + " see the caution.")
        : draft;
  }

  @Override
  public boolean isDoneElsewhere(DemandContext context) {
    return true;
  }

  @Override
  public String source() {
    return "common practice";
  }
}
