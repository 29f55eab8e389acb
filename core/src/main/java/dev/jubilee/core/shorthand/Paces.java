package dev.jubilee.core.shorthand;

import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Aim.Unit;
import dev.jubilee.core.sport.Sport;
import java.util.Optional;

/** What paces are counted by, and which of them athletes train at. */
final class Paces {
  private Paces() {}

  /** Where the distance is in miles, so is the pace. */
  static Unit usual(LineBuilder draft, Sport sport) {
    boolean isInMiles =
        sport.isOnFoot() && onlyDistance(draft).filter(m -> Lengths.isInMiles(m)).isPresent();
    if (isInMiles) {
      return Unit.SECONDS_PER_MILE;
    }
    return of(sport);
  }

  /** What a sport's pace is counted by; where it has none, as on the road. */
  static Unit of(Sport sport) {
    Unit unit = Profiles.of(sport).unit();
    return unit.isPace() ? unit : Unit.SECONDS_PER_KM;
  }

  static String unitWords(Unit unit) {
    return switch (unit) {
      case SECONDS_PER_KM -> "km";
      case SECONDS_PER_MILE -> "mile";
      default -> (int) unit.metres() + " m";
    };
  }

  /**
   * Whether athletes train at it: 2:45 to 10:00 per km, 1:15 to 2:50 per 500, 1:02 to 2:30 per 100.
   */
  static boolean isUsualPace(double seconds, double per) {
    if (per > 1000) {
      return isUsualPace(seconds / per * 1000, 1000);
    }
    return per == 1000
        ? seconds >= 165 && seconds <= 600
        : per == 500 ? seconds >= 75 && seconds <= 170 : seconds >= 62 && seconds <= 150;
  }

  static Optional<Double> onlyDistance(LineBuilder draft) {
    return draft.amounts.size() == 1 && draft.amounts.get(0) instanceof Extent.Distance d
        ? Optional.of(d.metres())
        : Optional.empty();
  }

  /** What a pace is counted by, where a word or number says so. */
  static Optional<Unit> unit(Token t) {
    return switch (t.text()) {
      case "km", "k" -> Optional.of(Unit.SECONDS_PER_KM);
      case "mile", "mi" -> Optional.of(Unit.SECONDS_PER_MILE);
      case "500" -> Optional.of(Unit.SECONDS_PER_500);
      case "100" -> Optional.of(Unit.SECONDS_PER_100);
      default -> Optional.empty();
    };
  }

  static boolean isMile(Token t) {
    return t.is("mile") || t.is("mi");
  }
}
