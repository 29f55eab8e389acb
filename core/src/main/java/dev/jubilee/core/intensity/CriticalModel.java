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
 * @param fading how fast a sprint fades toward what aerobic power alone can do, 1/s; 0 where it is
 *     not known
 */
public record CriticalModel(
    double critical, double reserve, double top, double steepness, double fading) {
  /** Power against drag goes with the cube of speed (hydrodynamics; from memory). */
  public static final double DRAG = 3;

  /** Running speed over the anaerobic speed reserve (Bundle, Hoyt &amp; Weyand 2003), 1/s. */
  public static final double FADING_ON_FOOT = 0.013;

  /** Cycling power over the same (Weyand, Lin &amp; Bundle 2006; from memory), 1/s. */
  public static final double FADING_ON_A_BIKE = 0.026;

  /** Where the fading sprint meets the hyperbola, s; Jubilee modelling choice. */
  private static final double MEET = 150;

  public CriticalModel(double critical, double reserve, double top) {
    this(critical, reserve, top, 1, 0);
  }

  /** The same with effort growing as in water. */
  public CriticalModel inWater() {
    return new CriticalModel(critical, reserve, top, DRAG, fading);
  }

  /** The same with a sprint that fades as it is known to in a sport. */
  public CriticalModel fadingBy(double perSecond) {
    return new CriticalModel(critical, reserve, top, steepness, perSecond);
  }

  /** The same with a reserve of at least so much, J or m. */
  public CriticalModel withReserveOf(double least) {
    return new CriticalModel(critical, Math.max(reserve, least), top, steepness, fading);
  }

  /** The same in a movement that takes so many times as long over any distance, 1 or more. */
  public CriticalModel slowerBy(double times) {
    return new CriticalModel(critical / times, reserve / times, top / times, steepness, fading);
  }

  /** The same with another sprint. */
  public CriticalModel withTop(double measured) {
    return new CriticalModel(critical, reserve, measured, steepness, fading);
  }

  public CriticalModel {
    boolean isFinite =
        Double.isFinite(critical) && Double.isFinite(reserve) && Double.isFinite(top);
    if (!isFinite || !(critical > 0) || !(reserve >= 0) || !(top > critical)) {
      throw new IllegalArgumentException(
          "critical "
              + critical
              + ", reserve "
              + reserve
              + ", top "
              + top
              + ": expected finite 0 < critical < top and reserve of 0 or more");
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
    return sustainable(duration.toMillis() / 1000.0);
  }

  /** The same for seconds, above 0. */
  private double sustainable(double seconds) {
    double held = Math.min(top, critical + reserve / seconds);
    if (fading == 0 || seconds >= MEET) {
      return held;
    }
    // The hyperbola promises too much below two or three minutes; a sprint fades faster.
    double low = Math.min(top, critical + reserve / MEET);
    double end = Math.exp(-fading * MEET);
    double left = (Math.exp(-fading * seconds) - end) / (1 - end);
    return Math.min(held, low + (top - low) * left);
  }

  /**
   * How long a distance takes as fast as it can be covered.
   *
   * @param metres above 0, of a model of speeds in m/s
   */
  public double secondsFor(double metres) {
    double fast = metres / top;
    double slow = metres / critical;
    for (int i = 0; i < 60; i++) {
      double middle = (fast + slow) / 2;
      if (middle * sustainable(middle) >= metres) {
        slow = middle;
      } else {
        fast = middle;
      }
    }
    return slow;
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
