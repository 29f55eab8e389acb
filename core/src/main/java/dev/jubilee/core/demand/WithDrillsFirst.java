package dev.jubilee.core.demand;

import dev.jubilee.core.approach.Approach;

/** The school for which technique drills are the warm-up. */
final class WithDrillsFirst implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (context.approach().first() != Approach.First.DRILLS || !context.isHard()) {
      return draft;
    }
    return draft
        .withRaise(draft.raise() * 0.5)
        .withDrill(draft.drill() * 1.5)
        .because("The drills are the warm-up here: half the raise, more technique.");
  }

  @Override
  public String source() {
    return "common practice";
  }
}
