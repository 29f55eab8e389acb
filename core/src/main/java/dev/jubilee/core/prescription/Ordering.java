package dev.jubilee.core.prescription;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Position;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * Orders the drills of one block so that the least time goes on getting up, down and into kit, and
 * effort rises as far as that allows. Exact, by dynamic programming over subsets (Held &amp; Karp
 * 1962).
 */
final class Ordering {
  /** Beyond this many drills subsets get too many; such blocks are cut into parts of this size. */
  private static final int EXACT = 10;

  /** A second of changeover weighs as much as this many points of effort going down. */
  private static final double POINTS_PER_SECOND = 5;

  private Ordering() {}

  /**
   * @param parts the drills of one block
   * @param before the drill that comes before the block, or null
   * @param floorFollows whether the next block may begin on the floor
   */
  static List<Benefit.Part> order(List<Benefit.Part> parts, Drill before, boolean floorFollows) {
    List<Benefit.Part> sorted = new ArrayList<>(parts);
    sorted.sort(
        Comparator.comparingInt((Benefit.Part p) -> p.drill().effort())
            .thenComparing(p -> p.drill().id()));
    List<Benefit.Part> ordered = new ArrayList<>();
    Drill last = before;
    for (int from = 0; from < sorted.size(); from += EXACT) {
      ordered.addAll(
          exact(sorted.subList(from, Math.min(sorted.size(), from + EXACT)), last, floorFollows));
      last = ordered.get(ordered.size() - 1).drill();
    }
    return ordered;
  }

  private static List<Benefit.Part> exact(
      List<Benefit.Part> parts, Drill before, boolean floorFollows) {
    int n = parts.size();
    int full = 1 << n;
    double[][] cost = new double[full][n];
    int[][] previous = new int[full][n];
    for (double[] row : cost) {
      Arrays.fill(row, Double.POSITIVE_INFINITY);
    }
    double[][] step = new double[n][n];
    for (int i = 0; i < n; i++) {
      cost[1 << i][i] = step(before, parts.get(i).drill());
      for (int j = 0; j < n; j++) {
        step[i][j] = step(parts.get(i).drill(), parts.get(j).drill());
      }
    }
    for (int set = 1; set < full; set++) {
      for (int end = 0; end < n; end++) {
        if (cost[set][end] == Double.POSITIVE_INFINITY) {
          continue;
        }
        for (int next = 0; next < n; next++) {
          int grown = set | 1 << next;
          if (grown != set && cost[set][end] + step[end][next] < cost[grown][next] - 1e-9) {
            cost[grown][next] = cost[set][end] + step[end][next];
            previous[grown][next] = end;
          }
        }
      }
    }
    for (int i = 0; i < n; i++) {
      // Whoever ends on the floor has to get up for what follows.
      boolean up = parts.get(i).drill().position() == Position.FLOOR && !floorFollows;
      cost[full - 1][i] += up ? Changeovers.DOWN_OR_UP * POINTS_PER_SECOND : 0;
    }
    int end = 0;
    for (int i = 1; i < n; i++) {
      if (cost[full - 1][i] < cost[full - 1][end] - 1e-9) {
        end = i;
      }
    }
    List<Benefit.Part> ordered = new ArrayList<>();
    for (int set = full - 1; set != 0; ) {
      ordered.add(parts.get(end));
      int rest = set & ~(1 << end);
      end = previous[set][end];
      set = rest;
    }
    Collections.reverse(ordered);
    return ordered;
  }

  private static double step(Drill from, Drill to) {
    int falling = from == null ? 0 : Math.max(0, from.effort() - to.effort());
    boolean sameBlock = from != null && from.block() == to.block();
    return Changeovers.between(from, to).seconds() * POINTS_PER_SECOND + (sameBlock ? falling : 0);
  }
}
