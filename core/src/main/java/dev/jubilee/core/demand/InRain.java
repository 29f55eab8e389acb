package dev.jubilee.core.demand;

/** Rain outdoors. */
final class InRain implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    boolean isRaining =
        context.circumstances().conditions().wet() && context.circumstances().place().isOutdoors();
    return isRaining
        ? draft
            .withRaise(draft.raise() + 60)
            .because("Rain: nothing on the ground, a minute more of raise, layers on.")
        : draft;
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
