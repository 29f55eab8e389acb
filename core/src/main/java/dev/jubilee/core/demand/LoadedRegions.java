package dev.jubilee.core.demand;

import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.util.EnumSet;
import java.util.Set;

/** Which regions a session loads when it goes fast or heavy; common practice. */
public final class LoadedRegions {
  /** Regions that take the landing; with one of them sore there are no contacts at all. */
  static final Set<BodyRegion> LANDING =
      Set.of(
          BodyRegion.FEET,
          BodyRegion.ANKLES,
          BodyRegion.ACHILLES,
          BodyRegion.CALVES,
          BodyRegion.SHINS,
          BodyRegion.KNEES);

  /** Lifting may load all that a coach did not say it spares. */
  private static final Set<BodyRegion> LIFTING =
      EnumSet.complementOf(
          EnumSet.of(BodyRegion.NECK, BodyRegion.FEET, BodyRegion.SHINS, BodyRegion.ACHILLES));

  private LoadedRegions() {}

  /** Of a session and, in the water, of its stroke; jumps load what running does. */
  public static Set<BodyRegion> of(Session session) {
    if (session.kind().isOnLand()) {
      return session.kind() == SessionKind.JUMPS ? of(Sport.RUN) : LIFTING;
    }
    Set<BodyRegion> regions = EnumSet.copyOf(of(session.sport()));
    session.stroke().stream()
        .flatMap(s -> s.legs().stream())
        .map(LoadedRegions::ofStroke)
        .forEach(regions::addAll);
    return regions;
  }

  /** Of a sport, whatever the session. */
  public static Set<BodyRegion> of(Sport sport) {
    return Profiles.of(sport).loadedRegions();
  }

  /** What a stroke lives from beside shoulders and neck. */
  private static Set<BodyRegion> ofStroke(Stroke stroke) {
    return switch (stroke) {
      case BREASTSTROKE -> Set.of(BodyRegion.KNEES, BodyRegion.ADDUCTORS, BodyRegion.HIPS);
      case BUTTERFLY -> Set.of(BodyRegion.LOWER_BACK, BodyRegion.TRUNK, BodyRegion.MID_BACK);
      case BACKSTROKE -> Set.of(BodyRegion.MID_BACK);
      case FREESTYLE, MEDLEY -> Set.of();
    };
  }
}
