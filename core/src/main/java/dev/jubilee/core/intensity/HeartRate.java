package dev.jubilee.core.intensity;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import java.util.Optional;

/**
 * Resting and maximal heart rate.
 *
 * @param resting beats/min, 28 to 110
 * @param maximum beats/min, 120 to 230, at least 30 above {@code resting}
 * @param measured whether the maximum was measured rather than predicted from age
 */
public record HeartRate(int resting, int maximum, boolean measured) {
  /** Assumed when no resting rate is known; common practice for a trained adult. */
  public static final int USUAL_RESTING = 60;

  private static final int LEAST_RESERVE = 30;

  public HeartRate {
    Bounds.within("restingHeartRate", resting, 28, 110, "beats/min");
    Bounds.within("maximumHeartRate", maximum, 120, 230, "beats/min");
    if (maximum < resting + LEAST_RESERVE) {
      throw new OutOfRangeException(
          "maximumHeartRate",
          maximum + " beats/min",
          "at least "
              + (resting + LEAST_RESERVE)
              + " beats/min, "
              + LEAST_RESERVE
              + " above the resting rate of "
              + resting);
    }
  }

  /**
   * Maximum predicted from age: 208 − 0.7 × age, standard deviation about 10 beats/min (Tanaka,
   * Monahan &amp; Seals 2001).
   */
  public static int predictedMaximum(int ageYears) {
    return (int) Math.round(208 - 0.7 * ageYears);
  }

  /**
   * Rate at a fraction of heart-rate reserve, 0 to 1: rest + f (max − rest) (Karvonen et al. 1957).
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException outside these
   */
  public int atReserve(double fraction) {
    Bounds.within("fraction", fraction, 0, 1, "");
    return (int) Math.round(resting + fraction * (maximum - resting));
  }

  /**
   * From what is known: resting rate as usual and maximum by age where they are not.
   *
   * @throws OutOfRangeException naming a rate that no one has
   */
  public static HeartRate of(int age, Optional<Integer> resting, Optional<Integer> maximum) {
    return new HeartRate(
        resting.orElse(USUAL_RESTING), maximum.orElse(predictedMaximum(age)), maximum.isPresent());
  }
}
