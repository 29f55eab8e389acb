package dev.jubilee.core.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.logbook.HeartResponse.Pair;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A made-up athlete whose heart rises more or less than the average one's, by a known factor. */
class HeartResponseTest {
  private static final int BASE = 70;

  @Test
  void withoutReadingsItIsTheAverageBody() {
    assertThat(HeartResponse.of(List.of(), BASE)).isEqualTo(HeartResponse.AVERAGE);
    assertThat(HeartResponse.AVERAGE.expected(131, BASE)).isEqualTo(131);
  }

  @Test
  void aFewReadingsMoveItALittleAndAWholeWarmUpALot() {
    double few = HeartResponse.of(readings(1.2, 1, 30, new Random(1)), BASE).factor();
    double many = HeartResponse.of(readings(1.2, 60, 30, new Random(1)), BASE).factor();
    assertThat(few - 1).isBetween(0.0, 0.2);
    assertThat(many).isCloseTo(1.2, within(0.03));
  }

  /** Bayes' rule must be right on average: bodies drawn from the prior, one at a time. */
  @Test
  void overManyBodiesItIsAsFarOffAsItShouldBe() {
    Random random = new Random(4);
    double squares = 0;
    int bodies = 4000;
    int readings = 10;
    for (int i = 0; i < bodies; i++) {
      double truth = 1 + 0.15 * random.nextGaussian();
      double found = HeartResponse.of(readings(truth, readings, 30, random), BASE).factor();
      squares += (found - truth) * (found - truth);
    }
    // What is left of the prior's variance: 1 / (1/0.15² + Σ rise²/6²), the rises as below.
    double information = 1 / (0.15 * 0.15);
    for (int i = 0; i < readings; i++) {
      information += Math.pow(rise(i), 2) / 36;
    }
    assertThat(Math.sqrt(squares / bodies)).isCloseTo(Math.sqrt(1 / information), within(0.004));
  }

  @Test
  void readingsOfTheSameMomentSayItOnce() {
    List<Pair> often = new ArrayList<>();
    for (int s = 0; s < 300; s += 10) {
      often.add(new Pair(s, 120, 110));
    }
    List<Pair> seldom = often.stream().filter(p -> p.second() % 30 == 0).toList();
    double a = HeartResponse.of(often, BASE).factor();
    double b = HeartResponse.of(seldom, BASE).factor();
    assertThat(a).isCloseTo(b, within(0.005));
  }

  @Test
  void nonsenseStaysWithinBounds() {
    assertThat(HeartResponse.of(List.of(new Pair(0, 250, 71), new Pair(30, 250, 200)), BASE))
        .satisfies(r -> assertThat(r.factor()).isBetween(0.6, 1.6));
    assertThat(HeartResponse.of(List.of(new Pair(0, 30, 180)), BASE).factor()).isBetween(0.6, 1.6);
  }

  private static double rise(int i) {
    return 10 + 3.0 * (i % 20);
  }

  private static List<Pair> readings(double truth, int count, int apart, Random random) {
    List<Pair> pairs = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double measured = BASE + truth * rise(i) + 6 * random.nextGaussian();
      pairs.add(new Pair(i * apart, (int) Math.round(measured), (int) (BASE + rise(i))));
    }
    return pairs;
  }
}
