package dev.jubilee.core.intensity;

import dev.jubilee.core.sport.Sport;

/**
 * What thin air leaves of critical power or speed. Maximal oxygen uptake falls by 6.3 % for each
 * 1000 m, from 300 m on (Wehrlin &amp; Hallén 2006, from memory; measured up to 2800 m). Power
 * falls as it does, and so does running speed; in water, where power goes with the cube of the
 * speed, the speed falls by its cube root. That critical power falls as uptake does is a Jubilee
 * modelling choice.
 */
public final class Altitude {
  /** m */
  private static final double FROM = 300;

  private static final double LOSS_A_METRE = 0.063 / 1000;

  private Altitude() {}

  /**
   * What is left of critical intensity, above 0 to 1.
   *
   * @param metres above the sea, 0 to 5000
   */
  static double share(Sport sport, int metres) {
    double uptake = 1 - LOSS_A_METRE * Math.max(0, metres - FROM);
    return sport.isInWater() ? Math.cbrt(uptake) : uptake;
  }
}
