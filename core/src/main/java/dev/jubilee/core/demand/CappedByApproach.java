package dev.jubilee.core.demand;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.intensity.Effort;

/** How high the build goes, by school. */
final class CappedByApproach implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (!draft.hasBuild()) {
      return draft;
    }
    Approach.Top top = context.approach().top();
    Effort cap = context.anchors().shareOfTop(top.share());
    if (top.share() < 1 && draft.buildTop().isAbove(cap)) {
      return draft
          .withBuildTop(cap)
          .because("Your approach: the build stops at " + Math.round(100 * top.share()) + " %.");
    }
    // One at full speed is for sprinters; it lifts nobody else, nor a novice's cap.
    boolean isFull =
        top == Approach.Top.FULL
            && context.session().kind().isSprinted()
            && !context.session().sport().isInWater()
            && !context.isNew()
            && !context.hasLoaded(Restriction.Severity.SORE);
    return isFull
        ? draft
            .withBuildTop(context.anchors().shareOfTop(1))
            .because("Your approach: one effort at full speed.")
        : draft;
  }

  @Override
  public String source() {
    return "common practice";
  }
}
