package dev.jubilee.core.demand;

import dev.jubilee.core.sport.Level;

/** Novices do less of everything, so that it stays a warm-up; advanced athletes more. */
final class ForLevel implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (context.athlete().level() == Level.NOVICE) {
      int efforts = Math.max(Math.min(draft.efforts(), 2), draft.efforts() - 1);
      return draft
          .withRaise(draft.raise() * 0.85)
          .withMobilise(draft.mobilise() * 0.85)
          .withDrill(draft.drill() * 0.6)
          .withEfforts(efforts)
          .because(
              "Novice: shorter, fewer drills and one effort less, so that it stays a warm-up.");
    }
    if (context.athlete().level() == Level.ADVANCED && context.isHard()) {
      return draft.withMobilise(draft.mobilise() * 1.1).withDrill(draft.drill() * 1.15);
    }
    return draft;
  }

  @Override
  public String source() {
    return "common practice";
  }
}
