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

  /** More drills than this in a second round are dull; common practice. */
  private static final int MOST_REPEATED = 4;

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
   * A second round of a few mobility drills, rather than new ones: those on the feet, so that
   * nobody gets down and up once more. Activation stays one set.
   */
  private void repeatCircuit() {
    List<PlanItem> once = new ArrayList<>();
    int insertAt = -1;
    for (int i = 0; i < plan.items().size(); i++) {
      PlanItem item = plan.items().get(i);
      boolean circuit =
          item.block() == WarmUpPart.MOBILISE
              && plan.drill(item)
                  .filter(d -> d.contacts() == 0 && !SetUp.onApparatus(d))
                  .isPresent();
      if (circuit) {
        insertAt = i + 1;
        if (!isRepeated(item)) {
          once.add(item);
        }
      }
    }
    if (insertAt < 0) {
      return;
    }
    int repeated = 0;
    for (PlanItem item : once) {
      boolean isDown = plan.drill(item).filter(d -> d.position() == Position.FLOOR).isPresent();
      if (repeated == MOST_REPEATED || isDown) {
        continue;
      }
      List<PlanItem> longer = new ArrayList<>(plan.items());
      longer.add(insertAt, again(item));
      Plan candidate = plan.withItems(longer);
      if (candidate.seconds() <= plan.availableSeconds()) {
        plan = candidate;
        insertAt++;
        repeated++;
      }
    }
  }

  /** Whether it is in a second round already, or is one itself. */
  private boolean isRepeated(PlanItem item) {
    return item.isRepeat()
        || plan.items().stream().anyMatch(i -> i.isRepeat() && i.drillId().equals(item.drillId()));
  }

  private static PlanItem again(PlanItem item) {
    return item.withId(item.id() + "-round-2").withRound(2).withLock(Lock.NONE);
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
