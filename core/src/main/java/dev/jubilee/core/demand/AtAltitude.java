package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.Conditions;

/** High up one recovers more slowly; targets fall by themselves, as what can be held does. */
final class AtAltitude implements Adjustment {
  /** More of the rests for each 1000 m above {@link Conditions#HIGH}; Jubilee modelling choice. */
  private static final double LONGER = 0.25;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    int metres = context.circumstances().conditions().altitude();
    if (metres < Conditions.HIGH) {
      return draft;
    }
    double longer = 1 + LONGER * (1 + (metres - Conditions.HIGH) / 1000.0) / 2;
    DemandDraft rested = draft.withRestSeconds((int) Math.round(longer * draft.restSeconds()));
    String rests = rested.restSeconds() > draft.restSeconds() ? ", and the rests are longer." : ".";
    return context.isHard()
        ? rested.because("High up: what is held for minutes is less" + rests)
        : rested;
  }

  @Override
  public boolean isDoneElsewhere(DemandContext context) {
    return true;
  }

  @Override
  public String source() {
    return "Wehrlin & Hallén 2006 (from memory) for what is lost; the rests are a Jubilee modelling"
        + " choice";
  }
}
