package dev.jubilee.core.selection;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/**
 * The best choice from a menu, by branch and bound (Land &amp; Doig 1960).
 *
 * <p>A good choice is guessed. Then, for each partial choice, prices are put on what is scarce
 * ({@link LagrangianBound}); when nothing better than the best so far can come of it even so, it is
 * left. Otherwise offers that no better choice can hold are struck out, and the group that decides
 * most is tried: with each of its offers, and without it.
 */
public final class ExactChoice {
  /** Far beyond what menus need; then the best found so far is returned, unproven. */
  static final int NODES = 200_000;

  private static final int FIRST_STEPS = 40;
  private static final int STEPS = 4;

  /** Room for rounding; points are whole, so nothing is lost by it. */
  private static final double CLEARLY = 0.999;

  private final PartialChoice tables;
  private final LagrangianBound prices;
  private final List<Integer> current = new ArrayList<>();
  private List<Integer> best;
  private long bestPoints;
  private int nodes;

  private ExactChoice(Menu menu) {
    tables = new PartialChoice(menu);
    prices = new LagrangianBound(tables);
    best = GreedyStart.of(tables, List.of());
    bestPoints = pointsWith(best);
  }

  /** The choice with the most points; the same menu always gives the same choice. */
  public static Choice of(Menu menu) {
    Choice choice = new ExactChoice(menu.withoutLeast()).solve();
    // Points are only ever lost by a block that is short: with none short it is best of all.
    return menu.points(choice.offers()) == choice.points() ? choice : new ExactChoice(menu).solve();
  }

  private Choice solve() {
    prices.startFrom(best);
    search(tables.groups, FIRST_STEPS);
    Set<Offer> chosen = Collections.newSetFromMap(new IdentityHashMap<>());
    chosen.addAll(tables.required);
    best.forEach(i -> chosen.add(tables.free.get(i)));
    List<Offer> offers = tables.menu.offers().stream().filter(chosen::contains).toList();
    return new Choice(offers, bestPoints, nodes <= NODES, nodes);
  }

  private long pointsWith(List<Integer> chosen) {
    chosen.forEach(tables::add);
    long points = tables.points;
    for (int j = chosen.size() - 1; j >= 0; j--) {
      tables.remove(chosen.get(j));
    }
    return points;
  }

  /** Looks at all completions of the present partial choice from the open groups. */
  private void search(int[][] candidates, int steps) {
    if (tables.points > bestPoints) {
      bestPoints = tables.points;
      best = List.copyOf(current);
    }
    if (++nodes > NODES) {
      return;
    }
    int[][] open = fitting(candidates);
    boolean first = steps == FIRST_STEPS;
    if (!first && prices.boundByGains(open) < bestPoints + CLEARLY) {
      return;
    }
    double bound = prices.improve(open, steps, bestPoints + CLEARLY, first ? 1.6 : 0.9);
    if (first) {
      guessAgain(open);
    }
    if (open.length == 0 || bound < bestPoints + CLEARLY) {
      return;
    }
    open = withoutHopeless(open, bound);
    if (open.length == 0
        || prices.boundInSeconds(open, bound, bestPoints + CLEARLY) < bestPoints + CLEARLY) {
      return;
    }
    int[] group = next(open);
    int[][] rest = without(group, open);
    double[] here = prices.snapshot();
    for (int i : group) {
      tables.add(i);
      current.add(i);
      search(rest, STEPS);
      current.remove(current.size() - 1);
      tables.remove(i);
      prices.restore(here);
    }
    search(rest, STEPS);
    prices.restore(here);
  }

  private static int[][] without(int[] group, int[][] open) {
    int[][] rest = new int[open.length - 1][];
    int n = 0;
    for (int[] other : open) {
      if (other != group) {
        rest[n++] = other;
      }
    }
    return rest;
  }

  /** What is worth its price is a good choice to begin with. */
  private void guessAgain(int[][] open) {
    List<Integer> seed =
        Arrays.stream(open)
            .map(prices::bestOf)
            .filter(i -> prices.reduced[i] > 0)
            .sorted(Comparator.comparingDouble(i -> -prices.reduced[i]))
            .toList();
    List<Integer> guess = GreedyStart.of(tables, seed);
    long points = pointsWith(guess);
    if (points > bestPoints) {
      bestPoints = points;
      best = guess;
    }
  }

  /** Without the offers for which there is no room any more. */
  private int[][] fitting(int[][] candidates) {
    List<int[]> fitting = new ArrayList<>(candidates.length);
    for (int[] group : candidates) {
      int n = 0;
      int[] left = new int[group.length];
      for (int i : group) {
        if (tables.fits(i)) {
          left[n++] = i;
        }
      }
      if (n > 0) {
        fitting.add(n == group.length ? group : Arrays.copyOf(left, n));
      }
    }
    return fitting.toArray(int[][]::new);
  }

  /** Without the offers that no better choice can hold; the others of a group, best first. */
  private int[][] withoutHopeless(int[][] open, double bound) {
    List<int[]> kept = new ArrayList<>();
    for (int[] group : open) {
      int n = 0;
      int[] hopeful = new int[group.length];
      for (int i : group) {
        if (bound - prices.fall(group, i) >= bestPoints + CLEARLY) {
          int at = n++;
          while (at > 0 && prices.reduced[hopeful[at - 1]] < prices.reduced[i]) {
            hopeful[at] = hopeful[--at];
          }
          hopeful[at] = i;
        }
      }
      if (n > 0) {
        kept.add(Arrays.copyOf(hopeful, n));
      }
    }
    return kept.toArray(int[][]::new);
  }

  /** What deciding leads furthest on: the greatest surplus, needs and seconds. */
  private int[] next(int[][] open) {
    int[] next = open[0];
    for (int[] group : open) {
      next = lead(group) > lead(next) ? group : next;
    }
    return next;
  }

  private double lead(int[] group) {
    int i = group[0];
    return prices.reduced[i] * tables.seconds[i] * tables.needs[i].length;
  }
}
