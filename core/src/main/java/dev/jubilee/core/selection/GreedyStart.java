package dev.jubilee.core.selection;

import java.util.ArrayList;
import java.util.List;

/**
 * A good choice to begin with: the offer with the greatest gain a second is added until nothing
 * fits, then single exchanges improve it as long as any does.
 */
final class GreedyStart {
  private static final int EXCHANGES = 30;

  private final PartialChoice tables;
  private final List<Integer> chosen = new ArrayList<>();
  private final boolean[] taken;

  private GreedyStart(PartialChoice tables) {
    this.tables = tables;
    this.taken = new boolean[tables.groups.length];
  }

  /**
   * Indices of free offers; the tables are left as they were.
   *
   * @param seed offers to begin with, the most promising first
   */
  static List<Integer> of(PartialChoice tables, List<Integer> seed) {
    GreedyStart guess = new GreedyStart(tables);
    for (int i : seed) {
      if (guess.isOpen(i) && tables.fits(i) && tables.gain(i) > 0) {
        guess.put(i);
      }
    }
    guess.fill();
    for (int i = 0; i < EXCHANGES && guess.exchange(); i++) {
      guess.fill();
    }
    for (int i : guess.chosen) {
      tables.remove(i);
    }
    return guess.chosen;
  }

  private void fill() {
    while (true) {
      int best = -1;
      double bestRate = 0;
      for (int i = 0; i < tables.seconds.length; i++) {
        if (isOpen(i) && tables.fits(i)) {
          double rate = (double) tables.gain(i) / tables.seconds[i];
          if (rate > bestRate) {
            best = i;
            bestRate = rate;
          }
        }
      }
      if (best < 0) {
        return;
      }
      put(best);
    }
  }

  /** The best exchange of one chosen offer for another, if any gains. */
  private boolean exchange() {
    long bestGain = 0;
    int out = -1;
    int in = -1;
    for (int leaving : List.copyOf(chosen)) {
      take(leaving);
      long loss = tables.gain(leaving);
      for (int i = 0; i < tables.seconds.length; i++) {
        if (isOpen(i) && i != leaving) {
          long gain = tables.gain(i) - loss;
          if (gain > bestGain && tables.fits(i)) {
            bestGain = gain;
            out = leaving;
            in = i;
          }
        }
      }
      put(leaving);
    }
    if (out < 0) {
      return false;
    }
    take(out);
    put(in);
    return true;
  }

  private boolean isOpen(int i) {
    return tables.groupOf[i] >= 0 && !taken[tables.groupOf[i]];
  }

  private void put(int i) {
    tables.add(i);
    taken[tables.groupOf[i]] = true;
    chosen.add(i);
  }

  private void take(int i) {
    tables.remove(i);
    taken[tables.groupOf[i]] = false;
    chosen.remove(Integer.valueOf(i));
  }
}
