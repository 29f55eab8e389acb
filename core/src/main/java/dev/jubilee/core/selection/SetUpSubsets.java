package dev.jubilee.core.selection;

import java.util.Arrays;

/**
 * Which set-ups are worth their seconds: what the offers of each are worth against the seconds of
 * the whole way, weighed for every set of set-ups.
 */
final class SetUpSubsets {
  /** Sets of more set-ups get too many; then only the least seconds of the others count. */
  private static final int WEIGHED = 7;

  private final PartialChoice tables;
  private final double[] worth = new double[Offer.SETUPS + 1];
  private final int[] weighed = new int[WEIGHED];
  private final double[] sums = new double[1 << WEIGHED];
  private final int[] masks = new int[1 << WEIGHED];

  /** Seconds that a set adds: where not {@link #known}, at the least. */
  private final int[] added = new int[1 << WEIGHED];

  private final boolean[] known = new boolean[1 << WEIGHED];
  private int walked;
  private int laidOutFrom = -1;
  private int laidOut = -1;
  private int count;
  private int best;
  private int visited;
  private int seconds;
  private double price;

  SetUpSubsets(PartialChoice tables) {
    this.tables = tables;
  }

  void clear() {
    Arrays.fill(worth, 0);
  }

  void add(int setup, double more) {
    worth[setup] += more;
  }

  /**
   * Most worth, seconds paid.
   *
   * @param secondPrice price of a second
   */
  double best(double secondPrice) {
    price = secondPrice;
    int base = tables.mask;
    double sure = worth[Offer.SETUPS];
    count = 0;
    visited = base;
    seconds = 0;
    for (int k = 0; k < tables.setups; k++) {
      boolean isFree = (base & 1 << k) != 0;
      if (isFree) {
        sure += worth[k];
      } else if (worth[k] > 0 && count < WEIGHED) {
        weighed[count++] = k;
      } else if (worth[k] > price * tables.atLeast[k]) {
        sure += worth[k] - price * tables.atLeast[k];
        visited |= 1 << k;
        seconds += tables.atLeast[k];
      }
    }
    return sure + weigh(base);
  }

  private double weigh(int base) {
    layOut(base);
    best = 0;
    double most = 0;
    for (int set = 1; set < 1 << count; set++) {
      int rest = set & (set - 1);
      sums[set] = sums[rest] + worth[weighed[Integer.numberOfTrailingZeros(set)]];
      if (isWorthMore(set, most)) {
        most = value(set);
        best = set;
      }
    }
    seconds += added[best];
    visited |= masks[best];
    return most;
  }

  /** The way through a set is only worked out where the least it can add leaves it in question. */
  private boolean isWorthMore(int set, double most) {
    if (sums[set] - price * added[set] <= most) {
      return false;
    }
    if (!known[set]) {
      known[set] = true;
      added[set] = tables.walk(masks[set]) - walked;
    }
    return value(set) > most;
  }

  private double value(int set) {
    return sums[set] - price * added[set];
  }

  /** The sets and the least that each adds; prices change far more often than what is weighed. */
  private void layOut(int base) {
    int all = 0;
    for (int j = 0; j < count; j++) {
      all |= 1 << weighed[j];
    }
    if (base == laidOutFrom && all == laidOut) {
      return;
    }
    laidOutFrom = base;
    laidOut = all;
    walked = tables.walk(base);
    masks[0] = base;
    Arrays.fill(known, 0, 1 << count, false);
    for (int set = 1; set < 1 << count; set++) {
      int rest = set & (set - 1);
      int setup = weighed[Integer.numberOfTrailingZeros(set)];
      masks[set] = masks[rest] | 1 << setup;
      added[set] = added[rest] + tables.atLeast[setup];
    }
  }

  /** Seconds that the set-ups of the last best set add. */
  int seconds() {
    return seconds;
  }

  boolean visited(int setup) {
    return setup == Offer.SETUPS || (visited & 1 << setup) != 0;
  }

  /** By how much the last best worth falls when a set-up must be visited. */
  double fall(int setup) {
    if (visited(setup)) {
      return 0;
    }
    for (int j = 0; j < count; j++) {
      if (weighed[j] == setup) {
        double most = Double.NEGATIVE_INFINITY;
        for (int set = 1 << j; set < 1 << count; set++) {
          if ((set & 1 << j) != 0 && isWorthMore(set, most)) {
            most = value(set);
          }
        }
        return value(best) - most;
      }
    }
    return Math.max(0, price * tables.atLeast[setup] - worth[setup]);
  }
}
