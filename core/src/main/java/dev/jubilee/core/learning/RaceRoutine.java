package dev.jubilee.core.learning;

import dev.jubilee.core.learning.WorkingRange.Difference;
import dev.jubilee.core.learning.WorkingRange.Measure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The warm-up that is done before races: frozen from the best days, and kept as it is. */
public final class RaceRoutine {
  /** What is closer is the same: a whole one of counts, and so much of the rest; our choices. */
  private static final Map<Measure, Double> SAME =
      new EnumMap<>(
          Map.of(
              Measure.MOBILITY, 0.9,
              Measure.DRILLS, 0.9,
              Measure.EFFORTS, 0.9,
              Measure.CONTACTS, 5.0,
              Measure.TOP, 3.0,
              Measure.MINUTES, 2.0,
              Measure.WAIT, 2.0));

  private RaceRoutine() {}

  /**
   * A day that could be kept.
   *
   * @param felt how ready, 1 to 5
   */
  public record Day(String key, int felt, Map<Measure, Double> measures) {}

  /** By how much something is more than in the routine, less where below 0. */
  public record Drift(Measure measure, double by) {}

  /**
   * The day to keep: of those that felt best the one that is nearest to what they are used to.
   *
   * @param range of the same kind of session; it decides nothing where it is empty
   */
  public static Optional<Day> bestOf(List<Day> days, WorkingRange range) {
    return days.stream()
        .min(
            Comparator.comparingInt((Day d) -> -d.felt())
                .thenComparingDouble(d -> away(d, range))
                .thenComparing(Day::key));
  }

  /** How far from what is usual, in shares of its range. */
  private static double away(Day day, WorkingRange range) {
    double sum = 0;
    for (Difference difference : range.differences(day.measures())) {
      WorkingRange.Usual usual = difference.usual();
      sum += Math.abs(difference.by()) / Math.max(1, usual.high() - usual.low());
    }
    return sum;
  }

  /** What of a warm-up is not as in the routine, in the order of the measures. */
  public static List<Drift> drift(Map<Measure, Double> routine, Map<Measure, Double> now) {
    List<Drift> drift = new ArrayList<>();
    for (Measure measure : Measure.values()) {
      if (routine.containsKey(measure) && now.containsKey(measure)) {
        double by = now.get(measure) - routine.get(measure);
        if (Math.abs(by) >= SAME.get(measure)) {
          drift.add(new Drift(measure, by));
        }
      }
    }
    return drift;
  }
}
