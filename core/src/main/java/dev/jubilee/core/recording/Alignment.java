package dev.jubilee.core.recording;

import dev.jubilee.core.recording.Stretches.Stretch;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * What was recorded beside what was prescribed, in order: the pairing of stretches with steps that
 * costs least (Needleman &amp; Wunsch 1970). A pair costs what it differs by in length and in pace
 * or power; a step that was not done, and a stretch that nobody asked for, cost their length.
 */
public final class Alignment {
  /** Half as long or twice as long costs so much, as does half or twice the figure. */
  private static final double OCTAVE = 1;

  /** Left out: from so much on, and so much more a minute. */
  private static final double GAP = 0.6;

  private static final double GAP_A_MINUTE = 0.35;
  private static final double MOST_GAP = 2;

  /** Paces and watts are hit more closely than lengths. */
  private static final double FIGURES_COUNT = 3;

  /** Below this share of a step's figure one only stands about: as good as nothing. */
  private static final double STANDING = 0.2;

  private Alignment() {}

  /**
   * What was prescribed.
   *
   * @param key what it is known by
   * @param seconds of it
   * @param figure m/s or W to aim at; absent where it has none, such as of a drill
   * @param isWork whether it is an effort, not a rest
   */
  public record Step(String key, int seconds, Optional<Double> figure, boolean isWork) {}

  /**
   * A step and where it was done.
   *
   * @param step index of the step; absent for a stretch that nobody asked for
   * @param stretch index of the stretch; absent for a step that was not done
   */
  public record Pair(Optional<Integer> step, Optional<Integer> stretch) {}

  /** The pairs in order, every step and every stretch once. */
  public static List<Pair> of(List<Step> steps, List<Stretch> stretches) {
    int n = steps.size();
    int m = stretches.size();
    double[][] cost = new double[n + 1][m + 1];
    for (int i = 0; i <= n; i++) {
      for (int j = 0; j <= m; j++) {
        if (i == 0 && j == 0) {
          continue;
        }
        double best = Double.POSITIVE_INFINITY;
        if (i > 0) {
          best = cost[i - 1][j] + gap(steps.get(i - 1).seconds());
        }
        if (j > 0) {
          best = Math.min(best, cost[i][j - 1] + gap(stretches.get(j - 1).seconds()));
        }
        if (i > 0 && j > 0) {
          best = Math.min(best, cost[i - 1][j - 1] + cost(steps.get(i - 1), stretches.get(j - 1)));
        }
        cost[i][j] = best;
      }
    }
    return back(steps, stretches, cost);
  }

  private static List<Pair> back(List<Step> steps, List<Stretch> stretches, double[][] cost) {
    List<Pair> pairs = new ArrayList<>();
    int i = steps.size();
    int j = stretches.size();
    while (i > 0 || j > 0) {
      boolean isPair =
          i > 0
              && j > 0
              && cost[i][j] == cost[i - 1][j - 1] + cost(steps.get(i - 1), stretches.get(j - 1));
      if (isPair) {
        pairs.add(new Pair(Optional.of(--i), Optional.of(--j)));
      } else if (i > 0 && cost[i][j] == cost[i - 1][j] + gap(steps.get(i - 1).seconds())) {
        pairs.add(new Pair(Optional.of(--i), Optional.empty()));
      } else {
        pairs.add(new Pair(Optional.empty(), Optional.of(--j)));
      }
    }
    Collections.reverse(pairs);
    return pairs;
  }

  /** What a pairing costs in all. */
  static double cost(List<Step> steps, List<Stretch> stretches, List<Pair> pairs) {
    double sum = 0;
    for (Pair pair : pairs) {
      if (pair.step().isPresent() && pair.stretch().isPresent()) {
        sum += cost(steps.get(pair.step().get()), stretches.get(pair.stretch().get()));
      } else {
        sum +=
            pair.step()
                .map(s -> gap(steps.get(s).seconds()))
                .orElseGet(() -> gap(stretches.get(pair.stretch().get()).seconds()));
      }
    }
    return sum;
  }

  private static double gap(int seconds) {
    return Math.min(MOST_GAP, GAP + GAP_A_MINUTE * seconds / 60);
  }

  private static double cost(Step step, Stretch stretch) {
    double length = octaves(step.seconds(), stretch.seconds());
    if (step.figure().isEmpty()) {
      return OCTAVE * length / 2;
    }
    double asked = step.figure().get();
    double figure = octaves(asked, Math.max(STANDING * asked, stretch.mean()));
    return OCTAVE * (length / 2 + FIGURES_COUNT * figure);
  }

  private static double octaves(double one, double other) {
    return Math.abs(Math.log(Math.max(1e-3, other) / Math.max(1e-3, one))) / Math.log(2);
  }
}
