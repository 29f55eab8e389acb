package dev.jubilee.core.demand;

import dev.jubilee.core.intensity.Curve;

/**
 * Children learn and play, and are not taken to their limits; masters take longer to warm, land
 * less and climb in smaller steps.
 */
final class ForAge implements Adjustment {
  /** From here on, years; common practice. */
  static final int MASTERS = 50;

  /** Shares of the usual; Jubilee modelling choices. */
  private static final double YOUNG_RAISE = 0.75;

  /** Common practice. */
  private static final int SOFT_CONTACTS = 30;

  /** What of the contacts is left as the years go on. */
  private static final double[] YEARS = {50, 60, 70, 80};

  private static final double[] CONTACTS = {0.6, 0.45, 0.25, 0.1};

  private static final double LONGER = 1.15;
  private static final double TOP = 0.85;
  private static final int LEAST_FOR_ANOTHER_STEP = 3;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    int age = context.athlete().ageYears();
    if (age < DemandContext.YOUNG) {
      return capped(draft, context)
          .withRaise(YOUNG_RAISE * draft.raise())
          .withContacts(Math.min(SOFT_CONTACTS, draft.contacts() / 2))
          .because(
              "Under "
                  + DemandContext.YOUNG
                  + ": short and varied, nothing maximal, few and soft contacts.");
    }
    if (age < MASTERS) {
      return draft;
    }
    boolean isBuilt = draft.hasBuild() && draft.efforts() >= LEAST_FOR_ANOTHER_STEP;
    DemandDraft longer =
        draft
            .withRaise(LONGER * draft.raise())
            .withContacts((int) (draft.contacts() * Curve.at(age, YEARS, CONTACTS)))
            .withEfforts(isBuilt ? draft.efforts() + 1 : draft.efforts());
    return context.isHard()
        ? longer.because(
            "From " + MASTERS + " on: a longer raise, one step more of the build, fewer contacts.")
        : longer;
  }

  private static DemandDraft capped(DemandDraft draft, DemandContext context) {
    return draft.hasBuild() ? draft.cappedAt(context.anchors().shareOfTop(TOP)) : draft;
  }

  @Override
  public boolean isDoneElsewhere(DemandContext context) {
    return context.athlete().ageYears() < DemandContext.YOUNG;
  }

  @Override
  public String source() {
    return "common practice; the shares are Jubilee modelling choices";
  }
}
