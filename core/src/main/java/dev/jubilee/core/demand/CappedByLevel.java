package dev.jubilee.core.demand;

import dev.jubilee.core.sport.Level;

/** Novices and those back after a lay-off are not taken to top speed. */
final class CappedByLevel implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    boolean isNew = context.athlete().level() == Level.NOVICE || context.athlete().deconditioned();
    return draft.hasBuild() && isNew ? draft.cappedAt(context.anchors().shareOfTop(0.9)) : draft;
  }

  @Override
  public String source() {
    return "common practice";
  }
}
