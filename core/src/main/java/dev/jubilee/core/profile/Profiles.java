package dev.jubilee.core.profile;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.sport.Sport;
import java.util.EnumSet;
import java.util.Set;

/** The profiles of all sports. */
public final class Profiles {
  private Profiles() {}

  public static SportProfile of(Sport sport) {
    return switch (sport) {
      case RUN -> Running.PROFILE;
      case RIDE -> Riding.PROFILE;
      case ROW -> Rowing.PROFILE;
      case SWIM -> Swimming.PROFILE;
    };
  }

  /** What is there for a session of a sport at a place. Water is only where it is. */
  public static Set<Kit> kitAt(Place place, Sport sport) {
    Set<Kit> all = EnumSet.noneOf(Kit.class);
    all.addAll(place.usualKit());
    if (of(sport).placesWithKit().contains(place)) {
      Kit.apparatusOf(sport).ifPresent(all::add);
    }
    return Set.copyOf(all);
  }
}
