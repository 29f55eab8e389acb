package dev.jubilee.core.athlete;

import dev.jubilee.core.intensity.Curve;

/**
 * What nobody has reached yet, a little beyond the best known (from memory): a result beyond it was
 * mistyped.
 */
final class BestKnown {
  private static final double[] RUN_METRES = {60, 100, 200, 400, 800, 1500};
  private static final double[] RUN_SPEED = {9.8, 10.8, 10.8, 9.6, 8.2, 7.5};
  private static final double[] SWIM_METRES = {25, 50, 100, 200};
  private static final double[] SWIM_SPEED = {2.9, 2.6, 2.3, 2.1};
  private static final double[] ROW_METRES = {100, 500, 1000};
  private static final double[] ROW_SPLIT = {60, 68, 75};
  private static final double[] RIDE_SECONDS = {5, 60, 300, 1200, 3600, 14_400};
  private static final double[] RIDE_WATTS = {2600, 1150, 720, 600, 560, 480};

  private BestKnown() {}

  /** m/s on foot over a distance in m. */
  static double running(double metres) {
    return Curve.at(metres, RUN_METRES, RUN_SPEED);
  }

  /** m/s in the water over a distance in m. */
  static double swimming(double metres) {
    return Curve.at(metres, SWIM_METRES, SWIM_SPEED);
  }

  /** s/500 m on the rowing machine over a distance in m. */
  static double rowing(double metres) {
    return Curve.at(metres, ROW_METRES, ROW_SPLIT);
  }

  /** W on a bike for a time in s. */
  static int riding(double seconds) {
    return (int) Curve.at(seconds, RIDE_SECONDS, RIDE_WATTS);
  }
}
