package dev.jubilee.core.demand;

import dev.jubilee.core.approach.Approach;

/** Schools of more drills or of more graded efforts. */
final class ForBalance implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    Approach.Balance balance = context.approach().balance();
    if (draft.drill() <= 0 || balance == Approach.Balance.EVEN) {
      return draft;
    }
    return draft
        .withDrill(draft.drill() * balance.drills())
        .withEfforts(Math.max(1, draft.efforts() + balance.efforts()))
        .because(
            balance == Approach.Balance.DRILLS
                ? "Your approach: more drills, fewer graded efforts."
                : "Your approach: fewer drills, more graded efforts.");
  }

  @Override
  public String source() {
    return "common practice";
  }
}
