package dev.jubilee.core.recording;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Where a signal's mean changes: the segmentation that costs least, exactly. A segment costs the
 * squares around its mean, a change the penalty. Found by optimal partitioning with pruning (PELT;
 * Killick, Fearnhead &amp; Eckley 2012): a beginning that is beaten by more than the penalty stays
 * beaten.
 */
final class ChangePoints {
  /** How many times σ² log n a change costs: figures of one second depend on those before. */
  private static final double DEAR = 12;

  /** The median of absolute normal deviations is so much of their standard deviation. */
  private static final double NORMAL = 0.6745;

  private final double[] sums;
  private final double[] squares;

  private ChangePoints(double[] signal) {
    sums = new double[signal.length + 1];
    squares = new double[signal.length + 1];
    for (int i = 0; i < signal.length; i++) {
      sums[i + 1] = sums[i] + signal[i];
      squares[i + 1] = squares[i] + signal[i] * signal[i];
    }
  }

  /**
   * Where segments begin, from 0 on.
   *
   * @param shortest seconds of a segment, 1 or more
   * @param penalty for a change
   */
  static List<Integer> of(double[] signal, int shortest, double penalty) {
    int n = signal.length;
    if (n < 2 * shortest) {
      return List.of(0);
    }
    ChangePoints of = new ChangePoints(signal);
    double[] best = new double[n + 1];
    int[] from = new int[n + 1];
    Arrays.fill(best, Double.POSITIVE_INFINITY);
    best[0] = -penalty;
    int[] open = new int[n + 1];
    int count = 0;
    for (int end = shortest; end <= n; end++) {
      // A segment that begins here can now be long enough.
      if (best[end - shortest] < Double.POSITIVE_INFINITY) {
        open[count++] = end - shortest;
      }
      for (int k = 0; k < count; k++) {
        double cost = best[open[k]] + of.cost(open[k], end) + penalty;
        if (cost < best[end]) {
          best[end] = cost;
          from[end] = open[k];
        }
      }
      // Beaten at a place where a segment can end and another begin is beaten from there on.
      int kept = 0;
      double bound = end >= 2 * shortest ? best[end - shortest] : Double.POSITIVE_INFINITY;
      for (int k = 0; k < count; k++) {
        boolean isBeaten =
            end - open[k] >= 2 * shortest
                && best[open[k]] + of.cost(open[k], end - shortest) > bound;
        if (!isBeaten) {
          open[kept++] = open[k];
        }
      }
      count = kept;
    }
    List<Integer> begins = new ArrayList<>();
    for (int end = n; end > 0; end = from[end]) {
      begins.add(0, from[end]);
    }
    return begins;
  }

  /** Squares around the mean. */
  private double cost(int from, int to) {
    double sum = sums[to] - sums[from];
    return Math.max(0, squares[to] - squares[from] - sum * sum / (to - from));
  }

  /** What a change costs for a signal with this noise: so many σ² log n. */
  static double penalty(double[] signal) {
    double noise = noise(signal);
    return DEAR * noise * noise * Math.log(Math.max(2, signal.length));
  }

  /** From second to second, whatever its mean does; never nothing. */
  private static double noise(double[] signal) {
    double[] steps = new double[Math.max(1, signal.length - 1)];
    double top = 0;
    for (int i = 1; i < signal.length; i++) {
      steps[i - 1] = Math.abs(signal[i] - signal[i - 1]);
      top = Math.max(top, signal[i]);
    }
    Arrays.sort(steps);
    double median = steps[steps.length / 2];
    return Math.max(0.02 * top, median / NORMAL / Math.sqrt(2));
  }
}
