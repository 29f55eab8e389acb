package dev.jubilee.core.intensity;

import java.time.Duration;
import java.util.List;

/**
 * The two-parameter critical-intensity model with a ceiling: {@code work = critical × t + reserve}
 * (Monod &amp; Scherrer 1965; reviewed by Jones et al., Med Sci Sports Exerc 2010), never above the
 * maximal sprint, bent at both ends as is known of the sport and drawn through what the athlete has
 * held.
 *
 * @param critical critical power in W, or critical speed in m/s; above 0
 * @param reserve work above critical that can be spent: W′ in J, or D′ in m; 0 or more
 * @param top maximal sprint in the unit of {@code critical}; above {@code critical}
 * @param curve how it bends
 * @param bests what the athlete is known to have held
 */
public record CriticalModel(
    double critical, double reserve, double top, SportCurve curve, BestEfforts bests) {
  /** Where the fading sprint meets the hyperbola, s; Jubilee modelling choice. */
  private static final double MEET = 150;

  private static final int SPRINT_SECONDS = 20;

  public static CriticalModel of(double critical, double reserve, double top) {
    return new CriticalModel(critical, reserve, top, SportCurve.PLAIN, BestEfforts.NONE);
  }

  /** The same, bent as in a sport. */
  public CriticalModel bentAs(SportCurve other) {
    return new CriticalModel(critical, reserve, top, other, BestEfforts.NONE);
  }

  /** The same with a reserve of at least so much, J or m. */
  public CriticalModel withReserveOf(double least) {
    return new CriticalModel(critical, Math.max(reserve, least), top, curve, BestEfforts.NONE);
  }

  /** The same in a movement that takes so many times as long over any distance, above 0. */
  public CriticalModel slowerBy(double times) {
    return new CriticalModel(critical / times, reserve, top / times, curve, bests.slowerBy(times));
  }

  /** The same of an athlete so many times as strong over any time, above 0. */
  public CriticalModel times(double factor) {
    return new CriticalModel(
        factor * critical, factor * reserve, factor * top, curve, BestEfforts.NONE);
  }

  /** The same where less oxygen is to be had: what can be held falls, reserve and sprint do not. */
  CriticalModel withShareOfOxygen(double share) {
    return new CriticalModel(share * critical, reserve, top, curve, bests.times(share));
  }

  /**
   * The same with another sprint, and nothing known beside it. The reserve is at least what a
   * sprint of {@value #SPRINT_SECONDS} s uses.
   */
  public CriticalModel withTop(double measured) {
    CriticalModel sprinter =
        new CriticalModel(critical, reserve, measured, curve, BestEfforts.NONE);
    double taken = SPRINT_SECONDS * (sprinter.sustainable((double) SPRINT_SECONDS) - critical);
    return sprinter.withReserveOf(taken);
  }

  /** The same, drawn through what is known to have been held. */
  public CriticalModel through(List<BestEfforts.Best> known) {
    return new CriticalModel(
        critical, reserve, top, curve, BestEfforts.of(known, top, this::usual));
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
    return CriticalModel.of(critical, shortWork - critical * shortSeconds, top);
  }

  /** The intensity that can just be held for {@code duration}, in the unit of {@code critical}. */
  public double sustainable(Duration duration) {
    return sustainable(duration.toMillis() / 1000.0);
  }

  /** The same for seconds, above 0. */
  public double sustainable(double seconds) {
    return Math.min(top, bests.held(seconds, usual(seconds)));
  }

  /** What can be held for seconds, above 0, as far as nothing more is known than the model. */
  private double usual(double seconds) {
    double share = curve.shareLeft(seconds);
    double held = hyperbola(Math.min(seconds, curve.tiresFrom())) * share;
    if (curve.fading() == 0 || seconds >= MEET) {
      return held;
    }
    // The hyperbola promises too much below two or three minutes; a sprint fades faster.
    double low = hyperbola(MEET);
    return Math.min(held, low + (top - low) * sprintLeft(seconds));
  }

  /** The longest effort is a day, s. */
  private static final double LONGEST = 86_400;

  /**
   * How long an intensity can be held, s: from 1 to a day; the inverse of {@link
   * #sustainable(double)}.
   *
   * @param intensity W or m/s, above 0
   */
  public double secondsHeld(double intensity) {
    double shortest = 0;
    double longest = Math.log(LONGEST);
    for (int i = 0; i < 30; i++) {
      double middle = (shortest + longest) / 2;
      if (sustainable(Math.exp(middle)) >= intensity) {
        shortest = middle;
      } else {
        longest = middle;
      }
    }
    return Math.exp(longest);
  }

  /** Critical intensity, or what is left of it after seconds, above 0. */
  public double heldForLong(double seconds) {
    return critical * curve.shareLeft(seconds);
  }

  private double hyperbola(double seconds) {
    return Math.min(top, critical + reserve / seconds);
  }

  /** Share that is left of what a sprint has above the meeting point, 1 to 0. */
  private double sprintLeft(double seconds) {
    double end = Math.exp(-curve.fading() * MEET);
    return (Math.exp(-curve.fading() * seconds) - end) / (1 - end);
  }

  /**
   * The maximal sprint of whoever holds an intensity for so long, in the same model else.
   *
   * @param seconds above 0, well below two minutes
   * @param intensity W or m/s
   */
  public double topFrom(double seconds, double intensity) {
    double low = Math.min(intensity, critical + reserve / MEET);
    double left = curve.fading() == 0 || seconds >= MEET ? 1 : sprintLeft(seconds);
    return Math.max(intensity, low + (intensity - low) / left);
  }

  /**
   * How long a distance takes as fast as it can be covered.
   *
   * @param metres above 0, of a model of speeds in m/s
   */
  public double secondsFor(double metres) {
    double fast = metres / top;
    // However long, nobody falls to a quarter of what is critical.
    double slow = 4 * metres / critical;
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
            ? Effort.CRITICAL * Math.pow(intensity / critical, curve.steepness())
            : Effort.CRITICAL + (100 - Effort.CRITICAL) * (intensity - critical) / (top - critical);
    return Effort.of(Math.max(0, Math.min(100, points)));
  }

  /** The intensity at an effort; inverse of {@link #effortOf}. */
  public double intensityAt(Effort effort) {
    double p = effort.points();
    return p <= Effort.CRITICAL
        ? critical * Math.pow(p / Effort.CRITICAL, 1 / curve.steepness())
        : critical + (top - critical) * (p - Effort.CRITICAL) / (100 - Effort.CRITICAL);
  }
}
