package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.sport.BodyRegion;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;

/** Whoever sits drives with shoulders and wrists: they are prepared first, gently, and spared. */
final class ForSeated implements Adjustment {
  private static final Map<BodyRegion, Double> RANGE = new EnumMap<>(BodyRegion.class);

  static {
    RANGE.put(BodyRegion.SHOULDERS, 2.0);
    RANGE.put(BodyRegion.MID_BACK, 1.5);
    RANGE.put(BodyRegion.TRUNK, 1.5);
    RANGE.put(BodyRegion.CHEST, 1.5);
    RANGE.put(BodyRegion.WRISTS, 1.5);
  }

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (!context.athlete().contraindications().contains(Contraindication.STANDING)) {
      return draft;
    }
    Map<Need, Double> needs = new LinkedHashMap<>(draft.needs());
    needs.keySet().removeIf(ForSeated::isOfTheLegs);
    DemandDraft seated = draft.withNeeds(needs);
    for (Map.Entry<BodyRegion, Double> range : RANGE.entrySet()) {
      seated = seated.needing(new Need.Mobility(range.getKey()), range.getValue());
    }
    seated = seated.needing(new Need.Activation(BodyRegion.SHOULDER_BLADES), 2);
    return seated.because(
        "Sits: shoulders and wrists do what legs do for others, so they are prepared and spared.");
  }

  private static boolean isOfTheLegs(Need need) {
    return need instanceof Need.AnkleRange
        || (need instanceof Need.Mobility mobility && mobility.region().isOfTheLegs())
        || (need instanceof Need.Activation activation && activation.region().isOfTheLegs());
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
