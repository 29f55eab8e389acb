package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Sport;
import java.util.List;
import java.util.Optional;

/** No bike, boat or pool before the start: on land, what the start will load is moved and woken. */
final class WithoutApparatus implements Adjustment {
  /** s for each region; Jubilee modelling choice. */
  private static final int LONGER = 30;

  private static final double MORE = 1.2;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    Sport sport = context.session().sport();
    Optional<Kit> apparatus = Kit.apparatusOf(sport);
    List<BodyRegion> loaded = Profiles.of(sport).loadedAtTheStart();
    if (apparatus.isEmpty()
        || loaded.isEmpty()
        || !context.isHard()
        || context.session().kind().isOnLand()
        || context.circumstances().isStaged()
        || context.hasLoaded(Restriction.Severity.HURT)
        || context.circumstances().kit().contains(apparatus.get())) {
      return draft;
    }
    DemandDraft adjusted = draft.withMobilise(draft.mobilise() + LONGER * loaded.size());
    for (BodyRegion region : loaded) {
      adjusted = adjusted.needing(new Need.Mobility(region), MORE);
    }
    return adjusted.because(
        "Without " + apparatus.get().words() + " before the start",
        loaded.toArray(BodyRegion[]::new));
  }

  @Override
  public String source() {
    return "common practice";
  }
}
