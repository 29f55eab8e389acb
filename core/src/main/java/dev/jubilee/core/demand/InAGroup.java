package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.Conditions;

/** A group takes longer to explain to and has less kit for each; the engine does both. */
final class InAGroup implements Adjustment {
  /** Two hear what comes as soon as one does; Jubilee modelling choice. */
  private static final int TAKES_LONGER = 3;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    Conditions conditions = context.circumstances().conditions();
    if (conditions.group() < TAKES_LONGER) {
      return draft;
    }
    String kit = conditions.sharesKit() ? "." : ", no kit that only one can use.";
    return draft.because(
        "A group of " + conditions.group() + ": more time to explain and change" + kit);
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
