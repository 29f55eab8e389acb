package dev.jubilee.core.build;

/**
 * Running uphill: oxygen uptake is 0.2 S + 0.9 S G + 3.5 ml/kg/min at a speed of S m/min up a slope
 * of G (metabolic equation for running, ACSM <em>Guidelines</em>), so a slope takes as much at the
 * speed of the flat over 1 + 4.5 G.
 */
final class Slope {
  private static final double A_SLOPE = 4.5;

  private Slope() {}

  /**
   * How many times slower one runs up a slope at the effort of the flat.
   *
   * @param gradient %, 0 or more
   */
  static double times(int gradient) {
    return 1 + A_SLOPE * gradient / 100;
  }
}
