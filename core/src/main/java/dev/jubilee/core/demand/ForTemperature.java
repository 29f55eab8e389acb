package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.Circumstances;

/** Longer raise in the cold, less of all in the heat, by what the air feels like. */
final class ForTemperature implements Adjustment {
  /** Share of the raise that each degree below cold adds, and the most of them all. */
  private static final double A_DEGREE = 0.025;

  private static final double MOST_LONGER = 0.4;

  /** From here on the raise begins to be shorter, °C. */
  private static final int WARM = 20;

  /** How much shorter it is where it is hot, and how much less is mobilised. */
  private static final double SHORTER = 0.25;

  private static final double LESS = 0.1;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    Circumstances circumstances = context.circumstances();
    int felt = circumstances.feltTemperature();
    String feels = felt == circumstances.temperature() ? ", " : ", feels like ";
    if (felt < Circumstances.COLD) {
      double longer = Math.min(MOST_LONGER, A_DEGREE * (Circumstances.COLD - felt));
      return draft
          .withRaise(draft.raise() * (1 + longer))
          .because("Cold" + feels + felt + " °C: a longer raise.");
    }
    double shorter = Math.min(1, (double) (felt - WARM) / (Circumstances.HOT + 1 - WARM));
    if (shorter <= 0) {
      return draft;
    }
    DemandDraft warm =
        draft
            .withRaise(draft.raise() * (1 - shorter * SHORTER))
            .withMobilise(draft.mobilise() * (1 - shorter * LESS));
    return felt > Circumstances.HOT
        ? warm.because("Hot" + feels + felt + " °C: shorter raise, less total work.")
        : warm;
  }

  @Override
  public String source() {
    return "common practice; the figures are Jubilee modelling choices";
  }
}
