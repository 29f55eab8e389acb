package dev.jubilee.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The exact test against a published example, counting, and made-up trials without effect. */
class PairedRandomizationTest {
  /** Differences in height of cross- and self-fertilised plants, eighths of an inch (Darwin). */
  private static final List<Double> PLANTS =
      Stream.of(49, -67, 8, 16, 6, 23, 28, 41, 14, 29, 56, 24, 75, 60, -48)
          .map(Integer::doubleValue)
          .toList();

  @Test
  void isFishersAnswerForDarwinsPlants() {
    // Fisher, The Design of Experiments (1935), section 21: 863 of 32,768 sums are as great, so
    // that both ways it is 1,726.
    assertThat(PairedRandomization.of(PLANTS).pValue()).isCloseTo(1726.0 / 32768, within(1e-12));
    assertThat(PairedRandomization.of(PLANTS).mean()).isCloseTo(20.933, within(0.001));
  }

  @Test
  void countsAllSigns() {
    Random random = new Random(4);
    for (int n = 1; n <= 9; n++) {
      double[] d = random.doubles(n, -3, 5).toArray();
      int asFar = 0;
      double seen = Math.abs(Arrays.stream(d).sum());
      for (int signs = 0; signs < 1 << n; signs++) {
        double sum = 0;
        for (int i = 0; i < n; i++) {
          sum += (signs >> i & 1) == 1 ? d[i] : -d[i];
        }
        asFar += Math.abs(sum) >= seen - 1e-9 ? 1 : 0;
      }
      List<Double> list = Arrays.stream(d).boxed().toList();
      assertThat(PairedRandomization.of(list).pValue())
          .isCloseTo((double) asFar / (1 << n), within(1e-12));
    }
  }

  @Test
  void findsNothingWhereThereIsNothing() {
    Random random = new Random(1935);
    int all = 20_000;
    for (int pairs : new int[] {8, 10}) {
      int found = 0;
      int held = 0;
      for (int i = 0; i < all; i++) {
        List<Double> none = made(random, pairs, 0);
        found += PairedRandomization.of(none).pValue() <= 0.05 ? 1 : 0;
      }
      for (int i = 0; i < 4000; i++) {
        Sample.Interval interval = PairedRandomization.of(made(random, pairs, 2)).interval(0.9);
        held += interval.low() <= 2 && interval.high() >= 2 ? 1 : 0;
      }
      System.out.printf(
          "no effect, %d pairs: called one in %.2f %%; interval of 90 %% holds in %.1f %%%n",
          pairs, 100.0 * found / all, held / 40.0);
      assertThat((double) found / all).isBetween(0.045, 0.055);
      assertThat(held / 4000.0).isBetween(0.88, 0.925);
    }
  }

  @Test
  void theIntervalIsWhatTheTestDoesNotCallSurprising() {
    Random random = new Random(8);
    for (int i = 0; i < 200; i++) {
      List<Double> seen = made(random, 8, 1);
      Sample.Interval interval = PairedRandomization.of(seen).interval(0.95);
      double width = interval.high() - interval.low();
      double inside = interval.low() + 0.01 * width;
      double outside = interval.low() - 0.01 * width;
      assertThat(shifted(seen, inside).pValue()).isGreaterThan(1 - interval.level());
      assertThat(shifted(seen, outside).pValue()).isLessThanOrEqualTo(1 - interval.level() + 1e-9);
    }
  }

  @Test
  void tellsBeforehandHowManyPairsAreNeeded() {
    assertThat(PairedRandomization.power(3, 5)).as("five all of one sign prove nothing").isZero();
    // The t-test's sample size for an effect of one standard deviation and 80 % is 10 (Cohen 1988,
    // power.t.test of R: 9.94, from memory); the exact test needs about as many.
    assertThat(PairedRandomization.pairsFor(1)).isBetween(9, 11);
    assertThat(PairedRandomization.pairsFor(0.2)).isEqualTo(PairedRandomization.MOST_PAIRS + 1);
    assertThat(PairedRandomization.power(1, 10)).isEqualTo(PairedRandomization.power(1, 10));
  }

  @Test
  void chanceDecidesTheOrder() {
    int[] firsts = new int[8];
    for (long seed = 0; seed < 4000; seed++) {
      List<Boolean> order = PairedRandomization.draw(seed, 8);
      assertThat(order).isEqualTo(PairedRandomization.draw(seed, 8));
      for (int i = 0; i < 8; i++) {
        firsts[i] += order.get(i) ? 1 : 0;
      }
    }
    assertThat(Arrays.stream(firsts).boxed()).allSatisfy(n -> assertThat(n).isBetween(1880, 2120));
  }

  private static PairedRandomization shifted(List<Double> differences, double by) {
    return PairedRandomization.of(differences.stream().map(d -> d - by).toList());
  }

  private static List<Double> made(Random random, int pairs, double effect) {
    List<Double> made = new ArrayList<>();
    for (int i = 0; i < pairs; i++) {
      made.add(effect + random.nextGaussian());
    }
    return made;
  }

  /** By hand: of the 15 means of 1, 2, 4 and 8 the second least is 1.5, the second greatest 6. */
  @Test
  void anIntervalOfThreeQuartersLeavesOutOneMeanAtEachEnd() {
    Sample.Interval interval = PairedRandomization.of(List.of(4.0, 1.0, 8.0, 2.0)).interval(0.75);
    assertThat(interval.low()).isEqualTo(1.5);
    assertThat(interval.high()).isEqualTo(6);
    assertThat(interval.level()).isEqualTo(0.75);
  }
}
