package dev.jubilee.core.selection;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Which offers with ground contacts are worth most within the contacts allowed: a knapsack with
 * groups, by dynamic programming (Kellerer, Pferschy &amp; Pisinger 2004). Their set-ups are taken
 * to cost nothing, which keeps the bound a bound.
 */
final class ContactBudget {
  private final PartialChoice tables;
  private final double[] reduced;
  private final List<int[]> groups = new ArrayList<>();
  private final List<double[]> mostAfter = new ArrayList<>();
  private final List<Integer> chosen = new ArrayList<>();
  private int budget;

  /** Whether the best of all groups keep to the budget together; then nothing need be weighed. */
  private boolean isAmple;

  /**
   * @param reduced what each offer is worth beyond its price
   */
  ContactBudget(PartialChoice tables, double[] reduced) {
    this.tables = tables;
    this.reduced = reduced;
  }

  void clear() {
    groups.clear();
    budget = tables.contactsLeft - tables.contactsSpent;
  }

  void add(int[] group) {
    groups.add(group);
  }

  double best() {
    return fits() ? allBest() : weighed();
  }

  private boolean fits() {
    chosen.clear();
    int contacts = 0;
    for (int[] group : groups) {
      int best = bestOf(group);
      if (reduced[best] > 0) {
        chosen.add(best);
        contacts += tables.contacts[best];
      }
    }
    isAmple = contacts <= budget;
    return isAmple;
  }

  private double allBest() {
    double sum = 0;
    for (int i : chosen) {
      sum += reduced[i];
    }
    return sum;
  }

  /** The offer of a group that is worth most beyond its price. */
  int bestOf(int[] group) {
    int best = group[0];
    for (int i : group) {
      best = reduced[i] > reduced[best] ? i : best;
    }
    return best;
  }

  private double weighed() {
    while (mostAfter.size() <= groups.size()) {
      mostAfter.add(new double[tables.contactsLeft + 1]);
    }
    Arrays.fill(mostAfter.get(0), 0);
    for (int g = 0; g < groups.size(); g++) {
      double[] before = mostAfter.get(g);
      double[] after = mostAfter.get(g + 1);
      System.arraycopy(before, 0, after, 0, budget + 1);
      for (int i : groups.get(g)) {
        int contacts = tables.contacts[i];
        for (int c = contacts; reduced[i] > 0 && c <= budget; c++) {
          after[c] = Math.max(after[c], before[c - contacts] + reduced[i]);
        }
      }
    }
    trace();
    return mostAfter.get(groups.size())[budget];
  }

  private void trace() {
    chosen.clear();
    int c = budget;
    for (int g = groups.size() - 1; g >= 0; g--) {
      double most = mostAfter.get(g + 1)[c];
      double[] before = mostAfter.get(g);
      if (most == before[c]) {
        continue;
      }
      for (int i : groups.get(g)) {
        int contacts = tables.contacts[i];
        if (reduced[i] > 0 && c >= contacts && most == before[c - contacts] + reduced[i]) {
          chosen.add(i);
          c -= contacts;
          break;
        }
      }
    }
  }

  List<Integer> chosen() {
    return chosen;
  }

  /**
   * By how much the last best worth falls, at the least, when an offer must be in.
   *
   * @param group the offer's group
   */
  double fall(int[] group, int i) {
    if (isAmple) {
      return Math.max(0, reduced[bestOf(group)]) - reduced[i];
    }
    double[] most = mostAfter.get(groups.size());
    return most[budget] - most[budget - tables.contacts[i]] - reduced[i];
  }
}
