package dev.jubilee.core.selection;

import java.util.Arrays;
import java.util.List;

/**
 * LagrangianBound on what is scarce, from which an upper bound on any completion of a partial
 * choice follows (Lagrangian relaxation, Geoffrion 1974): a price for each rank of each need, as in
 * facility location (Cornuejols, Fisher &amp; Nemhauser 1977), one for a second and a second of
 * each block, and one for being one of so many drills. At given prices every offer is judged by
 * itself, but for set-ups ({@link SetUpSubsets}) and contacts ({@link ContactBudget}), which are
 * weighed exactly. Subgradient steps (Polyak 1969) lower the bound; they are scaled by what each
 * price is usually like.
 */
final class LagrangianBound {
  /** Usual sizes of the prices, points. */
  private static final double RANK = 10_000;

  private static final double SECOND = 150;
  private static final double DRILL = 10_000;

  /** Part of an offer that a knapsack can be expected to take off a bound. */
  private static final double LARGE_PART = 0.3;

  /** Steps without gain until they are made smaller. */
  private static final int STALE = 6;

  private final PartialChoice tables;

  /**
   * The prices: of each rank of each need, then of a second in each block, positive towards its
   * most and negative towards its least, then of a second, then of a drill that is counted.
   */
  private final double[] price;

  private final int needs;
  private final int blocks;

  /** What is left over (positive) or missing of each priced thing at the relaxed optimum. */
  private final double[] slack;

  private final double[] missing;
  private final double[] left;

  /** For each offer and each need it serves, index of the price of the need's first rank. */
  private final int[][] firstRank;

  /** For each offer, need it serves and rank, the points it earns there. */
  private final double[][] earnings;

  /** What each offer is worth beyond its price. */
  final double[] reduced;

  /** The last bound without seconds and offers. */
  private double besideOffers;

  private final SetUpSubsets visits;
  private final ContactBudget contactBudget;

  LagrangianBound(PartialChoice tables) {
    this.tables = tables;
    this.needs = tables.needCount * Returns.ranks();
    this.blocks = tables.blockSeconds.length;
    this.price = new double[needs + blocks + 2];
    this.slack = new double[price.length];
    this.missing = new double[blocks];
    this.left = new double[blocks];
    this.reduced = new double[tables.seconds.length];
    this.firstRank = new int[reduced.length][];
    this.earnings = new double[reduced.length][];
    for (int i = 0; i < reduced.length; i++) {
      firstRank[i] = Arrays.stream(tables.needs[i]).map(n -> n * Returns.ranks()).toArray();
      earnings[i] = earnings(tables.values[i]);
    }
    this.visits = new SetUpSubsets(tables);
    this.contactBudget = new ContactBudget(tables, reduced);
  }

  private static double[] earnings(int[] values) {
    double[] earnings = new double[values.length * Returns.ranks()];
    for (int e = 0; e < earnings.length; e++) {
      earnings[e] = Returns.eighths(e % Returns.ranks()) * (double) values[e / Returns.ranks()];
    }
    return earnings;
  }

  private double second() {
    return price[needs + blocks];
  }

  private double drill() {
    return price[needs + blocks + 1];
  }

  /** LagrangianBound that a good choice itself suggests. */
  void startFrom(List<Integer> guess) {
    guess.forEach(tables::add);
    for (int n = 0; n < tables.needCount; n++) {
      for (int r = 0; r < Returns.ranks(); r++) {
        price[n * Returns.ranks() + r] = 0.7 * Returns.eighths(r) * tables.served(n, r);
      }
    }
    double least = Double.POSITIVE_INFINITY;
    for (int i : List.copyOf(guess)) {
      tables.remove(i);
      least = Math.min(least, (double) tables.gain(i) / tables.seconds[i]);
      tables.add(i);
    }
    price[needs + blocks] = Double.isInfinite(least) ? 0 : Math.max(0, 0.5 * least);
    for (int j = guess.size() - 1; j >= 0; j--) {
      tables.remove(guess.get(j));
    }
  }

  double[] snapshot() {
    return price.clone();
  }

  void restore(double[] prices) {
    System.arraycopy(prices, 0, price, 0, price.length);
  }

  /**
   * Improves the prices for the present partial choice and returns the bound at the best ones,
   * which are kept.
   *
   * @param open offers by group that may still be added
   * @param enough bound below which nobody is interested
   * @param pace of the first step, 0 to 2
   */
  double improve(int[][] open, int steps, double enough, double pace) {
    double best = Double.POSITIVE_INFINITY;
    double[] kept = snapshot();
    int stale = 0;
    boolean atBest = false;
    for (int step = 1; ; step++) {
      double bound = bound(open);
      atBest = bound < best - 1;
      if (atBest) {
        best = bound;
        kept = snapshot();
        stale = 0;
      } else if (++stale >= STALE) {
        pace *= 0.7;
        stale = 0;
        restore(kept);
        bound = bound(open);
      }
      leaveOutWhatCannotFall();
      double norm = norm();
      if (best < enough || step == steps || norm == 0 || pace < 0.003) {
        break;
      }
      move(pace * (bound - enough + 1) / norm);
    }
    if (atBest) {
      return best;
    }
    restore(kept);
    return bound(open);
  }

  /** Best points when everything may be bought and sold at these prices. */
  private double bound(int[][] open) {
    PartialChoice t = tables;
    double bound = t.besideNeeds;
    for (int n = 0; n < needs; n++) {
      bound += price[n];
      slack[n] = 1;
    }
    for (int n = 0; n < t.needCount; n++) {
      for (int f = 0; t.served(n, f) > 0; f++) {
        int at = bestRank(n, t.served(n, f));
        if (at >= 0) {
          bound += Returns.eighths(at) * (double) t.served(n, f) - price[n * Returns.ranks() + at];
          slack[n * Returns.ranks() + at]--;
        }
      }
    }
    slack[needs + blocks] = t.secondsLimit - t.spent - t.walk(t.mask);
    slack[needs + blocks + 1] = t.drillsLimit - t.drills;
    bound += drill() * slack[needs + blocks + 1];
    for (int b = 0; b < blocks; b++) {
      // Being short of the least has been paid for in full; filling it is paid back.
      missing[b] = Math.max(0, t.menu.blocks().get(b).least() - t.blockSeconds[b]);
      left[b] = t.menu.blocks().get(b).most() - t.blockSeconds[b];
      double inBlock = price[needs + b];
      bound += Math.max(0, inBlock) * Math.max(0, left[b]);
      bound += missing[b] * (Menu.SHORT_SECOND - Math.max(0, -inBlock));
    }
    besideOffers = bound;
    bound += second() * slack[needs + blocks] + buy(open);
    for (int b = 0; b < blocks; b++) {
      slack[needs + b] = slackOf(b);
    }
    return bound;
  }

  /** Between its least and its most a block has no price. */
  private double slackOf(int b) {
    double inBlock = price[needs + b];
    if (inBlock < 0 || (inBlock == 0 && missing[b] > 0)) {
      return missing[b];
    }
    return inBlock > 0 || left[b] < 0 ? left[b] : 0;
  }

  private double buy(int[][] open) {
    PartialChoice t = tables;
    visits.clear();
    contactBudget.clear();
    for (int[] group : open) {
      for (int i : group) {
        reduced[i] = reduced(i);
      }
      double most = reduced[bestOf(group)];
      if (hasContacts(group)) {
        contactBudget.add(group);
      } else if (most > 0) {
        visits.add(t.setupOfGroup[t.groupOf[group[0]]], most);
      }
    }
    double bought = visits.best(second()) + contactBudget.best();
    slack[needs + blocks] -= visits.seconds();
    for (int i : contactBudget.chosen()) {
      take(i);
    }
    for (int[] group : open) {
      int best = bestOf(group);
      if (!hasContacts(group)
          && reduced[best] > 0
          && visits.visited(t.setupOfGroup[t.groupOf[group[0]]])) {
        take(best);
      }
    }
    return bought;
  }

  /**
   * A quick bound: as if each open group gained what it would gain alone, seconds paid at the
   * present price. Gains only fall when more is chosen.
   */
  double boundByGains(int[][] open) {
    PartialChoice t = tables;
    double bound =
        t.points
            + second() * (t.secondsLimit - t.spent - t.walk(t.mask))
            + drill() * (t.drillsLimit - t.drills);
    for (int[] group : open) {
      double most = 0;
      for (int i : group) {
        most = Math.max(most, t.gain(i) - second() * t.seconds[i] - drill() * t.counted[i]);
      }
      bound += most;
    }
    return bound;
  }

  /**
   * The last bound with the seconds that are left taken for what they are, rather than at a price:
   * a knapsack with groups. Set-ups are taken to cost nothing here.
   *
   * @param open offers by group that may still be added
   * @param last the last bound
   * @param enough bound below which nobody is interested
   */
  double boundInSeconds(int[][] open, double last, double enough) {
    PartialChoice t = tables;
    int longest = 0;
    for (int[] group : open) {
      longest = Math.max(longest, t.seconds[group[0]]);
    }
    // The price fills the time with at most a part of one more offer; seldom with a large part.
    if (last - enough > LARGE_PART * longest * second()) {
      return last;
    }
    int left = t.secondsLimit - t.spent - t.walk(t.mask);
    double[] most = new double[left + 1];
    for (int[] group : open) {
      if (group.length == 1) {
        addAlone(most, t.seconds[group[0]], inSeconds(group[0]));
      } else {
        addOneOf(most, group);
      }
    }
    return besideOffers + most[left];
  }

  private double inSeconds(int i) {
    return reduced[i] + second() * tables.seconds[i];
  }

  private static void addAlone(double[] most, int seconds, double worth) {
    for (int s = most.length - 1; worth > 0 && s >= seconds; s--) {
      most[s] = Math.max(most[s], most[s - seconds] + worth);
    }
  }

  private void addOneOf(double[] most, int[] group) {
    for (int s = most.length - 1; s > 0; s--) {
      double best = most[s];
      for (int i : group) {
        int rest = s - tables.seconds[i];
        if (rest >= 0) {
          best = Math.max(best, most[rest] + inSeconds(i));
        }
      }
      most[s] = best;
    }
  }

  private boolean hasContacts(int[] group) {
    return tables.contacts[group[0]] > 0;
  }

  /**
   * By how much the last bound falls when an offer must be in.
   *
   * @param group the offer's group
   */
  double fall(int[] group, int i) {
    return hasContacts(group)
        ? contactBudget.fall(group, i)
        : visits.fall(tables.setupOfGroup[tables.groupOf[group[0]]])
            + Math.max(0, reduced[bestOf(group)])
            - reduced[i];
  }

  int bestOf(int[] group) {
    return contactBudget.bestOf(group);
  }

  private void take(int i) {
    PartialChoice t = tables;
    for (int k = 0; k < t.needs[i].length; k++) {
      int at = bestRank(t.needs[i][k], t.values[i][k]);
      if (at >= 0) {
        slack[firstRank[i][k] + at]--;
      }
    }
    slack[needs + blocks] -= t.seconds[i];
    slack[needs + blocks + 1] -= t.counted[i];
    missing[t.block[i]] -= t.seconds[i];
    left[t.block[i]] -= t.seconds[i];
  }

  /** The rank at which a value earns most beyond the rank's price; −1 when it earns nowhere. */
  private int bestRank(int need, int value) {
    int best = -1;
    double most = 0;
    for (int r = 0; r < Returns.ranks(); r++) {
      double earns = Returns.eighths(r) * (double) value - price[need * Returns.ranks() + r];
      if (earns > most) {
        most = earns;
        best = r;
      }
    }
    return best;
  }

  private double reduced(int i) {
    double worth =
        tables.bias[i]
            - (second() + price[needs + tables.block[i]]) * tables.seconds[i]
            - drill() * tables.counted[i];
    int e = 0;
    for (int first : firstRank[i]) {
      double most = 0;
      for (int p = first; p < first + Returns.ranks(); p++) {
        most = Math.max(most, earnings[i][e++] - price[p]);
      }
      worth += most;
    }
    return worth;
  }

  /** A price of 0 cannot fall further; counted in the step, it would only shorten it. */
  private void leaveOutWhatCannotFall() {
    for (int p = 0; p < needs; p++) {
      slack[p] = price[p] == 0 ? Math.min(0, slack[p]) : slack[p];
    }
    for (int s = needs + blocks; s < price.length; s++) {
      slack[s] = price[s] == 0 ? Math.min(0, slack[s]) : slack[s];
    }
  }

  private double norm() {
    double ranks = 0;
    for (int p = 0; p < needs; p++) {
      ranks += slack[p] * slack[p];
    }
    double seconds = 0;
    for (int p = needs; p <= needs + blocks; p++) {
      seconds += slack[p] * slack[p];
    }
    double drills = slack[needs + blocks + 1];
    return ranks * RANK * RANK + seconds * SECOND * SECOND + drills * drills * DRILL * DRILL;
  }

  private void move(double step) {
    for (int p = 0; p < needs; p++) {
      price[p] = Math.max(0, price[p] - step * RANK * RANK * slack[p]);
    }
    for (int p = needs; p < needs + blocks; p++) {
      // A least and a most are priced apart: the way from one to the other leads over nothing.
      double moved = price[p] - step * SECOND * SECOND * slack[p];
      double within = Math.max(-Menu.SHORT_SECOND, Math.min(Menu.LONG_SECOND, moved));
      price[p] = moved * price[p] < 0 ? 0 : within;
    }
    int s = needs + blocks;
    price[s] = Math.max(0, price[s] - step * SECOND * SECOND * slack[s]);
    price[s + 1] = Math.max(0, price[s + 1] - step * DRILL * DRILL * slack[s + 1]);
  }
}
