package dev.jubilee.core.choice;

import dev.jubilee.core.plan.SetUp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToIntBiFunction;

/**
 * Seconds of the cheapest way through the parts of a plan, for any set of set-ups. For each part
 * and each set of its set-ups the cheapest crossing from any first to any last is worked out once
 * (Held &amp; Karp 1962); a way is then put together part by part.
 */
final class ChangeoverCosts {
  private static final int NEVER = Integer.MAX_VALUE / 4;

  /** Set-ups that differ, the one on arriving first. */
  private final List<SetUp> setUps = new ArrayList<>(List.of(SetUp.ARRIVING));

  /** Seconds from each of {@link #setUps} to each. */
  private final int[][] between;

  private final List<Part> parts = new ArrayList<>();

  /** Seconds plus one by set of optional set-ups; 0 where not yet known. */
  private final int[] known;

  private final int withNone;

  /** One part of the plan. */
  private static final class Part {
    /** Indices into {@link ChangeoverCosts#setUps}. */
    final int[] setUps;

    /** Index of each among what can be chosen, −1 for what is there anyway. */
    final int[] optional;

    /** Seconds by set, first and last; {@link #NEVER} where not possible. */
    final int[][][] least;

    Part(int[] setUps, int[] optional, int[][][] least) {
      this.setUps = setUps;
      this.optional = optional;
      this.least = least;
    }

    int visited(int chosen) {
      int visited = 0;
      for (int i = 0; i < optional.length; i++) {
        if (optional[i] < 0 || (chosen & 1 << optional[i]) != 0) {
          visited |= 1 << i;
        }
      }
      return visited;
    }
  }

  /**
   * @param stages parts in the order of the plan
   * @param optional how many set-ups can be chosen
   * @param seconds from one set-up to another
   */
  ChangeoverCosts(
      List<List<SetUpSequencer.Visit>> stages,
      int optional,
      ToIntBiFunction<SetUp, SetUp> seconds) {
    int[][] indices = stages.stream().map(this::indices).toArray(int[][]::new);
    between = new int[setUps.size()][setUps.size()];
    for (int from = 0; from < between.length; from++) {
      for (int to = 0; to < between.length; to++) {
        between[from][to] = seconds.applyAsInt(setUps.get(from), setUps.get(to));
      }
    }
    for (int s = 0; s < indices.length; s++) {
      int[] choices = stages.get(s).stream().mapToInt(SetUpSequencer.Visit::index).toArray();
      parts.add(new Part(indices[s], choices, least(indices[s])));
    }
    known = new int[1 << optional];
    withNone = shortest(0);
  }

  private int[] indices(List<SetUpSequencer.Visit> stage) {
    int[] indices = new int[stage.size()];
    for (int i = 0; i < indices.length; i++) {
      SetUp setUp = stage.get(i).setUp();
      if (!setUps.contains(setUp)) {
        setUps.add(setUp);
      }
      indices[i] = setUps.indexOf(setUp);
    }
    return indices;
  }

  /** Seconds through each set of a part's set-ups, by first and last. */
  private int[][][] least(int[] part) {
    int n = part.length;
    int[][][] least = new int[1 << n][n][n];
    for (int[][] ofSet : least) {
      for (int[] ofFirst : ofSet) {
        Arrays.fill(ofFirst, NEVER);
      }
    }
    for (int first = 0; first < n; first++) {
      least[1 << first][first][first] = 0;
      for (int set = 1; set < 1 << n; set++) {
        for (int last = 0; last < n; last++) {
          int here = least[set][first][last];
          for (int i = 0; here < NEVER && i < n; i++) {
            int[] grown = least[set | 1 << i][first];
            if ((set & 1 << i) == 0) {
              grown[i] = Math.min(grown[i], here + between[part[last]][part[i]]);
            }
          }
        }
      }
    }
    return least;
  }

  /** As {@link dev.jubilee.core.selection.SetupTime#seconds}. */
  int seconds(int chosen) {
    if (known[chosen] == 0) {
      known[chosen] = shortest(chosen) - withNone + 1;
    }
    return known[chosen] - 1;
  }

  private int shortest(int chosen) {
    int[] ends = {0};
    int[] costs = {0};
    for (Part part : parts) {
      int visited = part.visited(chosen);
      if (visited != 0) {
        costs = through(part, part.least[visited], visited, ends, costs);
        ends = part.setUps;
      }
    }
    return Arrays.stream(costs).min().orElseThrow();
  }

  private int[] through(Part part, int[][] least, int visited, int[] ends, int[] costs) {
    int n = part.setUps.length;
    int[] cheapest = new int[n];
    Arrays.fill(cheapest, NEVER);
    for (int first = 0; first < n; first++) {
      if ((visited & 1 << first) != 0) {
        int there = NEVER;
        for (int e = 0; e < ends.length; e++) {
          there = Math.min(there, costs[e] + between[ends[e]][part.setUps[first]]);
        }
        for (int last = 0; last < n; last++) {
          cheapest[last] = Math.min(cheapest[last], there + least[first][last]);
        }
      }
    }
    return cheapest;
  }

  /** As {@link dev.jubilee.core.selection.SetupTime#atLeast}. */
  int atLeast(int choice) {
    List<Integer> before = new ArrayList<>(List.of(0));
    List<Integer> after = new ArrayList<>();
    int own = -1;
    for (Part part : parts) {
      boolean passed = own >= 0;
      int at = at(part, choice);
      for (int i = 0; i < part.setUps.length; i++) {
        if (!passed && i != at) {
          before.add(part.setUps[i]);
        }
        if ((passed || at >= 0) && i != at) {
          after.add(part.setUps[i]);
        }
      }
      own = at >= 0 ? part.setUps[at] : own;
    }
    int least = NEVER;
    for (int b : before) {
      int there = between[b][own];
      least = after.isEmpty() ? Math.min(least, there) : least;
      for (int a : after) {
        least = Math.min(least, there + between[own][a] - between[b][a]);
      }
    }
    return least;
  }

  private static int at(Part part, int choice) {
    for (int i = 0; i < part.optional.length; i++) {
      if (part.optional[i] == choice) {
        return i;
      }
    }
    return -1;
  }
}
