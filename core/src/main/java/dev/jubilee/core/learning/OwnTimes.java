package dev.jubilee.core.learning;

import dev.jubilee.core.statistics.LogNormal;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToIntFunction;

/**
 * How long drills and changeovers really take a club, against our times: drawn towards ours, the
 * more the fewer times it was seen ({@link LogNormal}).
 */
public final class OwnTimes {
  /** How far clubs differ; standard deviation of the logarithm, Jubilee modelling choice. */
  private static final double CLUBS_DIFFER = 0.15;

  /** What one time of a drill is off by; likewise. */
  private static final double TIME_IS_OFF = 0.35;

  /** What all changeovers of one warm-up are off by; likewise. */
  private static final double CHANGEOVERS_ARE_OFF = 0.25;

  /** Of fewer times nothing is said. */
  public static final int ENOUGH = 5;

  /** Less is not worth another plan. */
  private static final double WORTHWHILE = 0.05;

  /** What takes longer than that was something else, or stopped in the middle. */
  private static final double BELIEVABLE = 4;

  private OwnTimes() {}

  /**
   * A drill that was done, without the time of getting to it.
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
  @RecordBuilder
  public record OwnTime(
      String drill,
      int times,
      int planned,
      double factor,
      double low,
      double high,
      boolean isWorthwhile) {}

  /**
   * What a club's changeovers are against ours, all kinds together.
   *
   * @param warmUps in how many they were seen
   * @param planned mean of a warm-up's, by our times, s
   * @param factor real over planned, drawn towards 1
   * @param low a tenth of what is believed is below it
   * @param high a tenth is above it
   * @param isWorthwhile whether it should be used
   */
  @RecordBuilder
  public record OwnChangeovers(
      int warmUps, int planned, double factor, double low, double high, boolean isWorthwhile) {}

  /**
   * All changeovers of one warm-up.
   *
   * @param planned s, by our times
   * @param real s
   */
  public record Changeovers(int planned, int real) {}

  /** Nothing where they were seen in fewer than {@value #ENOUGH} warm-ups. */
  public static Optional<OwnChangeovers> changeovers(List<Changeovers> warmUps) {
    List<Changeovers> seen =
        warmUps.stream().filter(c -> isBelievable(c.planned(), c.real())).toList();
    if (seen.size() < ENOUGH) {
      return Optional.empty();
    }
    Believed believed =
        Believed.of(seen, Changeovers::planned, Changeovers::real, CHANGEOVERS_ARE_OFF);
    return Optional.of(
        OwnTimesOwnChangeoversBuilder.builder()
            .warmUps(seen.size())
            .planned(believed.planned())
            .factor(believed.factor())
            .low(believed.low())
            .high(believed.high())
            .isWorthwhile(believed.isWorthwhile())
            .build());
  }

  /** What times say together. */
  private record Believed(int planned, double factor, double low, double high) {
    static <T> Believed of(
        List<T> times, ToIntFunction<T> planned, ToIntFunction<T> real, double isOff) {
      LogNormal known = LogNormal.around(1, CLUBS_DIFFER);
      for (T time : times) {
        known = known.seen((double) real.applyAsInt(time) / planned.applyAsInt(time), isOff);
      }
      return new Believed(
          (int) Math.round(times.stream().mapToInt(planned).average().orElse(0)),
          known.median(),
          known.quantile(0.1),
          known.quantile(0.9));
    }

    /** Whether it is sure, and makes a difference. */
    boolean isWorthwhile() {
      return (low > 1 || high < 1) && Math.abs(factor - 1) >= WORTHWHILE;
    }
  }

  private static boolean isBelievable(int planned, int real) {
    return planned > 0 && real > planned / BELIEVABLE && real < planned * BELIEVABLE;
  }

  /** By drill, the one that runs over most first. */
  public static List<OwnTime> of(List<Time> times) {
    Map<String, List<Time>> byDrill = new TreeMap<>();
    for (Time time : times) {
      if (isBelievable(time.planned(), time.real())) {
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
    Believed believed = Believed.of(times, Time::planned, Time::real, TIME_IS_OFF);
    return OwnTimesOwnTimeBuilder.builder()
        .drill(drill)
        .times(times.size())
        .planned(believed.planned())
        .factor(believed.factor())
        .low(believed.low())
        .high(believed.high())
        .isWorthwhile(believed.isWorthwhile())
        .build();
  }
}
