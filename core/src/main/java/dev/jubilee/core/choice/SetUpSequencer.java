package dev.jubilee.core.choice;

import dev.jubilee.core.plan.SetUp;
import dev.jubilee.core.selection.SetupTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToIntBiFunction;

/**
 * The parts of a plan in their order, and the cheapest way through them. Within a part, drills of
 * one set-up stand together: by the triangle inequality of {@link SetUp#secondsTo} no other order
 * takes less time. Which set-up comes when is found by dynamic programming over sets (Held &amp;
 * Karp 1962), part after part.
 */
final class SetUpSequencer implements SetupTime {
  /** Seconds count before effort that falls. */
  private static final long SECOND = 1000;

  private final ToIntBiFunction<SetUp, SetUp> seconds;
  private final List<List<Visit>> stages = new ArrayList<>();
  private final List<Visit> optional = new ArrayList<>();

  /** What is asked again and again, worked out at the first question. */
  private ChangeoverCosts crossings;

  /**
   * @param seconds from one set-up to another; never longer than by a third
   */
  SetUpSequencer(ToIntBiFunction<SetUp, SetUp> seconds) {
    this.seconds = seconds;
  }

  /** A set-up in a part of the plan; index −1 marks what is there anyway. */
  record Visit(int index, SetUp setUp) {}

  /** Appends a part that is in the plan whatever is chosen. */
  void fixed(SetUp setUp) {
    stages.add(List.of(new Visit(-1, setUp)));
  }

  /**
   * Appends a part to choose for.
   *
   * @param setUps that its drills may need
   * @return index of the first, the others following
   */
  int open(List<SetUp> setUps) {
    int first = optional.size();
    List<Visit> stage = new ArrayList<>();
    for (SetUp setUp : setUps) {
      Visit visit = new Visit(optional.size(), setUp);
      optional.add(visit);
      stage.add(visit);
    }
    stages.add(stage);
    return first;
  }

  @Override
  public int seconds(int setups) {
    return crossings().seconds(setups);
  }

  @Override
  public int atLeast(int setup) {
    return setup < optional.size() ? crossings().atLeast(setup) : 0;
  }

  private ChangeoverCosts crossings() {
    if (crossings == null) {
      crossings = new ChangeoverCosts(stages, optional.size(), seconds);
    }
    return crossings;
  }

  /**
   * The chosen set-ups in the order that takes the least time, and of those orders the one in which
   * effort falls least.
   *
   * @param setups bit {@code k} for set-up {@code k}
   * @param efforts for each set-up the lowest and highest effort of its drills
   */
  List<Integer> order(int setups, int[][] efforts) {
    List<Integer> order = new ArrayList<>();
    for (Way way = way(setups, efforts); way != null; way = way.before) {
      if (way.at.index >= 0) {
        order.add(0, way.at.index);
      }
    }
    return order;
  }

  private record Way(Visit at, long cost, Way before) {}

  private Way way(int setups, int[][] efforts) {
    List<Way> ends = List.of(new Way(new Visit(-1, SetUp.ARRIVING), 0, null));
    for (List<Visit> stage : stages) {
      List<Visit> visited =
          stage.stream().filter(v -> v.index < 0 || (setups & 1 << v.index) != 0).toList();
      if (!visited.isEmpty()) {
        ends = through(visited, ends, efforts);
      }
    }
    return ends.stream().min(Comparator.comparingLong(Way::cost)).orElseThrow();
  }

  /** Best ways through all of a part's set-ups, one for each that may be the last. */
  private List<Way> through(List<Visit> stage, List<Way> ends, int[][] efforts) {
    int n = stage.size();
    Way[][] best = new Way[1 << n][n];
    for (int i = 0; i < n; i++) {
      for (Way end : ends) {
        long cost = end.cost + SECOND * seconds.applyAsInt(end.at.setUp, stage.get(i).setUp);
        best[1 << i][i] = better(best[1 << i][i], stage.get(i), cost, end);
      }
    }
    for (int set = 1; set < 1 << n; set++) {
      for (int last = 0; last < n; last++) {
        Way way = best[set][last];
        for (int i = 0; way != null && i < n; i++) {
          if ((set & 1 << i) == 0) {
            long cost = way.cost + step(stage.get(last), stage.get(i), efforts);
            Way[] grown = best[set | 1 << i];
            grown[i] = better(grown[i], stage.get(i), cost, way);
          }
        }
      }
    }
    return Arrays.asList(best[(1 << n) - 1]);
  }

  private static Way better(Way known, Visit at, long cost, Way before) {
    return known == null || cost < known.cost ? new Way(at, cost, before) : known;
  }

  private long step(Visit from, Visit to, int[][] efforts) {
    long cost = SECOND * seconds.applyAsInt(from.setUp, to.setUp);
    return efforts.length == 0
        ? cost
        : cost + Math.max(0, efforts[from.index][1] - efforts[to.index][0]);
  }
}
