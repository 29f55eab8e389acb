package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.session.SessionKind;

/** No one is taken to top speed in a few minutes. */
final class CappedByTime implements Adjustment {
  private static final int SHORTEST = 12;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    int minutes =
        context.circumstances().minutes() - context.circumstances().conditions().waitMinutes();
    if (!draft.hasBuild()
        || minutes >= SHORTEST
        || context.session().kind() != SessionKind.SPRINT) {
      return draft;
    }
    boolean isSore = context.hasLoaded(Restriction.Severity.SORE);
    return draft
        .cappedAt(context.anchors().shareOfTop(isSore ? 0.7 : 0.85))
        .because("Too short to reach top speed: the build stops early, so build into the session.");
  }

  @Override
  public String source() {
    return "common practice";
  }
}
