package dev.jubilee.core.demand;

import dev.jubilee.core.drill.Need;
import dev.jubilee.core.session.BarHold;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** Where the bar is held decides what must move to hold it there. */
final class ForLift implements Adjustment {
  /** s for each region; Jubilee modelling choice. */
  private static final int LONGER = 15;

  /** Weights beyond those of any session in the gym; Jubilee modelling choices. */
  private static final Map<BarHold, Map<BodyRegion, Double>> NEEDS =
      new EnumMap<>(
          Map.of(
              BarHold.FRONT_RACK,
              Map.of(BodyRegion.WRISTS, 2.5, BodyRegion.MID_BACK, 1.0),
              BarHold.OVERHEAD,
              Map.of(BodyRegion.SHOULDERS, 1.5, BodyRegion.MID_BACK, 1.0, BodyRegion.WRISTS, 1.5),
              BarHold.ON_THE_BACK,
              Map.of(BodyRegion.SHOULDERS, 1.0, BodyRegion.MID_BACK, 0.8),
              BarHold.FROM_THE_FLOOR,
              Map.of(BodyRegion.HAMSTRINGS, 1.2),
              BarHold.ON_THE_BENCH,
              Map.of(BodyRegion.CHEST, 1.5, BodyRegion.SHOULDERS, 1.0)));

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    Optional<BarHold> bar = context.session().bar();
    if (bar.isEmpty() || context.session().kind() != SessionKind.GYM) {
      return draft;
    }
    Map<BodyRegion, Double> needs = NEEDS.get(bar.get());
    DemandDraft adjusted = draft.withMobilise(draft.mobilise() + LONGER * needs.size());
    for (BodyRegion region : BodyRegion.values()) {
      if (needs.containsKey(region)) {
        adjusted = adjusted.needing(new Need.Mobility(region), needs.get(region));
      }
    }
    return adjusted.because(
        "The bar " + bar.get().words(),
        needs.keySet().stream().sorted().toArray(BodyRegion[]::new));
  }

  @Override
  public String source() {
    return "common practice; the weights are Jubilee modelling choices";
  }
}
