package dev.jubilee.core.demand;

import dev.jubilee.core.approach.Approach;

/** The school that moves every joint, slowly and by itself, before anything else. */
final class WithJointsFirst implements Adjustment {
  /** Eight joints, 20 to 40 s each with the change to the next, s; common practice. */
  private static final int ALL_JOINTS = 240;

  /** So much of what is mobilised otherwise is done with that; Jubilee modelling choice. */
  private static final double DONE = 0.4;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (context.approach().first() != Approach.First.JOINTS) {
      return draft;
    }
    double others = context.isHard() ? (1 - DONE) * draft.mobilise() : 0;
    return draft
        .withMobilise(ALL_JOINTS + others)
        .because("Each joint first, slowly, from the ankles up.");
  }

  @Override
  public boolean isDoneElsewhere(DemandContext context) {
    return true;
  }

  @Override
  public String source() {
    return "common practice";
  }
}
