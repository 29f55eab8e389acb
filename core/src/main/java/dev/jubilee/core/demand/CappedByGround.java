package dev.jubilee.core.demand;

/** Nobody runs fast on slippery ground. */
final class CappedByGround implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    boolean isSlippery =
        context.circumstances().isSlippery() && context.session().sport().isOnFoot();
    return draft.hasBuild() && isSlippery
        ? draft.cappedAt(context.anchors().shareOfTop(0.7))
        : draft;
  }

  @Override
  public String source() {
    return "common practice";
  }
}
