package dev.jubilee.core.edit;

import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.quantity.OutOfRangeException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What an athlete may need when a warm-up runs: another rung of a ladder, and what is left of the
 * plan when minutes are lost. Computed beforehand, so that it is at hand without a network.
 */
public final class InHand {
  /** Minutes lost for which what is left is computed; common practice. */
  public static final List<Integer> MINUTES_LOST = List.of(2, 5, 10, 15);

  /** With less, s, one goes to the start; common practice. */
  private static final int LEAST_LEFT = 60;

  /** Fewer minutes are asked for so often at the most. */
  private static final int MOST_TRIES = 4;

  /** Minutes by which a start slips for which a top-up is computed; common practice. */
  public static final List<Integer> MINUTES_SLIPPED = List.of(5, 10, 15, 20, 30);

  private InHand() {}

  /**
   * What is left of a plan from an item on.
   *
   * @param items from there to the start
   * @param dropped names of what is left out
   * @param shortened names of what is done for less long
   */
  public record Left(List<PlanItem> items, List<String> dropped, List<String> shortened) {
    public int seconds() {
      return items.stream().mapToInt(PlanItem::seconds).sum();
    }
  }

  /** The rung below, in a dose of about the same time; empty where it cannot be done here. */
  public static Optional<PlanItem> easier(Plan plan, PlanItem item, PlanEditor editor) {
    return rung(plan, item, editor, plan.drill(item).flatMap(plan.library()::easier));
  }

  /** The rung above, likewise. */
  public static Optional<PlanItem> harder(Plan plan, PlanItem item, PlanEditor editor) {
    return rung(plan, item, editor, plan.drill(item).flatMap(plan.library()::harder));
  }

  private static Optional<PlanItem> rung(
      Plan plan, PlanItem item, PlanEditor editor, Optional<Drill> drill) {
    int index = plan.items().indexOf(item);
    return drill
        .filter(d -> d.block() == item.block())
        .filter(d -> Eligibility.against(d, plan.requestOf(item)).isEmpty())
        .map(d -> editor.swap(plan, item.id(), d.id()).items().get(index));
  }

  /** Where the parts of a plan begin, the first one too: indices of items. */
  public static List<Integer> partsBegin(Plan plan) {
    List<Integer> begins = new ArrayList<>();
    for (int i = 0; i < plan.items().size(); i++) {
      if (i == 0 || plan.items().get(i).block() != plan.items().get(i - 1).block()) {
        begins.add(i);
      }
    }
    return begins;
  }

  /**
   * What is left when minutes are lost before an item: everything before it stays, the rest is
   * fitted anew into what remains.
   *
   * @param from index of the item that would come next
   * @param minutesLost 1 or more
   * @return empty where too little time is left for any warm-up
   */
  public static Optional<Left> late(PlanSource source, int from, int minutesLost) {
    Plan plan = source.plan();
    List<PlanItem> items = new ArrayList<>(plan.items());
    for (int i = 0; i < from; i++) {
      PlanItem done = items.get(i);
      items.set(i, done.lock().keepsDrill() ? done : done.withLock(Lock.DOSE));
    }
    List<PlanItem> coming = plan.items().subList(from, plan.items().size());
    int target = sum(coming) - 60 * minutesLost;
    if (target < LEAST_LEFT) {
      return Optional.empty();
    }
    PlanSource around = PlanSource.of(plan.withItems(items));
    int minutes = (plan.seconds() - 60 * minutesLost) / 60;
    Optional<Left> best = Optional.empty();
    for (int i = 0; i < MOST_TRIES; i++) {
      Optional<Left> left = fitted(around, plan, from, minutes);
      if (left.isEmpty()) {
        break;
      }
      best = best.filter(b -> b.seconds() <= left.get().seconds()).or(() -> left);
      int over = left.get().seconds() - target;
      if (over <= 0) {
        return left;
      }
      // What is locked may leave the rest more than there is; less is asked for then.
      minutes -= (over + 59) / 60;
    }
    return best.map(b -> left(coming, withoutFirst(b.items(), target)));
  }

  /** Where even the least is too much its first items go, but for one and the way to the start. */
  private static List<PlanItem> withoutFirst(List<PlanItem> items, int seconds) {
    List<PlanItem> left = new ArrayList<>(items);
    while (sum(left) > seconds && work(left) > 1) {
      left.remove(0);
    }
    return left;
  }

  private static long work(List<PlanItem> items) {
    return items.stream().filter(i -> i.block() != WarmUpPart.TRANSITION).count();
  }

  private static Optional<Left> fitted(PlanSource around, Plan plan, int from, int minutes) {
    // Where it was moved to is where it is done now, whatever the weather.
    Circumstances now =
        plan.request().circumstances().filled(false).withMovedFrom(Optional.empty());
    try {
      Plan fitted =
          PlanEditor.edited(around, new Edit.ChangeCircumstances(now.withMinutes(minutes))).plan();
      Set<String> past = new HashSet<>();
      plan.items().subList(0, from).forEach(i -> past.add(i.id()));
      List<WarmUpPart> over = partsBefore(plan, from);
      List<PlanItem> left =
          fitted.items().stream()
              .filter(i -> !past.contains(i.id()) && !over.contains(i.block()))
              .toList();
      List<PlanItem> coming = plan.items().subList(from, plan.items().size());
      return Optional.of(left(coming, noLonger(coming, left)));
    } catch (OutOfRangeException tooLittle) {
      return Optional.empty();
    }
  }

  /** Nothing gets longer or firmer for want of time: where it would, it stays as it was. */
  private static List<PlanItem> noLonger(List<PlanItem> coming, List<PlanItem> left) {
    List<PlanItem> kept = new ArrayList<>();
    Set<String> asItWas = new HashSet<>();
    for (PlanItem item : left) {
      List<PlanItem> was = coming.stream().filter(i -> i.drillId().equals(item.drillId())).toList();
      if (was.isEmpty() || sum(left, item.drillId()) <= sum(was)) {
        kept.add(noFirmer(item, was));
      } else if (asItWas.add(item.drillId())) {
        kept.addAll(was);
      }
    }
    return kept;
  }

  private static PlanItem noFirmer(PlanItem item, List<PlanItem> was) {
    return was.stream()
        .max(Comparator.comparingDouble(InHand::points))
        .filter(firmest -> points(item) > points(firmest))
        .map(firmest -> item.withTarget(firmest.target()))
        .orElse(item);
  }

  private static double points(PlanItem item) {
    return item.target().map(t -> t.effort().points()).orElse(0.0);
  }

  /** What keeps warm when the warm-up is done and the start comes so many minutes later. */
  public static Optional<List<PlanItem>> topUp(PlanSource source, int minutesSlipped) {
    try {
      return Optional.of(
          PlanEditor.edited(source, new Edit.StartSlipped(minutesSlipped)).plan().items());
    } catch (OutOfRangeException notPossible) {
      return Optional.empty();
    }
  }

  /** Parts that are over when an item begins: nobody goes back to them because time is short. */
  private static List<WarmUpPart> partsBefore(Plan plan, int from) {
    List<WarmUpPart> coming =
        plan.items().subList(from, plan.items().size()).stream().map(PlanItem::block).toList();
    return plan.items().subList(0, from).stream()
        .map(PlanItem::block)
        .filter(b -> !coming.contains(b))
        .distinct()
        .toList();
  }

  private static Left left(List<PlanItem> before, List<PlanItem> after) {
    List<String> dropped = new ArrayList<>();
    List<String> shortened = new ArrayList<>();
    for (PlanItem was : before) {
      List<PlanItem> same = after.stream().filter(i -> i.drillId().equals(was.drillId())).toList();
      if (same.isEmpty()) {
        dropped.add(was.name());
      } else if (sum(same) < sum(before, was.drillId())) {
        shortened.add(was.name());
      }
    }
    return new Left(
        after, dropped.stream().distinct().toList(), shortened.stream().distinct().toList());
  }

  private static int sum(List<PlanItem> items) {
    return items.stream().mapToInt(PlanItem::seconds).sum();
  }

  private static int sum(List<PlanItem> items, String drillId) {
    return sum(items.stream().filter(i -> i.drillId().equals(drillId)).toList());
  }
}
