package dev.jubilee.core.prescription;

import dev.jubilee.core.session.Demand;

/**
 * Shares the minutes out. With enough of them each part gets its ideal; with fewer, the raise and
 * the build shrink least and the menu of drills most, as coaches do.
 *
 * @param total seconds to plan for
 * @param raise seconds of the raise
 * @param menu seconds for all other drills and their changeovers
 * @param build seconds for the graded efforts
 * @param transition seconds between the last effort and the start
 */
record Minutes(int total, int raise, int menu, int build, int transition) {

  /** How slowly raise and build shrink when time does; Jubilee modelling choice. */
  private static final double KEEP = 0.6;

  private static final int LEAST_TRANSITION = 15;

  /** Getting on to a machine or into the water, and off it. */
  private static final int APPARATUS = 60;

  static Minutes share(
      Demand demand, int buildSeconds, int available, boolean fill, boolean onApparatus) {
    int overhead = onApparatus ? APPARATUS : 10;
    int ideal =
        demand.raiseSeconds()
            + demand.menuTotal()
            + buildSeconds
            + demand.transitionSeconds()
            + overhead;
    int total = fill ? available : Math.min(available, ideal);
    if (total >= ideal) {
      int extra = total - ideal;
      // More of the same rather than something new: drills first, then the raise.
      int raise = demand.raiseSeconds() + Math.min(extra / 4, demand.raiseSeconds() / 3);
      int menu = total - overhead - raise - buildSeconds - demand.transitionSeconds();
      return new Minutes(
          total, toHalfMinute(raise), menu, buildSeconds, demand.transitionSeconds());
    }
    double scale = (double) total / ideal;
    double kept = Math.pow(scale, KEEP);
    double transition = Math.max(LEAST_TRANSITION, demand.transitionSeconds() * Math.min(1, scale));
    double raise = demand.raiseSeconds() * kept;
    double build = buildSeconds * kept;
    double room = total - transition - Math.min(overhead, total / 6.0);
    double squeeze = Math.min(1, room / Math.max(1, raise + build));
    raise *= squeeze;
    build *= squeeze;
    int menu = (int) Math.max(0, room - raise - build);
    return new Minutes(
        total, toQuarterMinute(raise), menu, (int) Math.round(build), toFive(transition));
  }

  private static int toHalfMinute(double seconds) {
    return (int) Math.round(seconds / 30) * 30;
  }

  private static int toQuarterMinute(double seconds) {
    return Math.max(30, (int) Math.floor(seconds / 15) * 15);
  }

  private static int toFive(double seconds) {
    return (int) Math.round(seconds / 5) * 5;
  }
}
