package dev.jubilee.core.prescription;

import dev.jubilee.core.choice.DrillMenu;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.plan.DosedDrill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.plan.Tuning;
import dev.jubilee.core.selection.Menu;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Computes a warm-up that is done in one place: minutes → build, raise and drills → order → fit →
 * simulation. No stage reaches back; where the simulation finds the athlete cold or tired at the
 * start, the lengths are tuned and all is computed once more.
 */
final class InOnePlace {
  private final DrillLibrary library;

  InOnePlace(DrillLibrary library) {
    this.library = library;
  }

  /** The plan for one place, with its lengths tuned. */
  SimulatedPlan tuned(PrescriptionRequest request, Anchors anchors, Demand demand) {
    return tuned(request, anchors, demand, candidates(request));
  }

  /** The same, where the drills that the request allows are known. */
  SimulatedPlan tuned(
      PrescriptionRequest request, Anchors anchors, Demand demand, List<Drill> candidates) {
    SimulatedPlan usual = compute(request, Tuning.NONE, anchors, demand, candidates);
    Tuning tuning = Tuner.tune(usual);
    if (tuning.equals(Tuning.NONE)) {
      return usual;
    }
    SimulatedPlan tuned = compute(request, tuning, anchors, demand, candidates);
    // Where minutes are few, less of it may do what all of it cannot.
    Tuning half = tuning.withHalfTheRaise();
    if (!isBetter(tuned, usual) && !half.equals(tuning)) {
      tuned = compute(request, half, anchors, demand, candidates);
    }
    return isBetter(tuned, usual) ? tuned : usual;
  }

  /** What was foreseen may not come true where items are locked or the minutes are few. */
  static boolean isBetter(SimulatedPlan tuned, SimulatedPlan usual) {
    // No minute of raise is worth all of the mobility, or the drills.
    for (WarmUpPart part : WarmUpPart.CHOSEN) {
      if (tuned.plan().in(part).isEmpty() && !usual.plan().in(part).isEmpty()) {
        return false;
      }
    }
    boolean isWarm = tuned.warmth() >= Demand.WARM * usual.plan().demand().warmth();
    return usual.isWarm()
        ? isWarm && tuned.freshness() > usual.freshness()
        : tuned.isFresh() && tuned.warmth() > usual.warmth();
  }

  /** The plan for one place as it is without looking ahead. */
  SimulatedPlan untuned(PrescriptionRequest request, Anchors anchors, Demand demand) {
    return compute(request, Tuning.NONE, anchors, demand, candidates(request));
  }

  /**
   * The plan for one place with given changes of lengths.
   *
   * @param candidates drills that the request allows; lengths do not change them
   */
  private SimulatedPlan compute(
      PrescriptionRequest untuned,
      Tuning tuning,
      Anchors anchors,
      Demand usual,
      List<Drill> candidates) {
    PrescriptionRequest request = untuned.with(tuning);
    Demand demand = tuning.applyTo(usual);
    Draft draft = draft(request, anchors, demand, candidates);
    Set<String> withoutRoom = new HashSet<>();
    DrillMenu menu = draft.menu(withoutRoom);
    List<DosedDrill> drills = menu.chosen();
    // What the coach locked is in, even where there is no room for it.
    while (withoutRoom.addAll(menu.lockedBut(drills))) {
      menu = draft.menu(withoutRoom);
      drills = menu.chosen();
    }
    Plan plan = new Plan(request, anchors, demand, library, numbered(draft.with(drills)));
    return SimulatedPlan.of(new Fitting(plan).fit());
  }

  /** The choice among drills that it comes down to. */
  Menu menu(PrescriptionRequest request, Anchors anchors) {
    return draft(request, anchors, request.demand(anchors), candidates(request))
        .menu(Set.of())
        .menu();
  }

  /** Drills that the request allows; lengths do not change them. */
  List<Drill> candidates(PrescriptionRequest request) {
    return DrillMenu.candidates(library, request);
  }

  /** A plan for one place of which only the drills are open. */
  Draft draft(PrescriptionRequest request, Anchors anchors, Demand demand, List<Drill> candidates) {
    return new Drafting(library, request, anchors, demand, candidates).draft();
  }

  /** Gives each new item an id that no locked one has. */
  static List<PlanItem> numbered(List<PlanItem> items) {
    Map<String, Integer> seen = new HashMap<>();
    List<PlanItem> numbered = new ArrayList<>();
    for (PlanItem item : items) {
      if (!item.id().isEmpty()) {
        numbered.add(item);
        continue;
      }
      String id;
      do {
        int n = seen.merge(item.drillId(), 1, Integer::sum);
        id = n == 1 ? item.drillId() : item.drillId() + "-" + n;
      } while (isTaken(items, id));
      numbered.add(item.withId(id));
    }
    return numbered;
  }

  private static boolean isTaken(List<PlanItem> items, String id) {
    return items.stream().anyMatch(i -> i.id().equals(id));
  }
}
