package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.sport.BodyRegion;
import java.util.EnumSet;
import java.util.Set;

/** More range where it is stiff; easy range and slow loading where it is sore. */
final class ForStiffRegions implements Adjustment {
  private static final int LONGER = 40;
  private static final double MORE = 2;

  /** Moved easily or rolled, as far as the sore place allows. */
  private static final double EASY = 1;

  /** Slow, controlled loading is what a sore tendon or muscle that will be used wants most. */
  private static final double SLOWLY = 2.5;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    DemandDraft adjusted = draft;
    Set<BodyRegion> stiff = EnumSet.noneOf(BodyRegion.class);
    Set<BodyRegion> sore = EnumSet.noneOf(BodyRegion.class);
    for (Restriction limit : context.athlete().restrictions()) {
      if (limit.severity() == Restriction.Severity.STIFF && stiff.add(limit.region())) {
        adjusted =
            adjusted
                .withMobilise(adjusted.mobilise() + LONGER)
                .needing(new Need.Mobility(limit.region()), MORE)
                .because("Stiff " + limit.words(), limit.region());
      } else if (limit.severity() == Restriction.Severity.SORE && sore.add(limit.region())) {
        adjusted = adjusted.needing(new Need.Mobility(limit.region()), EASY);
        if (LoadedRegions.of(context.session()).contains(limit.region())) {
          adjusted = adjusted.needing(new Need.Activation(loadedFor(limit.region())), SLOWLY);
        }
      }
    }
    return adjusted;
  }

  /** The muscle that is loaded for the sake of a region: tendons and joints have theirs. */
  private static BodyRegion loadedFor(BodyRegion region) {
    return switch (region) {
      case ACHILLES, FEET, ANKLES -> BodyRegion.CALVES;
      case KNEES -> BodyRegion.QUADRICEPS;
      case HIPS -> BodyRegion.GLUTES;
      default -> region;
    };
  }

  @Override
  public String source() {
    return "common practice";
  }
}
