package dev.jubilee.core.demand;

/** Novices and those back after a lay-off are not taken to top speed. */
final class CappedByLevel implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    return draft.hasBuild() && context.isNew()
        ? draft.cappedAt(context.anchors().shareOfTop(0.9))
        : draft;
  }

  @Override
  public String source() {
    return "common practice";
  }
}
