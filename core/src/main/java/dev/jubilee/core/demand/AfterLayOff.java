package dev.jubilee.core.demand;

/** A warm-up must not be a workout for the deconditioned. */
final class AfterLayOff implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (!context.athlete().deconditioned()) {
      return draft;
    }
    return draft
        .withRaise(draft.raise() * 0.8)
        .withDrill(draft.drill() * 0.5)
        .withEfforts(Math.min(draft.efforts(), 3))
        .cappedAt(draft.firstEffort())
        .because("Back after a lay-off: the easier rung everywhere and less of it.");
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
