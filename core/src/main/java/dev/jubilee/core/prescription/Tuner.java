package dev.jubilee.core.prescription;

import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanLoad;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.plan.Tuning;
import dev.jubilee.core.session.SessionKind;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * Finds the smallest change of lengths that the simulation wants. Each is tried on the plan as it
 * is, with other lengths; the plan is then computed anew for the one that helps.
 */
final class Tuner {
  /** Least between build and start before hard work, s; common practice. */
  private static final int LEAST_TRANSITION = 120;

  /** and before an all-out start: 5 to 10 min suit it (Bishop 2003; McGowan et al. 2015). */
  private static final int LEAST_BEFORE_A_RACE = 300;

  /** What stays of it in any case: 8 of 10 min before events of a minute to four. */
  private static final double LEAST_OF_SETTLING = 0.8;

  private static final int MORE = 60;
  private static final int MOST_RAISE = 300;
  private static final int MOST_TOP_UP = 240;
  private static final int MOST_WAIT = 240;

  /**
   * Share of the warmth there is that is worth changing lengths for, or a minute of raise, when
   * enough is out of reach; Jubilee modelling choice.
   */
  private static final double WORTHWHILE = 0.01;

  private Tuner() {}

  /** The smallest tuning with which all is well; of none, the one that leaves warmest. */
  static Tuning tune(SimulatedPlan usual) {
    if ((usual.isWarm() && usual.isFresh()) || !usual.plan().request().session().kind().isHard()) {
      return Tuning.NONE;
    }
    return usual.isWarm() ? fresher(usual) : warmer(usual);
  }

  private static Tuning fresher(SimulatedPlan usual) {
    for (int more = MORE; more <= MOST_WAIT; more += MORE) {
      Tuning tuning = new Tuning(0, more, 0);
      SimulatedPlan then = SimulatedPlan.of(with(usual.plan(), tuning));
      if (then.isWarm() && then.isFresh()) {
        return tuning;
      }
    }
    return Tuning.NONE;
  }

  /** Less settling, then more moving in the wait; where that is not enough, more raise. */
  private static Tuning warmer(SimulatedPlan usual) {
    Plan plan = usual.plan();
    double enough = Demand.WARM * plan.demand().warmth();
    Tuning best = Tuning.NONE;
    double warmest = usual.warmth();
    for (Tuning tuning : withoutRaise(plan)) {
      Plan tried = with(plan, tuning);
      double reached = PlanLoad.warmthAtStart(tried);
      // Quick to tell, unlike freshness: most tries are done with here.
      if (reached < enough && reached <= warmest * (1 + WORTHWHILE)) {
        continue;
      }
      SimulatedPlan then = SimulatedPlan.of(tried);
      if (then.isFresh() && then.isWarm()) {
        return tuning;
      }
      if (then.isFresh() && then.warmth() > warmest * (1 + WORTHWHILE)) {
        best = tuning;
        warmest = then.warmth();
      }
    }
    return withMoreRaise(plan, best, warmest);
  }

  /**
   * A minute at a time, as long as each brings something: nobody jogs on for minutes for nothing,
   * and a degree never decides on more than one of them.
   */
  private static Tuning withMoreRaise(Plan plan, Tuning least, double warmth) {
    int room = plan.request().longestRaise() - PlanItem.seconds(plan.in(WarmUpPart.RAISE));
    Tuning best = least;
    double warmest = warmth;
    for (int raise = MORE; raise <= Math.min(MOST_RAISE, room); raise += MORE) {
      Tuning tuning = new Tuning(raise, least.transition(), least.topUp());
      SimulatedPlan then = SimulatedPlan.of(with(plan, tuning));
      if (!then.isFresh() || then.warmth() <= warmest * (1 + WORTHWHILE)) {
        return best;
      }
      best = tuning;
      warmest = then.warmth();
      if (then.isWarm()) {
        return best;
      }
    }
    return best;
  }

  /** From small to large: less settling, then more moving in the wait. */
  private static List<Tuning> withoutRaise(Plan plan) {
    int wait = plan.request().circumstances().conditions().waitSeconds();
    boolean isRace = plan.request().session().kind() == SessionKind.TIME_TRIAL;
    int usual = plan.demand().transitionSeconds();
    int beforeARace = Math.max(LEAST_BEFORE_A_RACE, (int) (LEAST_OF_SETTLING * usual));
    int least = Math.max(wait, isRace ? beforeARace : LEAST_TRANSITION);
    int spare = Math.max(0, usual - least) / MORE * MORE;
    int topUp = wait >= 60 * Conditions.LONG_WAIT ? MOST_TOP_UP : 0;
    List<Tuning> all = new ArrayList<>();
    for (int less = 0; less <= spare; less += MORE) {
      for (int more = 0; more <= topUp; more += MORE) {
        if (less + more > 0) {
          all.add(new Tuning(0, -less, more));
        }
      }
    }
    all.sort((a, b) -> Integer.compare(size(a), size(b)));
    return all;
  }

  private static int size(Tuning t) {
    return -t.transition() + t.topUp();
  }

  /** The plan with other lengths, as far as its items allow; only for looking ahead. */
  static Plan with(Plan plan, Tuning tuning) {
    List<PlanItem> items = new ArrayList<>(plan.items());
    int raise = longest(items, WarmUpPart.RAISE, i -> true);
    if (raise >= 0) {
      lengthen(items, raise, tuning.raise());
    }
    int settle = longest(items, WarmUpPart.TRANSITION, is(plan, Role.SETTLE));
    int topUp = longest(items, WarmUpPart.TRANSITION, is(plan, Role.STAY_WARM));
    if (topUp >= 0) {
      lengthen(items, topUp, tuning.topUp());
      lengthen(items, settle, -tuning.topUp());
    }
    if (settle >= 0) {
      lengthen(items, settle, tuning.transition());
    }
    return new Plan(plan.request(), plan.anchors(), plan.demand(), plan.library(), items);
  }

  private static Predicate<PlanItem> is(Plan plan, Role role) {
    return item -> plan.drill(item).filter(d -> d.is(role)).isPresent();
  }

  private static int longest(List<PlanItem> items, WarmUpPart block, Predicate<PlanItem> wanted) {
    int found = -1;
    for (int i = 0; i < items.size(); i++) {
      PlanItem item = items.get(i);
      boolean fits = item.block() == block && wanted.test(item);
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
