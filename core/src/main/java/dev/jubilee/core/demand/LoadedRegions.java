package dev.jubilee.core.demand;

import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import java.util.Set;

/** Which regions a session loads when it goes fast or heavy; common practice. */
public final class LoadedRegions {
  private static final Set<BodyRegion> RUNNING =
      Set.of(
          BodyRegion.FEET,
          BodyRegion.ANKLES,
          BodyRegion.ACHILLES,
          BodyRegion.CALVES,
          BodyRegion.SHINS,
          BodyRegion.KNEES,
          BodyRegion.HAMSTRINGS,
          BodyRegion.QUADRICEPS,
          BodyRegion.ADDUCTORS,
          BodyRegion.HIP_FLEXORS,
          BodyRegion.HIPS,
          BodyRegion.LOWER_BACK);

  /** Regions that take the landing; with one of them sore there are no contacts at all. */
  static final Set<BodyRegion> LANDING =
      Set.of(
          BodyRegion.FEET,
          BodyRegion.ANKLES,
          BodyRegion.ACHILLES,
          BodyRegion.CALVES,
          BodyRegion.SHINS,
          BodyRegion.KNEES);

  private static final Set<BodyRegion> RIDING =
      Set.of(
          BodyRegion.KNEES,
          BodyRegion.QUADRICEPS,
          BodyRegion.HIP_FLEXORS,
          BodyRegion.HIPS,
          BodyRegion.LOWER_BACK,
          BodyRegion.ACHILLES,
          BodyRegion.HAMSTRINGS);

  private static final Set<BodyRegion> ROWING =
      Set.of(
          BodyRegion.LOWER_BACK,
          BodyRegion.KNEES,
          BodyRegion.HIPS,
          BodyRegion.HAMSTRINGS,
          BodyRegion.QUADRICEPS,
          BodyRegion.SHOULDERS,
          BodyRegion.WRISTS,
          BodyRegion.TRUNK,
          BodyRegion.MID_BACK);

  private static final Set<BodyRegion> SWIMMING =
      Set.of(BodyRegion.SHOULDERS, BodyRegion.NECK, BodyRegion.SHOULDER_BLADES, BodyRegion.CHEST);

  private LoadedRegions() {}

  /** Of a session; the gym loads what rowing does, jumps what running does. */
  public static Set<BodyRegion> of(Session session) {
    if (session.kind().isOnLand()) {
      return session.kind() == SessionKind.JUMPS ? RUNNING : ROWING;
    }
    return switch (session.sport()) {
      case RUN -> RUNNING;
      case RIDE -> RIDING;
      case ROW -> ROWING;
      case SWIM -> SWIMMING;
    };
  }
}
