package dev.jubilee.core.statistics;

import dev.jubilee.core.quantity.OutOfRangeException;
import java.util.Arrays;
import java.util.Collection;
import java.util.Optional;
import org.apache.commons.statistics.distribution.BinomialDistribution;

/**
 * Figures of one kind, in order of size.
 *
 * <p>Example: {@code Sample.of(List.of(4, 5, 3, 4)).median()} is 4.
 */
public final class Sample {
  private final double[] sorted;

  private Sample(double[] sorted) {
    this.sorted = sorted;
  }

  /**
   * The figures, in whatever order.
   *
   * @throws OutOfRangeException if there is none, or one is not a number
   */
  public static Sample of(Collection<? extends Number> figures) {
    double[] sorted = figures.stream().mapToDouble(Number::doubleValue).sorted().toArray();
    if (sorted.length == 0) {
      throw new OutOfRangeException("figures", "none", "at least one");
    }
    if (Arrays.stream(sorted).anyMatch(f -> !Double.isFinite(f))) {
      throw new OutOfRangeException("figures", "not a number", "numbers");
    }
    return new Sample(sorted);
  }

  public int size() {
    return sorted.length;
  }

  public double median() {
    return quantile(0.5);
  }

  /**
   * The figure below which a share of them lies, between two where it falls between two (Hyndman
   * &amp; Fan 1996, definition 7).
   *
   * @param share 0 to 1
   */
  public double quantile(double share) {
    double at = share * (sorted.length - 1);
    int below = (int) Math.floor(at);
    int above = Math.min(below + 1, sorted.length - 1);
    return sorted[below] + (at - below) * (sorted[above] - sorted[below]);
  }

  /**
   * From which figure to which.
   *
   * @param level how sure one may be of it, 0 to 1, as it really is
   */
  public record Interval(double low, double high, double level) {}

  /**
   * Where the median of all that could have been counted lies, whatever their distribution: between
   * two of the ordered figures (Hahn &amp; Meeker, <i>Statistical Intervals</i>, 1991).
   *
   * @param atLeast how sure it must be, 0 to 1
   * @return nothing where there are too few for that
   */
  public Optional<Interval> medianInterval(double atLeast) {
    BinomialDistribution below = BinomialDistribution.of(sorted.length, 0.5);
    for (int rank = sorted.length / 2; rank >= 1; rank--) {
      double level = 1 - 2 * below.cumulativeProbability(rank - 1);
      if (level >= atLeast) {
        return Optional.of(new Interval(sorted[rank - 1], sorted[sorted.length - rank], level));
      }
    }
    return Optional.empty();
  }
}
