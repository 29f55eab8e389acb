package dev.jubilee.core.selection;

import java.util.ArrayList;
import java.util.List;

/**
 * What stays whatever the minutes: the offers in the order in which each brings most for its
 * length. With more seconds the same ones come first and others are added, so that a choice that
 * favours them grows rather than changes.
 */
public final class Mainstays {
  /** Those that end beyond this multiple of the seconds are none; Jubilee modelling choice. */
  private static final double BEYOND = 1.3;

  /**
   * What a drill brings is set against this power of its seconds: by the second alone the long
   * drills that teach most would never be among them. Jubilee modelling choice.
   */
  private static final double LENGTH = 0.5;

  private Mainstays() {}

  /**
   * An offer that is one.
   *
   * @param share how much of one: 1 where there is room for it, and for what comes next ever less
   * @param gain points that it brings beside those before it, above 0
   */
  public record Mainstay(Offer offer, double share, long gain) {}

  /** The mainstays of a menu, the greatest first; required offers are not among them. */
  public static List<Mainstay> of(Menu menu) {
    PartialChoice tables = new PartialChoice(menu.withoutLeast());
    boolean[] taken = new boolean[tables.groups.length];
    List<Mainstay> mainstays = new ArrayList<>();
    while (true) {
      int best = best(tables, taken);
      if (best < 0) {
        return mainstays;
      }
      long gain = tables.gain(best);
      tables.add(best);
      taken[tables.groupOf[best]] = true;
      double used = (double) (tables.spent + tables.walk(tables.mask)) / tables.secondsLimit;
      if (used >= BEYOND) {
        return mainstays;
      }
      double share = Math.min(1, (BEYOND - used) / (BEYOND - 1));
      mainstays.add(new Mainstay(tables.free.get(best), share, gain));
    }
  }

  /** What brings most for its length of what is open, and lands no more than is tolerated. */
  private static int best(PartialChoice tables, boolean[] taken) {
    int best = -1;
    double bestRate = 0;
    for (int g = 0; g < taken.length; g++) {
      for (int i : taken[g] ? new int[0] : tables.groups[g]) {
        boolean isSoft = tables.contactsSpent + tables.contacts[i] <= tables.contactsLeft;
        double rate = isSoft ? tables.gain(i) / Math.pow(tables.seconds[i], LENGTH) : 0;
        if (rate > bestRate) {
          best = i;
          bestRate = rate;
        }
      }
    }
    return best;
  }
}
