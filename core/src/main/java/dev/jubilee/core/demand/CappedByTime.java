package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Restriction;

/** No one is taken to top speed in a few minutes. */
final class CappedByTime implements Adjustment {
  private static final int SHORTEST = 12;

  /** From here down the build stops lowest, min, and at which share of top. */
  private static final int VERY_SHORT = 8;

  private static final double TOP = 0.85;
  private static final double SORE = 0.7;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    int minutes =
        context.circumstances().minutes() - context.circumstances().conditions().waitMinutes();
    if (!draft.hasBuild() || minutes >= SHORTEST || !context.session().kind().isSprinted()) {
      return draft;
    }
    boolean isSore = context.hasLoaded(Restriction.Severity.SORE);
    return draft
        .cappedAt(context.anchors().shareOfTop(share(minutes, isSore ? SORE : TOP)))
        .because("Too short to reach top speed: the build stops early, so build into the session.");
  }

  /** The fewer the minutes, the lower. */
  private static double share(int minutes, double least) {
    double missing = (double) (SHORTEST - minutes) / (SHORTEST - VERY_SHORT);
    return 1 - Math.min(1, missing) * (1 - least);
  }

  @Override
  public String source() {
    return "common practice";
  }
}
