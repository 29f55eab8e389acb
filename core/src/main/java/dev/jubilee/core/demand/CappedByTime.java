package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.session.SessionKind;

/** No one is taken to top speed, or to the highest jump, in a few minutes. */
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
    boolean isJumped = context.session().kind() == SessionKind.JUMPS;
    boolean isAtTop = isJumped || context.session().kind().isSprinted();
    if (!draft.hasBuild() || minutes >= SHORTEST || !isAtTop) {
      return draft;
    }
    double share = share(minutes, context.hasLoaded(Restriction.Severity.SORE) ? SORE : TOP);
    return draft
        .cappedAt(isJumped ? Effort.of(100 * share) : context.anchors().shareOfTop(share))
        .because("Too short to reach the top: the build stops early, so build into the session.");
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
