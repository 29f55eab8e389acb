package dev.jubilee.core.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.recording.Alignment.Pair;
import dev.jubilee.core.recording.Alignment.Step;
import dev.jubilee.core.recording.Recording.Point;
import dev.jubilee.core.recording.Stretches.Stretch;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Segmentation and alignment against trying everything, and against recordings made up. */
class RecordingTest {
  private static final Instant START = Instant.parse("2026-03-02T17:00:00Z");

  @Test
  void noOtherSegmentationCostsLess() {
    Random random = new Random(2012);
    for (int round = 0; round < 600; round++) {
      int n = 2 + random.nextInt(13);
      int shortest = 1 + random.nextInt(3);
      double[] signal = new double[n];
      double level = 0;
      for (int i = 0; i < n; i++) {
        level = random.nextInt(4) == 0 ? random.nextInt(5) : level;
        signal[i] = level + 0.3 * random.nextGaussian();
      }
      double penalty = 0.2 + random.nextDouble();
      List<Integer> found = ChangePoints.of(signal, shortest, penalty);
      double least = Double.POSITIVE_INFINITY;
      // Every subset of inner places is a segmentation.
      for (int set = 0; set < 1 << (n - 1); set++) {
        List<Integer> begins = new ArrayList<>(List.of(0));
        for (int i = 1; i < n; i++) {
          if ((set >> (i - 1) & 1) == 1) {
            begins.add(i);
          }
        }
        if (isLong(begins, n, shortest) || begins.size() == 1) {
          least = Math.min(least, cost(signal, begins, penalty));
        }
      }
      assertThat(isLong(found, n, shortest) || found.size() == 1).isTrue();
      assertThat(cost(signal, found, penalty)).isCloseTo(least, within(1e-9));
    }
  }

  @Test
  void noOtherPairingCostsLess() {
    Random random = new Random(1970);
    for (int round = 0; round < 400; round++) {
      List<Step> steps = new ArrayList<>();
      for (int i = 0; i < random.nextInt(6); i++) {
        Optional<Double> figure =
            random.nextInt(4) == 0 ? Optional.empty() : Optional.of(1 + 4 * random.nextDouble());
        steps.add(new Step("s" + i, 5 + random.nextInt(300), figure, true));
      }
      List<Stretch> stretches = new ArrayList<>();
      int at = 0;
      for (int i = 0; i < random.nextInt(6); i++) {
        int until = at + 5 + random.nextInt(300);
        stretches.add(new Stretch(at, until, 5 * random.nextDouble()));
        at = until;
      }
      List<Pair> pairs = Alignment.of(steps, stretches);
      assertThat(pairs.stream().flatMap(p -> p.step().stream()))
          .containsExactlyElementsOf(IntStream.range(0, steps.size()).boxed().toList());
      assertThat(pairs.stream().flatMap(p -> p.stretch().stream()))
          .containsExactlyElementsOf(IntStream.range(0, stretches.size()).boxed().toList());
      assertThat(Alignment.cost(steps, stretches, pairs))
          .isCloseTo(least(steps, stretches, 0, 0, new ArrayList<>()), within(1e-9));
    }
  }

  @Test
  void effortsOfAMadeUpSessionAreFoundAndPaired() {
    Random random = new Random(3);
    int paired = 0;
    int asked = 0;
    for (int round = 0; round < 60; round++) {
      List<Step> steps = new ArrayList<>();
      steps.add(new Step("raise", 480, Optional.of(2.8), false));
      for (int i = 0; i < 4; i++) {
        steps.add(new Step("build" + i, 20, Optional.of(4.2 + 0.5 * i), true));
        steps.add(new Step("back" + i, 60, Optional.of(1.8), false));
      }
      steps.add(new Step("wait", 240, Optional.of(0.4), false));
      int reps = 3 + random.nextInt(5);
      for (int i = 0; i < reps; i++) {
        steps.add(new Step("rep" + i, 180, Optional.of(4.6), true));
        steps.add(new Step("jog" + i, 90, Optional.of(2.2), false));
      }
      List<Point> points = new ArrayList<>();
      List<int[]> truth = new ArrayList<>();
      int second = 0;
      int missed = random.nextInt(steps.size() * 2);
      for (int i = 0; i < steps.size(); i++) {
        Step step = steps.get(i);
        int seconds = (int) Math.max(12, step.seconds() * (0.9 + 0.25 * random.nextDouble()));
        double figure = step.figure().get() * (0.97 + 0.06 * random.nextDouble());
        truth.add(new int[] {second, second + seconds});
        if (i == missed) {
          continue;
        }
        for (int s = 0; s < seconds; s++) {
          double speed = Math.max(0, figure + 0.12 * random.nextGaussian());
          points.add(
              new Point(START.plusSeconds(second++), Optional.of(speed), Optional.empty(), 0));
        }
      }
      List<Stretch> stretches = Stretches.of(Recording.of(Optional.empty(), points));
      for (Pair pair : Alignment.of(steps, stretches)) {
        if (pair.step().isEmpty() || !steps.get(pair.step().get()).isWork()) {
          continue;
        }
        int index = pair.step().get();
        if (index == missed) {
          continue;
        }
        asked++;
        boolean isIt =
            pair.stretch()
                .map(stretches::get)
                .filter(s -> overlap(s, truth.get(index)) > 0.7)
                .isPresent();
        paired += isIt ? 1 : 0;
      }
    }
    System.out.printf("efforts paired: %d of %d%n", paired, asked);
    assertThat((double) paired / asked).isGreaterThan(0.95);
  }

  @Test
  void threeHoursAtTheCafeAreOneStretch() {
    List<Point> points = new ArrayList<>();
    for (int s = 0; s < 600; s++) {
      points.add(new Point(START.plusSeconds(s), Optional.of(3.0), Optional.empty(), 120));
    }
    for (int s = 0; s < 300; s++) {
      points.add(
          new Point(START.plusSeconds(600 + 3 * 3600 + s), Optional.of(4.0), Optional.empty(), 0));
    }
    Recording recording = Recording.of(Optional.empty(), points);
    assertThat(recording.missing()).isBetween(3 * 3600 - 20, 3 * 3600);
    List<Stretch> stretches = Stretches.of(recording);
    assertThat(stretches).hasSize(3);
    assertThat(stretches.get(1).mean()).isLessThan(0.1);
  }

  @Test
  void timeThatGoesBackwardIsRefused() {
    List<Point> points =
        List.of(
            new Point(START, Optional.of(1.0), Optional.empty(), 0),
            new Point(START.minusSeconds(60), Optional.of(1.0), Optional.empty(), 0));
    assertThatThrownBy(() -> Recording.of(Optional.empty(), points))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("backward");
    assertThatThrownBy(() -> Recording.of(Optional.empty(), points.subList(0, 1)))
        .isInstanceOf(OutOfRangeException.class);
  }

  @Test
  void aLongRecordingIsFoundInASecond() {
    Random random = new Random(1);
    double[] signal = new double[7200];
    for (int i = 0; i < signal.length; i++) {
      signal[i] = 200 + 8 * random.nextGaussian();
    }
    long before = System.nanoTime();
    List<Integer> found = ChangePoints.of(signal, 5, ChangePoints.penalty(signal));
    System.out.printf("two hours even: %d ms%n", (System.nanoTime() - before) / 1_000_000);
    assertThat(found).containsExactly(0);
  }

  private static double overlap(Stretch stretch, int[] truth) {
    int from = Math.max(stretch.from(), truth[0]);
    int until = Math.min(stretch.until(), truth[1]);
    int both = Math.max(stretch.until(), truth[1]) - Math.min(stretch.from(), truth[0]);
    return Math.max(0, until - from) / (double) both;
  }

  private static boolean isLong(List<Integer> begins, int n, int shortest) {
    for (int i = 0; i < begins.size(); i++) {
      int until = i + 1 < begins.size() ? begins.get(i + 1) : n;
      if (until - begins.get(i) < shortest) {
        return false;
      }
    }
    return true;
  }

  private static double cost(double[] signal, List<Integer> begins, double penalty) {
    double sum = penalty * (begins.size() - 1);
    for (int i = 0; i < begins.size(); i++) {
      int until = i + 1 < begins.size() ? begins.get(i + 1) : signal.length;
      double[] part = Arrays.copyOfRange(signal, begins.get(i), until);
      double mean = Arrays.stream(part).average().orElse(0);
      sum += Arrays.stream(part).map(x -> (x - mean) * (x - mean)).sum();
    }
    return sum;
  }

  private static double least(
      List<Step> steps, List<Stretch> stretches, int i, int j, List<Pair> pairs) {
    if (i == steps.size() && j == stretches.size()) {
      return Alignment.cost(steps, stretches, pairs);
    }
    double least = Double.POSITIVE_INFINITY;
    List<Pair> next = new ArrayList<>();
    if (i < steps.size()) {
      next.add(new Pair(Optional.of(i), Optional.empty()));
    }
    if (j < stretches.size()) {
      next.add(new Pair(Optional.empty(), Optional.of(j)));
    }
    if (i < steps.size() && j < stretches.size()) {
      next.add(new Pair(Optional.of(i), Optional.of(j)));
    }
    for (Pair pair : next) {
      pairs.add(pair);
      int step = pair.step().isPresent() ? 1 : 0;
      int stretch = pair.stretch().isPresent() ? 1 : 0;
      least = Math.min(least, least(steps, stretches, i + step, j + stretch, pairs));
      pairs.remove(pairs.size() - 1);
    }
    return least;
  }
}
