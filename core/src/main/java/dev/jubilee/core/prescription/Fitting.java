package dev.jubilee.core.prescription;

import dev.jubilee.core.build.Raise;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Loss;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.SetUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Makes the plan's real seconds fit the minutes: never over, and when told to fill them, as near
 * below as good work can: never by standing about, nor by doing it all twice. What goes and what
 * grows follows common practice; locked items never change.
 */
public final class Fitting {
  private static final int LEAST_RAISE = 60;

  private static final int LEAST_TRANSITION = 15;
  private static final int STEP = 15;

  /** Rest after the last effort beyond this loses what was gained (Bishop 2003). */
  private static final int LONG_TRANSITION = 8 * 60;

  /** What a second round has of the usual doses: common practice is half as long, quicker. */
  private static final double SECOND_ROUND = 0.6;

  private static final int EASY_TRANSITION = 3 * 60;

  private Plan plan;

  Fitting(Plan plan) {
    this.plan = plan.withItems(plan.items());
  }

  Plan fit() {
    shorten();
    if (plan.request().circumstances().fill()) {
      lengthen();
    }
    return plan;
  }

  /** Only not over; what grows has grown before. */
  Plan within() {
    shorten();
    return plan;
  }

  private int slack() {
    return plan.availableSeconds() - plan.seconds();
  }

  private void shorten() {
    while (slack() < 0) {
      boolean shorter =
          shortenRaise(leastRaise())
              || dropLeastUseful()
              || shortenTransition()
              || dropFirstEffort(Demand.ENOUGH_EFFORTS)
              || shortenRaise(LEAST_RAISE)
              || dropFirstEffort(0)
              || shortenRaise(20);
      if (!shorter) {
        return;
      }
    }
  }

  /** What of the raise stays while there are drills to give way. */
  private int leastRaise() {
    return Math.max(
        Math.max(LEAST_RAISE, TimeBudget.leastRaise(plan.request(), plan.demand())),
        plan.demand().raiseSeconds() * 6 / 10);
  }

  private void lengthen() {
    while (slack() >= STEP && growDose()) {
      // each pass adds a step to the drill that has most room
    }
    growRaise(plan.request().longestRaise());
    if (slack() >= 60) {
      repeatCircuit();
    }
    growTransition(plan.request().session().kind().isHard() ? LONG_TRANSITION : EASY_TRANSITION);
    if (slack() > 0 && slack() < 30) {
      growTransition(Integer.MAX_VALUE);
    }
  }

  private boolean shortenRaise(int least) {
    int total = PlanItem.seconds(plan.in(WarmUpPart.RAISE));
    for (int i = plan.items().size() - 1; i >= 0; i--) {
      PlanItem item = plan.items().get(i);
      if (item.block() == WarmUpPart.RAISE && !item.lock().keepsDrill()) {
        int seconds = item.dose().amount();
        int down = Math.min(STEP, total - least);
        if (down <= 0 || seconds - down < 20) {
          continue;
        }
        replace(i, item.withDose(item.dose().withAmount(seconds - down)));
        return true;
      }
    }
    return false;
  }

  /** Takes out the unlocked drill whose loss costs the session least. */
  private boolean dropLeastUseful() {
    int least = -1;
    double smallest = Double.POSITIVE_INFINITY;
    for (int i = 0; i < plan.items().size(); i++) {
      PlanItem item = plan.items().get(i);
      if (item.block().isChosen() && !item.lock().keepsDrill()) {
        double loss = Loss.without(plan, item).total() / item.seconds();
        if (loss < smallest) {
          smallest = loss;
          least = i;
        }
      }
    }
    return least >= 0 && removeAt(least);
  }

  private boolean shortenTransition() {
    int last = plan.items().size() - 1;
    PlanItem item = plan.items().get(last);
    int wait = plan.request().circumstances().conditions().waitSeconds();
    int spare = PlanItem.seconds(plan.in(WarmUpPart.TRANSITION)) - wait;
    int down = Math.min(-slack(), Math.min(spare, item.dose().amount() - LEAST_TRANSITION));
    if (item.block() != WarmUpPart.TRANSITION || item.lock().keepsDrill() || down <= 0) {
      return false;
    }
    replace(last, item.withDose(item.dose().withAmount(item.dose().amount() - down)));
    return true;
  }

  private boolean dropFirstEffort(int keep) {
    if (plan.in(WarmUpPart.BUILD).size() <= keep) {
      return false;
    }
    for (int i = 0; i < plan.items().size(); i++) {
      PlanItem item = plan.items().get(i);
      if (item.block() == WarmUpPart.BUILD && !item.lock().keepsDrill()) {
        return removeAt(i);
      }
    }
    return false;
  }

  private boolean growDose() {
    int best = -1;
    double most = 0;
    for (int i = 0; i < plan.items().size(); i++) {
      PlanItem item = plan.items().get(i);
      Optional<Drill> drill = plan.drill(item);
      if (!item.block().isChosen() || item.lock() == Lock.DOSE || drill.isEmpty()) {
        continue;
      }
      Dose grown = item.dose().withAmount(item.dose().amount() + item.dose().growth());
      int longer = grown.seconds() - item.dose().seconds();
      double room = (double) (drill.get().most() - grown.amount()) / drill.get().most();
      if (grown.amount() <= drill.get().most()
          && drill.get().contacts() == 0
          && longer <= slack()
          && grown.amount() <= 1.4 * drill.get().usual().amount()
          && room + 0.01 > most) {
        best = i;
        most = room + 0.01;
      }
    }
    if (best < 0) {
      return false;
    }
    PlanItem item = plan.items().get(best);
    replace(
        best, item.withDose(item.dose().withAmount(item.dose().amount() + item.dose().growth())));
    return true;
  }

  /**
   * A second, shorter round of the mobility that is done on the feet, rather than new drills: all
   * of it, or none. Floor work is not repeated, and activation stays one set.
   */
  private void repeatCircuit() {
    List<PlanItem> longer = new ArrayList<>();
    List<PlanItem> again = new ArrayList<>();
    for (PlanItem item : plan.items()) {
      if (isOfCircuit(item)) {
        again.add(again(item));
      } else if (!again.isEmpty() && item.block() != WarmUpPart.MOBILISE) {
        longer.addAll(again);
        again.clear();
      }
      longer.add(item);
    }
    Plan candidate = plan.withItems(longer);
    boolean isRepeated = plan.items().stream().anyMatch(PlanItem::isRepeat);
    if (!isRepeated && candidate.seconds() <= plan.availableSeconds()) {
      plan = candidate;
    }
  }

  private boolean isOfCircuit(PlanItem item) {
    return item.block() == WarmUpPart.MOBILISE
        && plan.drill(item)
            .filter(d -> d.contacts() == 0)
            .filter(d -> !SetUp.onApparatus(d) && d.position() != Position.FLOOR)
            .isPresent();
  }

  private PlanItem again(PlanItem item) {
    int usual = plan.drill(item).map(d -> d.usual().amount()).orElse(item.dose().amount());
    int least = plan.drill(item).map(Drill::least).orElse(item.dose().amount());
    int shorter = Math.max(least, (int) Math.round(SECOND_ROUND * usual));
    return item.withId(item.id() + "-round-2")
        .withRound(2)
        .withLock(Lock.NONE)
        .withDose(item.dose().withAmount(Math.min(item.dose().amount(), shorter)));
  }

  private void growRaise(int most) {
    int main = -1;
    for (int i = 0; i < plan.items().size(); i++) {
      PlanItem item = plan.items().get(i);
      boolean longer = main < 0 || item.dose().seconds() > plan.items().get(main).dose().seconds();
      if (item.block() == WarmUpPart.RAISE && !item.lock().keepsDrill() && longer) {
        main = i;
      }
    }
    int total = PlanItem.seconds(plan.in(WarmUpPart.RAISE));
    int more = Math.min(slack(), most - total) / STEP * STEP;
    if (main >= 0 && more > 0) {
      PlanItem item = plan.items().get(main);
      int room =
          plan.drill(item).map(d -> Raise.longest(d, plan.request().session())).orElse(0)
              - item.dose().amount();
      more = Math.min(more, room / STEP * STEP);
    }
    if (main >= 0 && more > 0) {
      PlanItem item = plan.items().get(main);
      replace(main, item.withDose(item.dose().withAmount(item.dose().amount() + more)));
    }
  }

  private void growTransition(int most) {
    int last = plan.items().size() - 1;
    PlanItem item = plan.items().get(last);
    int more = Math.min(slack(), most - item.dose().amount());
    if (item.block() == WarmUpPart.TRANSITION && !item.lock().keepsDrill() && more > 0) {
      replace(last, item.withDose(item.dose().withAmount(item.dose().amount() + more)));
    }
  }

  private void replace(int index, PlanItem item) {
    List<PlanItem> items = new ArrayList<>(plan.items());
    items.set(index, item);
    plan = plan.withItems(items);
  }

  private boolean removeAt(int index) {
    List<PlanItem> items = new ArrayList<>(plan.items());
    items.remove(index);
    plan = plan.withItems(items);
    return true;
  }
}
