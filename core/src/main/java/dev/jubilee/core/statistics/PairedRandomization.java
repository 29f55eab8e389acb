package dev.jubilee.core.statistics;

import dev.jubilee.core.quantity.Bounds;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Two ways tried in pairs whose order chance decided, by one person (Edgington &amp; Onghena,
 * <i>Randomization Tests</i>). If it made no difference which was which, each pair's difference
 * could as well have had the other sign: of all 2ⁿ signs the share that is as far from nothing as
 * what was seen is how surprising it is.
 */
public final class PairedRandomization {
  /** More pairs than a season has. */
  public static final int MOST_PAIRS = 16;

  /** What is called surprising. */
  public static final double SURPRISING = 0.05;

  /** How often a difference is to be found if it is there; usual since Cohen (1988). */
  private static final double OFTEN_ENOUGH = 0.8;

  /** Differences that are closer are equal: what was measured has few digits. */
  private static final double EQUAL = 1e-9;

  /** Made-up trials for a figure of power: its error stays below one in a hundred. */
  private static final int TRIALS = 4000;

  private final double[] differences;

  private PairedRandomization(double[] differences) {
    this.differences = differences;
  }

  /**
   * A trial that is over.
   *
   * @param differences of each pair, first way less second; 1 to {@value #MOST_PAIRS}
   */
  public static PairedRandomization of(List<Double> differences) {
    Bounds.within("pairs", differences.size(), 1, MOST_PAIRS, "pairs");
    return new PairedRandomization(differences.stream().mapToDouble(Double::doubleValue).toArray());
  }

  /** Mean difference. */
  public double mean() {
    return Arrays.stream(differences).sum() / differences.length;
  }

  /** Two-sided, exact: the share of all signs whose mean is as far from nothing. */
  public double pValue() {
    return pValue(differences);
  }

  private static double pValue(double[] differences) {
    double seen = Math.abs(Arrays.stream(differences).sum()) - EQUAL;
    int all = 1 << differences.length;
    int asFar = 0;
    // Each step changes one sign (Gray code), so that nothing is added up twice.
    double sum = Arrays.stream(differences).sum();
    boolean[] isTurned = new boolean[differences.length];
    for (int i = 1; i <= all; i++) {
      if (Math.abs(sum) >= seen) {
        asFar++;
      }
      int turn = Math.min(Integer.numberOfTrailingZeros(i), differences.length - 1);
      isTurned[turn] = !isTurned[turn];
      sum += (isTurned[turn] ? -2 : 2) * differences[turn];
    }
    return (double) asFar / all;
  }

  /**
   * The differences that the test would not call surprising. Of symmetric differences the means of
   * all subsets cut the line into 2ⁿ stretches of equal probability (Hartigan 1969), so that it is
   * between two of them.
   *
   * @param atLeast how sure it is to be, 0 to 1; where there are too few pairs for it, it is from
   *     the least to the greatest mean, and says how sure that is
   */
  public Sample.Interval interval(double atLeast) {
    int all = 1 << differences.length;
    double[] means = new double[all - 1];
    for (int subset = 1; subset < all; subset++) {
      double sum = 0;
      for (int i = 0; i < differences.length; i++) {
        sum += (subset >> i & 1) == 1 ? differences[i] : 0;
      }
      means[subset - 1] = sum / Integer.bitCount(subset);
    }
    Arrays.sort(means);
    int leftOut = Math.max(1, (int) Math.floor((1 - atLeast) * all / 2 + EQUAL));
    return new Sample.Interval(
        means[leftOut - 1], means[means.length - leftOut], 1 - 2.0 * leftOut / all);
  }

  /**
   * How often a difference would be found if it is there, at 5 %: by made-up trials, always the
   * same ones.
   *
   * @param effect mean difference over the standard deviation of differences, above 0
   * @param pairs 1 to {@value #MOST_PAIRS}
   */
  public static double power(double effect, int pairs) {
    Bounds.within("pairs", pairs, 1, MOST_PAIRS, "pairs");
    // With fewer not even all of one sign are that surprising.
    if (2.0 / (1 << pairs) > SURPRISING) {
      return 0;
    }
    SplittableRandom chance = new SplittableRandom(pairs);
    NormalDistribution noise = NormalDistribution.of(effect, 1);
    int trials = Math.max(200, TRIALS >> Math.max(0, pairs - 8));
    int found = 0;
    double[] made = new double[pairs];
    for (int t = 0; t < trials; t++) {
      for (int i = 0; i < pairs; i++) {
        made[i] = noise.inverseCumulativeProbability(chance.nextDouble(1e-12, 1));
      }
      if (pValue(made) <= SURPRISING + EQUAL) {
        found++;
      }
    }
    return (double) found / trials;
  }

  /**
   * The fewest pairs with which a difference is found four times of five.
   *
   * @return {@value #MOST_PAIRS} + 1 where even the most are too few
   */
  public static int pairsFor(double effect) {
    for (int pairs = 1; pairs <= MOST_PAIRS; pairs++) {
      if (power(effect, pairs) >= OFTEN_ENOUGH) {
        return pairs;
      }
    }
    return MOST_PAIRS + 1;
  }

  /**
   * In which pairs the first way comes first, as chance decides.
   *
   * @param seed of chance; the same seed decides the same
   */
  public static List<Boolean> draw(long seed, int pairs) {
    Bounds.within("pairs", pairs, 1, MOST_PAIRS, "pairs");
    SplittableRandom chance = new SplittableRandom(seed);
    return Stream.generate(chance::nextBoolean).limit(pairs).toList();
  }
}
