package dev.jubilee.core.demand;

/** A group takes longer to explain to and has less kit for each; the engine does both. */
final class InAGroup implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    int group = context.circumstances().conditions().group();
    return group > 1
        ? draft.because(
            "A group of "
                + group
                + ": more time to explain and change, no kit that only one can use.")
        : draft;
  }

  @Override
  public boolean isDoneElsewhere() {
    return true;
  }

  @Override
  public String source() {
    return "common practice";
  }
}
