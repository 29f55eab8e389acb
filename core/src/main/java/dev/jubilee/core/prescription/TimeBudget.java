package dev.jubilee.core.prescription;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.plan.PrescriptionRequest;

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
record TimeBudget(int total, int raise, int menu, int build, int transition) {

  /** How slowly raise and build shrink when time does; Jubilee modelling choices. */
  private static final double KEEP_RAISE = 0.65;

  private static final double KEEP_BUILD = 0.45;

  private static final int LEAST_TRANSITION = 15;

  /** Share of the room that drills have at the least from twice this on, s. */
  private static final double LEAST_MENU = 0.2;

  private static final double HASTY = 600;

  /**
   * What is stiff or was sat upon is moved however few the minutes are: so many seconds for each,
   * up to a share of the room; common practice.
   */
  private static final int A_REGION = 80;

  private static final double MOST_FOR_REGIONS = 0.25;

  /** What of the drills' time the raise gets without drills on land; Jubilee modelling choice. */
  private static final double STRAIGHT_ON = 0.5;

  /** Getting on to a machine or into the water, and off it. */
  private static final int APPARATUS = 60;

  private static final int ON_LAND = 10;

  /**
   * @param leastRaise s, as far as the menu can give it
   * @param isBuildFirst whether the build has its time before any drill does
   * @param circumstances whose minutes are shared; the wait before the start stays as entered
   */
  static TimeBudget share(
      Demand demand,
      int buildSeconds,
      boolean isBuildFirst,
      Circumstances circumstances,
      int leastRaise,
      boolean onApparatus) {
    int available = 60 * circumstances.minutes();
    int wait = circumstances.conditions().waitSeconds();
    int longest = circumstances.longestRaise();
    int overhead = overhead(onApparatus);
    int ideal =
        demand.raiseSeconds()
            + demand.menuTotal()
            + buildSeconds
            + demand.transitionSeconds()
            + overhead;
    int total = circumstances.fill() ? available : Math.min(available, ideal);
    if (total >= ideal) {
      int extra = total - ideal;
      // More of the same rather than something new.
      int exact = Math.min(longest, demand.raiseSeconds() + extra / 3);
      int raise = toHalfMinute(exact);
      int menu = demand.menuTotal() + Math.min(extra / 3, Math.max(240, demand.menuTotal() / 2));
      // Rounding takes nothing from the drills where there are minutes left.
      int rounded = Math.min(available, total + Math.max(0, raise - exact));
      return new TimeBudget(rounded, raise, menu, buildSeconds, demand.transitionSeconds());
    }
    // The wait stands as it was entered; all else shares what it leaves.
    double scale = (double) (total - wait) / (ideal - wait);
    double transition =
        wait
            + Math.max(
                0, Math.max(LEAST_TRANSITION - wait, (demand.transitionSeconds() - wait) * scale));
    double raise = Math.min(longest, demand.raiseSeconds()) * Math.pow(scale, KEEP_RAISE);
    double room = total - transition - Math.min(overhead, (total - wait) / 6.0);
    double shrunk = buildSeconds * Math.pow(scale, KEEP_BUILD);
    double build = isBuildFirst ? Math.max(shrunk, Math.min(buildSeconds, room - raise)) : shrunk;
    double squeeze = Math.min(1, room / Math.max(1, raise + build));
    raise *= squeeze;
    build *= squeeze;
    raise = Math.max(raise, Math.min(leastRaise, room));
    build = Math.min(build, room - raise);
    raise -=
        Math.max(0, Math.min(raise - leastRaise, leastMenu(demand, room) - room + raise + build));
    int menu = (int) Math.max(0, room - raise - build);
    return new TimeBudget(
        total,
        toQuarterMinute(raise),
        menu,
        (int) Math.round(build),
        Math.max(wait, toFive(transition)));
  }

  /** What getting from one thing to the next adds to raise, build and transition, s. */
  static int overhead(boolean onApparatus) {
    return onApparatus ? APPARATUS : ON_LAND;
  }

  /** A long raise and a build with long rests never push out all mobility where there is time. */
  private static double leastMenu(Demand demand, double room) {
    double share = Math.max(0, Math.min(1, (room - HASTY) / HASTY));
    double forRegions = Math.min(A_REGION * demand.forRegions().size(), MOST_FOR_REGIONS * room);
    return Math.min(demand.menuTotal(), Math.max(share * LEAST_MENU * room, forRegions));
  }

  /** The least raise, s; more than none before hard work with room for it. */
  static int leastRaise(PrescriptionRequest request, Demand demand) {
    return request.session().kind().isHard()
            && request.secondsBeforeWait() >= Demand.ROOM_FOR_A_RAISE
        ? demand.leastRaise()
        : 0;
  }

  /**
   * Straight on to the machine or into the water: most of what the drills had goes to the raise.
   *
   * @param share of that, 0 to 1
   */
  TimeBudget straightOn(Circumstances circumstances, double share) {
    double more = share * menu * STRAIGHT_ON;
    int longer =
        Math.max(raise, Math.min(circumstances.longestRaise(), toQuarterMinute(raise + more)));
    return new TimeBudget(total, longer, Math.max(0, menu + raise - longer), build, transition);
  }

  /** With so many seconds more of raise, in quarter minutes, up to what is wanted of it. */
  TimeBudget withMoreRaise(int more, int wanted) {
    int longer = Math.max(raise, Math.min(wanted, raise + more / 15 * 15));
    return new TimeBudget(total, longer, menu, build, transition);
  }

  /** With a raise of at most so many seconds. */
  TimeBudget withRaiseOf(int most) {
    return new TimeBudget(total, Math.min(raise, most), menu, build, transition);
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
