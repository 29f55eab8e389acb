package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.Conditions;

/** A wait before the start is kept free. */
final class WithAWait implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    Conditions conditions = context.circumstances().conditions();
    int minutes = conditions.waitMinutes();
    if (60 * minutes <= draft.transition()) {
      return draft;
    }
    return draft
        .withTransition(60 * minutes)
        .because(
            minutes
                + " min of waiting before the start are kept free"
                + (conditions.isLongWait() ? ", with a top-up near their end." : "."));
  }

  @Override
  public String source() {
    return "common practice";
  }
}
