package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.Circumstances;

/** Longer raise in the cold, less of all in the heat, by what the air feels like. */
final class ForTemperature implements Adjustment {
  /** Share of the raise that each degree below cold adds, and the most of them all. */
  private static final double A_DEGREE = 0.025;

  private static final double MOST_LONGER = 0.4;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    Circumstances circumstances = context.circumstances();
    int felt = circumstances.feltTemperature();
    String feels = felt == circumstances.temperature() ? ", " : ", feels like ";
    if (felt < Circumstances.COLD) {
      double longer = Math.min(MOST_LONGER, A_DEGREE * (Circumstances.COLD - felt));
      return draft
          .withRaise(draft.raise() * (1 + longer))
          .because(
              "Cold"
                  + feels
                  + felt
                  + " °C: the raise is "
                  + Math.round(100 * longer)
                  + " % longer.");
    }
    if (felt > Circumstances.HOT) {
      return draft
          .withRaise(draft.raise() * 0.75)
          .withMobilise(draft.mobilise() * 0.9)
          .because("Hot" + feels + felt + " °C: shorter raise, less total work.");
    }
    return draft;
  }

  @Override
  public String source() {
    return "common practice; the figures are Jubilee modelling choices";
  }
}
