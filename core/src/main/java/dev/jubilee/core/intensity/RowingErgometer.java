package dev.jubilee.core.intensity;

import dev.jubilee.core.quantity.Bounds;

/**
 * Pace and power of an air-braked rowing ergometer: {@code P = 2.80 / p³} with the pace p in s/m
 * (flywheel maker's published relation).
 */
public final class RowingErgometer {
  /** Critical power as a share of the mean power over 2 km; common practice. */
  public static final double CRITICAL_OF_2K = 0.85;

  private static final double WATTS_PER_CUBED_PACE = 2.80;

  private RowingErgometer() {}

  /**
   * Power in W at a pace in seconds per metre, 0.1 to 2.
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException outside these
   */
  public static double watts(double secondsPerMetre) {
    Bounds.within("pace", secondsPerMetre, 0.1, 2, "s/m");
    return WATTS_PER_CUBED_PACE / Math.pow(secondsPerMetre, 3);
  }

  /**
   * Seconds per 500 m at a power, 0.1 to 3000 W.
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException outside these
   */
  public static double splitSeconds(double watts) {
    Bounds.within("watts", watts, 0.1, 3000, "W");
    return 500 * Math.cbrt(WATTS_PER_CUBED_PACE / watts);
  }
}
