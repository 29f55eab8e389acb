package dev.jubilee.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;

/** Bayes' rule against adding up likelihoods, and bands against made-up truths. */
class LogNormalTest {
  private static final NormalDistribution TAIL = NormalDistribution.of(0, 1);

  @Test
  void isWhatAddingUpLikelihoodsGives() {
    LogNormal known = LogNormal.around(1, 0.2).seen(0.8, 0.5).seen(0.7, 0.5).seen(1.1, 0.3);
    double weight = 0;
    double sum = 0;
    double squares = 0;
    for (double x = -2; x <= 2; x += 0.0005) {
      double density =
          normal(x, 0, 0.2)
              * normal(Math.log(0.8), x, 0.5)
              * normal(Math.log(0.7), x, 0.5)
              * normal(Math.log(1.1), x, 0.3);
      weight += density;
      sum += density * x;
      squares += density * x * x;
    }
    double mean = sum / weight;
    assertThat(known.mean()).isCloseTo(mean, within(1e-6));
    assertThat(known.variance()).isCloseTo(squares / weight - mean * mean, within(1e-6));
  }

  /** What is never seen above an end, against adding up the likelihoods of what is. */
  @Test
  void aSightingThatCouldNotHaveBeenHigherSaysLess() {
    for (double factor : new double[] {0.6, 1, 1.3}) {
      for (double most : new double[] {1.3, 1.6, 3, 50}) {
        double weight = 0;
        double sum = 0;
        double squares = 0;
        for (double x = -2; x <= 2; x += 0.0005) {
          double seen = TAIL.cumulativeProbability((Math.log(most) - x) / 0.5);
          double density = normal(x, 0, 0.178) * normal(Math.log(factor), x, 0.5) / seen;
          weight += density;
          sum += density * x;
          squares += density * x * x;
        }
        LogNormal known = LogNormal.around(1, 0.178).seenUpTo(most, factor, 0.5);
        double mean = sum / weight;
        assertThat(known.mean()).isCloseTo(mean, within(1e-4));
        assertThat(known.variance()).isCloseTo(squares / weight - mean * mean, within(1e-4));
        assertThat(known.mean())
            .isGreaterThanOrEqualTo(LogNormal.around(1, 0.178).seen(factor, 0.5).mean() - 1e-6);
      }
    }
  }

  @Test
  void threeMoveItALittleAndThirtyALot() {
    LogNormal known = LogNormal.around(1, 0.178);
    double truth = 0.7;
    LogNormal three = known;
    for (int i = 0; i < 3; i++) {
      three = three.seen(truth, 0.5);
    }
    LogNormal thirty = known;
    for (int i = 0; i < 30; i++) {
      thirty = thirty.seen(truth, 0.5);
    }
    double share3 = Math.log(three.median()) / Math.log(truth);
    double share30 = Math.log(thirty.median()) / Math.log(truth);
    assertThat(share3).isBetween(0.15, 0.4);
    assertThat(share30).isBetween(0.7, 0.95);
    assertThat(thirty.spread()).isLessThan(three.spread()).isLessThan(0.6 * known.spread());
  }

  @Test
  void fourOfFiveTruthsAreInTheBand() {
    Random random = new Random(5);
    int all = 10_000;
    int[] seen = {0, 3, 30};
    for (int n : seen) {
      int held = 0;
      int next = 0;
      for (int i = 0; i < all; i++) {
        double truth = 0.178 * random.nextGaussian();
        LogNormal known = LogNormal.around(1, 0.178);
        for (int k = 0; k < n; k++) {
          known = known.seen(Math.exp(truth + 0.5 * random.nextGaussian()), 0.5);
        }
        held += known.holds(Math.exp(truth), 0.8) ? 1 : 0;
        next += known.next(0.5).holds(Math.exp(truth + 0.5 * random.nextGaussian()), 0.8) ? 1 : 0;
      }
      System.out.printf(
          "after %d moments: truth in the band of 80 %% in %.1f %%, the next one in %.1f %%%n",
          n, 100.0 * held / all, 100.0 * next / all);
      assertThat((double) held / all).isBetween(0.78, 0.82);
      assertThat((double) next / all).isBetween(0.78, 0.82);
    }
  }

  private static double normal(double x, double mean, double spread) {
    double z = (x - mean) / spread;
    return Math.exp(-z * z / 2);
  }
}
