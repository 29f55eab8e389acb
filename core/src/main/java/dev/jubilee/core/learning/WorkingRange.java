package dev.jubilee.core.learning;

import dev.jubilee.core.statistics.Sample;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What an athlete is used to before one kind of session: of each count the median, how sure it is,
 * and the range that four of five were in. Nothing is said of fewer than {@value #ENOUGH}.
 *
 * @param records how many warm-ups it is of
 * @param usual by count; what was counted in too few of them is left out
 */
public record WorkingRange(int records, Map<Measure, Usual> usual) {
  /** From here on the median has an interval of 95 % (Hahn &amp; Meeker 1991). */
  public static final int ENOUGH = 6;

  private static final double SURE = 0.95;
  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;

  /** What is counted. */
  public enum Measure {
    /** Exercises for range. */
    MOBILITY,
    DRILLS,
    /** Graded efforts. */
    EFFORTS,
    CONTACTS,
    /** The hardest effort, 0 to 100. */
    TOP,
    /** Length in minutes. */
    MINUTES,
    /** From the end of the warm-up to the first effort, minutes. */
    WAIT
  }

  /**
   * Of one count.
   *
   * @param low a tenth was below it
   * @param high a tenth was above it
   * @param median with how sure one is of it
   */
  public record Usual(int count, double low, double median, double high, Sample.Interval sure) {}

  /** Where something is outside of what they are used to. */
  public record Difference(Measure measure, double now, Usual usual) {
    /** More than usual, or less where below 0. */
    public double by() {
      return now - usual.median();
    }
  }

  public WorkingRange {
    usual = Map.copyOf(usual);
  }

  /** Of warm-ups before one kind of session; what was not counted is absent. */
  public static WorkingRange of(List<Map<Measure, Double>> records) {
    Map<Measure, Usual> usual = new EnumMap<>(Measure.class);
    for (Measure measure : Measure.values()) {
      List<Double> counted =
          records.stream().filter(r -> r.containsKey(measure)).map(r -> r.get(measure)).toList();
      if (counted.size() >= ENOUGH) {
        Sample sample = Sample.of(counted);
        Optional<Sample.Interval> sure = sample.medianInterval(SURE);
        sure.ifPresent(
            interval ->
                usual.put(
                    measure,
                    new Usual(
                        sample.size(),
                        sample.quantile(LOW),
                        sample.median(),
                        sample.quantile(HIGH),
                        interval)));
      }
    }
    return new WorkingRange(records.size(), usual);
  }

  /** What of a warm-up they are not used to, in the order of the measures. */
  public List<Difference> differences(Map<Measure, Double> now) {
    List<Difference> all = new ArrayList<>();
    for (Measure measure : Measure.values()) {
      Usual range = usual.get(measure);
      Double value = now.get(measure);
      if (range != null && value != null && (value < range.low() || value > range.high())) {
        all.add(new Difference(measure, value, range));
      }
    }
    return all;
  }
}
