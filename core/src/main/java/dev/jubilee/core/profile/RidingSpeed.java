package dev.jubilee.core.profile;

import dev.jubilee.core.intensity.CriticalModel;

/**
 * How long a distance takes on the flat without wind, from a standing start: what the rider gives
 * goes into air, tyres and speed (Martin et al., J Appl Biomech 1998; figures from memory).
 */
final class RidingSpeed {
  /** Rider and bike, kg; common practice. */
  private static final double MASS = 83;

  /** What of the power reaches the wheel. */
  private static final double DRIVETRAIN = 0.976;

  /** Rolling resistance and weight, N. */
  private static final double ROLLING = 0.004 * MASS * 9.81;

  private static final double AIR = 1.2;

  /** Drag area, m², low on the bars up to here, and upright in company from there on, m. */
  private static final double LOW = 0.19;

  private static final double LOW_UP_TO = 5_000;
  private static final double UPRIGHT = 0.36;
  private static final double UPRIGHT_FROM = 100_000;

  private RidingSpeed() {}

  /** Seconds over a distance, m, as fast as it can be ridden. */
  static double seconds(double metres, CriticalModel model) {
    return FastestTime.between(
        metres / 30,
        metres / 2,
        seconds -> DRIVETRAIN * model.sustainable(seconds) * seconds >= work(metres, seconds));
  }

  /** J. */
  private static double work(double metres, double seconds) {
    double squared = Math.pow(metres / seconds, 2);
    double drag = 0.5 * AIR * dragArea(metres) * squared;
    return (drag + ROLLING) * metres + 0.5 * MASS * squared;
  }

  /** One sits up gradually as distances grow. */
  private static double dragArea(double metres) {
    double way = Math.log(metres / LOW_UP_TO) / Math.log(UPRIGHT_FROM / LOW_UP_TO);
    return LOW + (UPRIGHT - LOW) * Math.max(0, Math.min(1, way));
  }
}
