package dev.jubilee.core.choice;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.DosedDrill;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What the coach has fixed, by part of the warm-up. A locked raise or build stands as a whole.
 *
 * @param raise locked raise items; empty leaves the raise to the engine
 * @param menu locked drills
 * @param build locked efforts; empty leaves the build to the engine
 * @param transition locked transition; empty leaves it to the engine
 */
public record LockedItems(
    List<PlanItem> raise, List<PlanItem> menu, List<PlanItem> build, List<PlanItem> transition) {

  public static LockedItems of(PrescriptionRequest request) {
    return new LockedItems(
        in(request, WarmUpPart.RAISE),
        request.locked().stream().filter(i -> i.block().isChosen()).toList(),
        in(request, WarmUpPart.BUILD),
        in(request, WarmUpPart.TRANSITION));
  }

  private static List<PlanItem> in(PrescriptionRequest request, WarmUpPart block) {
    return request.locked().stream().filter(i -> i.block() == block).toList();
  }

  /** Drills that stand as they are, in their dose. */
  public List<DosedDrill> fixed(DrillLibrary library) {
    return menu.stream()
        .filter(i -> !isOpen(i))
        .flatMap(i -> library.find(i.drillId()).map(d -> new DosedDrill(d, i.dose())).stream())
        .toList();
  }

  /**
   * Drills that stand in whatever dose the time allows: the version that was locked or, where only
   * the movement was, the athlete's own.
   *
   * @param candidates what this athlete can do here, one rung of each ladder
   */
  public List<Drill> open(DrillLibrary library, List<Drill> candidates) {
    List<Drill> open = new ArrayList<>();
    for (PlanItem item : menu) {
      Optional<Drill> drill = library.find(item.drillId());
      if (isOpen(item) && drill.isPresent()) {
        open.add(item.lock() == Lock.RUNG ? drill.get() : ownRung(drill.get(), candidates));
      }
    }
    return open;
  }

  private static Drill ownRung(Drill drill, List<Drill> candidates) {
    return candidates.stream()
        .filter(d -> d.group().equals(drill.group()))
        .findFirst()
        .orElse(drill);
  }

  /** A drill that stands in two rounds of a circuit stands in both as it is. */
  private boolean isOpen(PlanItem item) {
    boolean isOnce = menu.stream().filter(i -> i.drillId().equals(item.drillId())).count() == 1;
    return isOnce && (item.lock() == Lock.DRILL || item.lock() == Lock.RUNG);
  }

  /**
   * The locked item of a part, in its dose and rung, or a new one.
   *
   * @param given ids of the items that other parts have already been given; this one's is added
   */
  public PlanItem itemOf(DosedDrill part, DrillLibrary library, Set<String> given) {
    for (PlanItem locked : menu) {
      if (locked.drillId().equals(part.drill().id())
          && (locked.id().isEmpty() || given.add(locked.id()))) {
        return locked.withDose(part.dose());
      }
    }
    PlanItem fresh = item(part);
    return menu.stream().anyMatch(i -> isSameMovement(i, part.drill(), library))
        ? fresh.withLock(Lock.DRILL)
        : fresh;
  }

  private static boolean isSameMovement(PlanItem item, Drill drill, DrillLibrary library) {
    return item.lock() == Lock.DRILL
        && library.find(item.drillId()).filter(d -> d.group().equals(drill.group())).isPresent();
  }

  /** A new item for a drill in a dose, not locked. */
  public static PlanItem item(DosedDrill part) {
    return PlanItem.of(part.drill(), part.dose());
  }
}
