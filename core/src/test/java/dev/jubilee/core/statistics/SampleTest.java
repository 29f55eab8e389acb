package dev.jubilee.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.quantity.OutOfRangeException;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Quantiles and the interval of a median against their published definitions. */
class SampleTest {
  @Test
  void quantilesAreThoseOfDefinitionSeven() {
    // quantile(c(1, 2, 4, 8, 16), c(.1, .25, .5, .9)) of R, whose default is type 7: from memory.
    Sample sample = Sample.of(List.of(16, 1, 8, 2, 4));
    assertThat(sample.quantile(0.1)).isCloseTo(1.4, within(1e-12));
    assertThat(sample.quantile(0.25)).isEqualTo(2);
    assertThat(sample.median()).isEqualTo(4);
    assertThat(sample.quantile(0.9)).isCloseTo(12.8, within(1e-12));
    assertThatThrownBy(() -> Sample.of(List.of())).isInstanceOf(OutOfRangeException.class);
    assertThatThrownBy(() -> Sample.of(List.of(Double.NaN)))
        .isInstanceOf(OutOfRangeException.class);
  }

  @Test
  void theMedianIsBetweenTheRanksOfTheHandbook() {
    // Ranks for 95 % (Hahn & Meeker 1991; Conover, Practical Nonparametric Statistics): memory.
    int[][] ranks = {{6, 1}, {8, 1}, {9, 2}, {10, 2}, {15, 4}, {20, 6}, {25, 8}, {50, 18}};
    for (int[] row : ranks) {
      Sample.Interval found = interval(row[0]);
      assertThat(found.low()).as("of %d", row[0]).isEqualTo(row[1]);
      assertThat(found.high()).isEqualTo(row[0] + 1 - row[1]);
    }
    assertThat(Sample.of(List.of(1, 2, 3, 4, 5)).medianInterval(0.95)).isEmpty();
  }

  @Test
  void howSureItIsIsCountedExactly() {
    for (int n = 6; n <= 200; n++) {
      Sample.Interval found = interval(n);
      BigInteger outside = BigInteger.ZERO;
      BigInteger ways = BigInteger.ONE;
      for (int k = 0; k < found.low(); k++) {
        outside = outside.add(ways);
        ways = ways.multiply(BigInteger.valueOf(n - k)).divide(BigInteger.valueOf(k + 1));
      }
      double level = 1 - 2 * outside.doubleValue() / Math.pow(2, n);
      assertThat(found.level())
          .as("of %d", n)
          .isCloseTo(level, within(1e-9))
          .isGreaterThanOrEqualTo(0.95);
    }
  }

  @Test
  void theMedianOfAnythingIsInsideAsOftenAsIsSaid() {
    Random random = new Random(17);
    int inside = 0;
    double told = 0;
    int all = 10_000;
    for (int i = 0; i < all; i++) {
      List<Double> seen = new ArrayList<>();
      int n = 6 + random.nextInt(30);
      for (int k = 0; k < n; k++) {
        seen.add(Math.exp(2 * random.nextGaussian()));
      }
      Sample.Interval found = Sample.of(seen).medianInterval(0.95).orElseThrow();
      inside += found.low() <= 1 && found.high() >= 1 ? 1 : 0;
      told += found.level();
    }
    System.out.printf("median inside its interval: %.1f %%%n", 100.0 * inside / all);
    assertThat((double) inside / all).isCloseTo(told / all, within(0.01));
  }

  private static Sample.Interval interval(int n) {
    List<Integer> all = new ArrayList<>(IntStream.rangeClosed(1, n).boxed().toList());
    Collections.shuffle(all, new Random(n));
    return Sample.of(all).medianInterval(0.95).orElseThrow();
  }
}
