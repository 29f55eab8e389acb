package dev.jubilee.core.intensity;

import dev.jubilee.core.quantity.Bounds;
import java.time.Duration;

/**
 * The running performance index of Daniels &amp; Gilbert, <i>Oxygen Power</i>, 1979: oxygen cost of
 * a speed over the fraction of maximal uptake that can be held for the time. From memory; checked
 * against the published index-50 row.
 */
public final class RunningIndex {
  private static final double SHORTEST = 100;
  private static final double LONGEST = 200_000;
  private static final double LEAST_MINUTES = 5 / 60.0;
  private static final double MOST_MINUTES = 48 * 60;
  private static final double LEAST = 5;
  private static final double MOST = 100;

  private RunningIndex() {}

  /** Oxygen cost in ml/kg/min of running on the flat at a speed in m/min. */
  public static double oxygenCost(double metresPerMinute) {
    return -4.60 + 0.182258 * metresPerMinute + 0.000104 * metresPerMinute * metresPerMinute;
  }

  /** Fraction of maximal oxygen uptake that a race of this many minutes is run at. */
  public static double fraction(double minutes) {
    return 0.8
        + 0.1894393 * Math.exp(-0.012778 * minutes)
        + 0.2989558 * Math.exp(-0.1932605 * minutes);
  }

  /**
   * The index of a race of {@code metres}, 100 to 200 000, run in {@code time}, 5 s or more.
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException outside these
   */
  public static double of(double metres, Duration time) {
    Bounds.within("metres", metres, SHORTEST, LONGEST, "m");
    double minutes =
        Bounds.within("time", time.toMillis() / 60_000.0, LEAST_MINUTES, MOST_MINUTES, "min");
    return oxygenCost(metres / minutes) / fraction(minutes);
  }

  /**
   * The time for {@code metres}, 100 to 200 000, that a runner of this index, 5 to 100, would run.
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException outside these
   */
  public static Duration time(double index, double metres) {
    Bounds.within("index", index, LEAST, MOST, "");
    Bounds.within("metres", metres, SHORTEST, LONGEST, "m");
    // The index falls as the time grows, so halving the interval always closes on the answer.
    double fast = metres / 600;
    double slow = metres / 40;
    for (int i = 0; i < 60; i++) {
      double middle = (fast + slow) / 2;
      double reached = oxygenCost(metres / middle) / fraction(middle);
      if (reached > index) {
        fast = middle;
      } else {
        slow = middle;
      }
    }
    return Duration.ofMillis(Math.round(slow * 60_000));
  }

  /** The distance in metres that a runner of this index covers in {@code minutes}. */
  public static double distance(double index, double minutes) {
    double cost = index * fraction(minutes);
    double b = 0.182258;
    double a = 0.000104;
    double speed = (-b + Math.sqrt(b * b + 4 * a * (cost + 4.60))) / (2 * a);
    return speed * minutes;
  }
}
