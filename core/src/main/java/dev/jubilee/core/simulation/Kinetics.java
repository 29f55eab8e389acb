package dev.jubilee.core.simulation;

import dev.jubilee.core.intensity.Anchors;

/** How heart rate, reserve and fatigue follow a constant load, exactly. */
public final class Kinetics {
  /** Time constant with which fatigue fades, s: power is best 3 to 10 min after (Tillin 2009). */
  static final double FADES = 240;

  /** Fatigue a second at twice the critical intensity leaves; Jubilee modelling choice. */
  static final double ABOVE_CRITICAL = 0.0025;

  private Kinetics() {}

  /** Share of the heart-rate reserve to which a steady cost leads. */
  static double heartAt(double cost, Body body) {
    return Math.min(1, Anchors.RESERVE_AT_CRITICAL * cost * body.heartLevel());
  }

  /**
   * What lingers after some time of one intensity without contacts, exactly: it grows at a steady
   * rate and fades with what there is.
   */
  static double fatigueAfter(double now, double speed, double seconds) {
    double level = ABOVE_CRITICAL * Math.max(0, speed - 1) * FADES;
    return Math.min(1, level + (now - level) * Math.exp(-seconds / FADES));
  }

  /**
   * The balance after some time of one intensity, exactly; never below empty.
   *
   * @param left of W′ or D′, 0 to 1
   * @param speed intensity as a share of critical
   * @param reserveSeconds W′ or D′ over critical intensity, s; without any, the first second above
   *     critical empties it
   */
  public static double reserve(double left, double speed, double reserveSeconds, double seconds) {
    if (reserveSeconds <= 0) {
      return speed > 1 ? 0 : 1;
    }
    if (speed > 1) {
      return Math.max(0, left - seconds * (speed - 1) / reserveSeconds);
    }
    return 1 + (left - 1) * Math.exp(-seconds * (1 - speed) / reserveSeconds);
  }
}
