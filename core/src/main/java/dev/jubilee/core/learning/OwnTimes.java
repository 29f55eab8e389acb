package dev.jubilee.core.learning;

import dev.jubilee.core.statistics.LogNormal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * How long drills really take a club, against our times: drawn towards ours, the more the fewer
 * times it was seen ({@link LogNormal}).
 */
public final class OwnTimes {
  /** How far clubs differ; standard deviation of the logarithm, Jubilee modelling choice. */
  private static final double CLUBS_DIFFER = 0.15;

  /** What one time is off by; likewise. */
  private static final double TIME_IS_OFF = 0.35;

  /** Of fewer times nothing is said. */
  public static final int ENOUGH = 5;

  /** Less is not worth another plan. */
  private static final double WORTHWHILE = 0.05;

  /** What takes longer than that was something else, or stopped in the middle. */
  private static final double BELIEVABLE = 4;

  private OwnTimes() {}

  /**
   * A drill that was done.
   *
   * @param planned s
   * @param real s
   */
  public record Time(String drill, int planned, int real) {}

  /**
   * What a club's times say of a drill.
   *
   * @param times how often it was done
   * @param planned mean of our times, s
   * @param factor real over planned, drawn towards 1
   * @param low a tenth of what is believed is below it
   * @param high a tenth is above it
   * @param isWorthwhile whether it should be used
   */
  public record OwnTime(
      String drill,
      int times,
      int planned,
      double factor,
      double low,
      double high,
      boolean isWorthwhile) {}

  /** By drill, the one that runs over most first. */
  public static List<OwnTime> of(List<Time> times) {
    Map<String, List<Time>> byDrill = new TreeMap<>();
    for (Time time : times) {
      boolean isBelievable =
          time.planned() > 0
              && time.real() > time.planned() / BELIEVABLE
              && time.real() < time.planned() * BELIEVABLE;
      if (isBelievable) {
        byDrill.computeIfAbsent(time.drill(), k -> new ArrayList<>()).add(time);
      }
    }
    List<OwnTime> own = new ArrayList<>();
    byDrill.forEach(
        (drill, seen) -> {
          if (seen.size() >= ENOUGH) {
            own.add(of(drill, seen));
          }
        });
    own.sort(Comparator.comparingDouble(OwnTime::factor).reversed());
    return own;
  }

  private static OwnTime of(String drill, List<Time> times) {
    LogNormal known = LogNormal.around(1, CLUBS_DIFFER);
    for (Time time : times) {
      known = known.seen((double) time.real() / time.planned(), TIME_IS_OFF);
    }
    double factor = known.median();
    double low = known.quantile(0.1);
    double high = known.quantile(0.9);
    int planned = (int) Math.round(times.stream().mapToInt(Time::planned).average().orElse(0));
    boolean isSure = low > 1 || high < 1;
    return new OwnTime(
        drill,
        times.size(),
        planned,
        factor,
        low,
        high,
        isSure && Math.abs(factor - 1) >= WORTHWHILE);
  }
}
