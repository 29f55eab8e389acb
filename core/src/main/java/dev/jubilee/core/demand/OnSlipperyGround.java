package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.Circumstances;

/** Nothing fast and no contacts on ice, mud or wet tiles. */
final class OnSlipperyGround implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    Circumstances circumstances = context.circumstances();
    if (!circumstances.isSlippery()) {
      return draft;
    }
    DemandDraft adjusted = draft.withContacts(0);
    return circumstances.place().isWet()
        ? adjusted
        : adjusted.because("Slippery ground: no contacts, nothing fast; build by feel.");
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
