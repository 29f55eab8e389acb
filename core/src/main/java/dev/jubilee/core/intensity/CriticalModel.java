package dev.jubilee.core.intensity;

import java.time.Duration;

/**
 * The two-parameter critical-intensity model with a ceiling: {@code work = critical × t + reserve}
 * (Monod &amp; Scherrer 1965; reviewed by Jones et al., Med Sci Sports Exerc 2010), never above the
 * maximal sprint.
 *
 * @param critical critical power in W, or critical speed in m/s; above 0
 * @param reserve work above critical that can be spent: W′ in J, or D′ in m; 0 or more
 * @param top maximal sprint in the unit of {@code critical}; above {@code critical}
 * @param steepness how effort grows with intensity below critical: 1 where cost is in proportion
 *     (power; running speed), {@value #DRAG} in water, where drag power grows as the cube of speed
 */
public record CriticalModel(double critical, double reserve, double top, double steepness) {
  /** Power against drag goes with the cube of speed (hydrodynamics; from memory). */
  public static final double DRAG = 3;

  public CriticalModel(double critical, double reserve, double top) {
    this(critical, reserve, top, 1);
  }

  /** The same with effort growing as in water. */
  public CriticalModel inWater() {
    return new CriticalModel(critical, reserve, top, DRAG);
  }

  public CriticalModel {
    if (!(critical > 0) || !(reserve >= 0) || !(top > critical)) {
      throw new IllegalArgumentException(
          "critical "
              + critical
              + ", reserve "
              + reserve
              + ", top "
              + top
              + ": expected 0 < critical < top and reserve of 0 or more");
    }
  }

  /**
   * The line through two maximal efforts.
   *
   * @param shortSeconds duration of the shorter effort, s
   * @param shortWork work (J) or distance (m) done in it
   * @param longSeconds duration of the longer effort, s
   * @param longWork work or distance done in it
   * @param top maximal sprint, W or m/s
   */
  public static CriticalModel through(
      double shortSeconds, double shortWork, double longSeconds, double longWork, double top) {
    double critical = (longWork - shortWork) / (longSeconds - shortSeconds);
    return new CriticalModel(critical, shortWork - critical * shortSeconds, top);
  }

  /** The intensity that can just be held for {@code duration}, in the unit of {@code critical}. */
  public double sustainable(Duration duration) {
    double seconds = duration.toMillis() / 1000.0;
    return Math.min(top, critical + reserve / seconds);
  }

  /** Where an intensity sits on the effort scale; beyond the sprint it is the sprint. */
  public Effort effortOf(double intensity) {
    double points =
        intensity <= critical
            ? Effort.CRITICAL * Math.pow(intensity / critical, steepness)
            : Effort.CRITICAL + (100 - Effort.CRITICAL) * (intensity - critical) / (top - critical);
    return Effort.of(Math.max(0, Math.min(100, points)));
  }

  /** The intensity at an effort; inverse of {@link #effortOf}. */
  public double intensityAt(Effort effort) {
    double p = effort.points();
    return p <= Effort.CRITICAL
        ? critical * Math.pow(p / Effort.CRITICAL, 1 / steepness)
        : critical + (top - critical) * (p - Effort.CRITICAL) / (100 - Effort.CRITICAL);
  }
}
