package dev.jubilee.core.prescription;

import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanLoad;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.plan.Tuning;
import dev.jubilee.core.session.SessionKind;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds the smallest change of lengths that the simulation wants. Each is tried on the plan as it
 * is, with other lengths; the plan is then computed anew for the one that helps.
 */
final class Tuner {
  /** Least between build and start before hard work, s; common practice. */
  private static final int LEAST_TRANSITION = 120;

  /** and before an all-out start: 5 to 10 min suit it (Bishop 2003; McGowan et al. 2015). */
  private static final int LEAST_BEFORE_A_RACE = 300;

  private static final int MORE = 60;
  private static final int MOST_RAISE = 300;
  private static final int MOST_TOP_UP = 240;
  private static final int MOST_WAIT = 240;

  /**
   * Share of the warmth there is that is worth changing lengths for, or a minute of raise, when
   * enough is out of reach; Jubilee modelling choice.
   */
  private static final double WORTHWHILE = 0.01;

  private static final double DEARER = 0.05;

  private Tuner() {}

  /** The smallest tuning with which all is well; of none, the one that leaves warmest. */
  static Tuning tune(SimulatedPlan usual) {
    Plan plan = usual.plan();
    if ((usual.isWarm() && usual.isFresh()) || !plan.request().session().kind().isHard()) {
      return Tuning.NONE;
    }
    double enough = Demand.WARM_ENOUGH * plan.demand().warmth();
    Tuning best = Tuning.NONE;
    double warmest = usual.warmth();
    for (Tuning tuning : usual.isWarm() ? fresher() : warmer(plan)) {
      Plan tried = with(plan, tuning);
      double reached = PlanLoad.warmthAtStart(tried);
      // Quick to tell, unlike freshness: most tries are done with here.
      double worthwhile = Math.max(warmest, usual.warmth() * (1 + worthwhile(tuning)));
      if (reached < enough && reached <= worthwhile) {
        continue;
      }
      SimulatedPlan then = SimulatedPlan.of(tried);
      if (then.isWarm() && then.isFresh()) {
        return tuning;
      }
      if (then.isFresh() && then.warmth() > worthwhile) {
        best = tuning;
        warmest = then.warmth();
      }
    }
    return best;
  }

  /**
   * Nobody jogs on for minutes for nothing: in deep cold warmth soon stops rising. Each further
   * minute must bring a little more than the one before, so that a degree never decides on all; and
   * as a share, so that the colder it is the less is asked of it.
   */
  private static double worthwhile(Tuning tuning) {
    double minutes = (double) tuning.raise() / MORE;
    return WORTHWHILE * Math.max(1, minutes * (1 + DEARER * minutes));
  }

  private static List<Tuning> fresher() {
    List<Tuning> all = new ArrayList<>();
    for (int more = MORE; more <= MOST_WAIT; more += MORE) {
      all.add(new Tuning(0, more, 0));
    }
    return all;
  }

  /** From small to large: less settling, then more moving in the wait, then more raise. */
  private static List<Tuning> warmer(Plan plan) {
    int wait = plan.request().circumstances().conditions().waitSeconds();
    boolean isRace = plan.request().session().kind() == SessionKind.TIME_TRIAL;
    int least = Math.max(wait, isRace ? LEAST_BEFORE_A_RACE : LEAST_TRANSITION);
    int spare = Math.max(0, plan.demand().transitionSeconds() - least) / MORE * MORE;
    int topUp = wait >= Prescriber.LONG_WAIT_SECONDS ? MOST_TOP_UP : 0;
    int room =
        plan.request().circumstances().longestRaise() - PlanItem.seconds(plan.in(WarmUpPart.RAISE));
    int most = Math.min(MOST_RAISE, Math.max(0, room / MORE * MORE));
    List<Tuning> all = new ArrayList<>();
    for (int raise = 0; raise <= most; raise += MORE) {
      for (int less = 0; less <= spare; less += MORE) {
        for (int more = 0; more <= topUp; more += MORE) {
          if (raise + less + more > 0) {
            all.add(new Tuning(raise, -less, more));
          }
        }
      }
    }
    all.sort((a, b) -> Integer.compare(size(a), size(b)));
    return all;
  }

  /** More raise costs the drills their time; settling and moving in the wait cost nothing. */
  private static int size(Tuning t) {
    return 3 * t.raise() - t.transition() + t.topUp();
  }

  /** The plan with other lengths, as far as its items allow; only for looking ahead. */
  static Plan with(Plan plan, Tuning tuning) {
    List<PlanItem> items = new ArrayList<>(plan.items());
    int raise = longest(items, WarmUpPart.RAISE, "");
    if (raise >= 0) {
      lengthen(items, raise, tuning.raise());
    }
    int settle = longest(items, WarmUpPart.TRANSITION, Prescriber.SETTLE);
    int topUp = longest(items, WarmUpPart.TRANSITION, Prescriber.TOP_UP);
    if (topUp >= 0) {
      lengthen(items, topUp, tuning.topUp());
      lengthen(items, settle, -tuning.topUp());
    }
    if (settle >= 0) {
      lengthen(items, settle, tuning.transition());
    }
    return new Plan(plan.request(), plan.anchors(), plan.demand(), plan.library(), items);
  }

  private static int longest(List<PlanItem> items, WarmUpPart block, String drillId) {
    int found = -1;
    for (int i = 0; i < items.size(); i++) {
      PlanItem item = items.get(i);
      boolean fits = item.block() == block && (drillId.isEmpty() || item.drillId().equals(drillId));
      if (fits && (found < 0 || item.seconds() > items.get(found).seconds())) {
        found = i;
      }
    }
    return found;
  }

  private static void lengthen(List<PlanItem> items, int index, int seconds) {
    PlanItem item = items.get(index);
    int amount = Math.max(15, item.dose().amount() + seconds);
    items.set(index, item.withDose(item.dose().withAmount(amount)));
  }
}
