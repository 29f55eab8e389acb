package dev.jubilee.core.demand;

/** In cold water one swims briefly; what is missing is done on land. */
final class InColdWater implements Adjustment {
  private static final int LEAST_EFFORTS = 2;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (!Demand.isColdSwim(context.session(), context.circumstances())) {
      return draft;
    }
    double swum = Math.min(draft.raise(), Demand.COLD_SWIM);
    int efforts = Math.min(draft.efforts(), LEAST_EFFORTS);
    return draft
        .withRaise(swum)
        .withMobilise(draft.mobilise() + (draft.raise() - swum) / 2)
        .withActivate(draft.activate() + (draft.raise() - swum) / 2)
        // Technique is for warmer water.
        .withDrill(0)
        .withEfforts(efforts)
        .withPriming(0)
        .because(
            "Water at "
                + context.circumstances().conditions().water().orElseThrow()
                + " °C: a short swim, more of it on land.");
  }

  @Override
  public String source() {
    return "common practice; the figures are Jubilee modelling choices";
  }
}
