package dev.jubilee.core.edit;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.build.Raise;
import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.DoseRange;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.plan.SetUp;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.quantity.OutOfRangeException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a coach does to a plan. Each edit gives a new plan and does only what was asked; what the
 * coach touched is locked, so that re-fitting keeps it.
 */
public final class PlanEditor {
  private final DrillLibrary library;
  private final Prescriber prescriber;

  public PlanEditor(DrillLibrary library) {
    this.library = library;
    this.prescriber = new Prescriber(library);
  }

  /** Takes an item out; re-fitting will not bring its drill back. The transition stays. */
  public Plan remove(Plan plan, String itemId) {
    PlanItem item = plan.item(itemId);
    if (!isMovable(item)) {
      throw new OutOfRangeException(
          "itemId", itemId, "an item other than the way to the start or to the next place");
    }
    List<PlanItem> items = new ArrayList<>(plan.items());
    items.remove(item);
    boolean gone = items.stream().noneMatch(i -> i.drillId().equals(item.drillId()));
    Set<String> excluded = new HashSet<>(plan.request().excluded());
    if (gone && item.block().isChosen()) {
      excluded.add(item.drillId());
    }
    return rebuilt(plan, items, excluded);
  }

  /** Puts a drill in at the end of its block, in its usual dose, locked. */
  public Plan add(Plan plan, String drillId) {
    Drill drill = library.require(drillId);
    if (drill.block() == WarmUpPart.TRANSITION || drill.block() == WarmUpPart.TRANSFER) {
      throw new OutOfRangeException("drillId", drillId, "a drill; there is one transition");
    }
    List<PlanItem> items = new ArrayList<>(plan.items());
    int stage = stageFor(plan, drill);
    items.add(placeFor(plan, drill, stage), itemOf(plan, drill, stage));
    Set<String> excluded = new HashSet<>(plan.request().excluded());
    excluded.remove(drillId);
    return rebuilt(plan, items, excluded);
  }

  /** Puts another drill in an item's place, in a dose of about the same time, locked. */
  public Plan swap(Plan plan, String itemId, String drillId) {
    PlanItem out = plan.item(itemId);
    Drill in = library.require(drillId);
    if (in.block() != out.block()) {
      throw new OutOfRangeException(
          "drillId", drillId, "a drill of the same block, " + out.block().title());
    }
    int index = plan.items().indexOf(out);
    PlanItem fresh = itemOf(plan, in, out.stage());
    if (out.block() == WarmUpPart.RAISE || out.block() == WarmUpPart.BUILD) {
      fresh = sameEffort(plan, out, in);
    }
    List<PlanItem> items = new ArrayList<>(plan.items());
    items.set(index, fresh);
    Set<String> excluded = new HashSet<>(plan.request().excluded());
    excluded.remove(drillId);
    if (out.block().isChosen() && !out.drillId().equals(drillId)) {
      excluded.add(out.drillId());
    }
    return rebuilt(plan, items, excluded);
  }

  /** Gives an item another amount, within what its drill allows, and locks its dose. */
  public Plan dose(Plan plan, String itemId, int amount) {
    PlanItem item = plan.item(itemId);
    Optional<Drill> drill = plan.drill(item);
    if (item.block() == WarmUpPart.TRANSFER) {
      throw new OutOfRangeException(
          "itemId", itemId, "a drill; how long the way takes is said with the places");
    }
    DoseRange accepted = DoseRange.of(item.dose(), drill);
    if (!accepted.holds(amount)) {
      throw new OutOfRangeException(
          "amount", amount, accepted.least() + " to " + accepted.most() + " for " + item.name());
    }
    return replaced(plan, item, item.withDose(item.dose().withAmount(amount)).withLock(Lock.DOSE));
  }

  /**
   * Moves an item earlier or later and locks it.
   *
   * @param by places, negative for earlier; the transition stays last
   */
  public Plan move(Plan plan, String itemId, int by) {
    PlanItem item = plan.item(itemId);
    if (!isMovable(item)) {
      throw new OutOfRangeException("itemId", itemId, "an item before the transition");
    }
    List<PlanItem> items = new ArrayList<>(plan.items());
    int from = items.indexOf(item);
    long after = items.stream().filter(i -> i.block() == WarmUpPart.TRANSITION).count();
    int last = items.size() - 1 - (int) after;
    int to = Math.max(0, Math.min(last, from + by));
    items.remove(from);
    // Into another place with it.
    int stage = to == from ? item.stage() : plan.items().get(to).stage();
    PlanItem moved = item.withStage(stage);
    items.add(to, moved.lock().keepsDrill() ? moved : moved.withLock(Lock.DOSE));
    return plan.withItems(items);
  }

  /** Says how much of an item re-fitting keeps; of a raise, build or transition all or nothing. */
  public Plan lock(Plan plan, String itemId, Lock lock) {
    PlanItem item = plan.item(itemId);
    boolean isWhole = lock.keepsDrill() && !item.block().isChosen();
    return replaced(plan, item, item.withLock(isWhole ? Lock.DOSE : lock));
  }

  /** Notes that the coach has seen a finding; it stays, in short. */
  public Plan seen(Plan plan, String code) {
    return new Plan(
        plan.request().seeing(code), plan.anchors(), plan.demand(), plan.library(), plan.items());
  }

  /** Computes anew around what is locked, keeping out what was removed. */
  public Plan refit(Plan plan) {
    return prescribed(plan, new Edit.Refit());
  }

  /** Computes anew under other circumstances, around what is locked. */
  public Plan under(Plan plan, Circumstances circumstances) {
    return prescribed(plan, new Edit.ChangeCircumstances(circumstances));
  }

  /** Computes anew with another approach, around what is locked. */
  public Plan like(Plan plan, Approach approach) {
    return prescribed(plan, new Edit.ChangeApproach(approach));
  }

  private Plan prescribed(Plan plan, Edit.OfRequest edit) {
    return simulated(PlanSource.of(plan), edit, plan.anchors()).plan();
  }

  private SimulatedPlan simulated(PlanSource source, Edit.OfRequest edit, Anchors anchors) {
    PrescriptionRequest request = edit.applyTo(source);
    boolean isAsHigh = altitude(request) == altitude(source.request());
    return prescriber.simulated(request, isAsHigh ? anchors : PlanSource.anchors(request));
  }

  private static int altitude(PrescriptionRequest request) {
    return request.circumstances().conditions().altitude();
  }

  /**
   * The plan after an edit, and what it does to the body. Each stage of the computation is passed
   * at most once.
   *
   * @throws OutOfRangeException naming what the edit may not be
   */
  public static SimulatedPlan edited(PlanSource source, Edit edit) {
    PlanEditor editor = new PlanEditor(source.library());
    if (edit instanceof Edit.OfItems items) {
      return SimulatedPlan.of(items.applyTo(source.plan(), editor));
    }
    return editor.simulated(source, (Edit.OfRequest) edit, source.anchors());
  }

  /** What stays where it is: the way to the start, and from place to place. */
  private static boolean isMovable(PlanItem item) {
    return item.block() != WarmUpPart.TRANSITION && item.block() != WarmUpPart.TRANSFER;
  }

  /** The last stage where a drill can be done; without any, the last. */
  private static int stageFor(Plan plan, Drill drill) {
    Circumstances all = plan.request().circumstances();
    for (int stage = all.lastStage(); stage > 0; stage--) {
      if (Eligibility.against(drill, plan.request().with(all.at(stage))).isEmpty()) {
        return stage;
      }
    }
    boolean isAtFirst = Eligibility.against(drill, plan.request().with(all.at(0))).isEmpty();
    return isAtFirst ? 0 : all.lastStage();
  }

  /** The nearest sensible place: after the last item of the block, or before the next block. */
  private int placeFor(Plan plan, Drill drill, int stage) {
    boolean apparatus = SetUp.onApparatus(drill);
    int place = -1;
    for (int i = 0; i < plan.items().size(); i++) {
      PlanItem item = plan.items().get(i);
      if (item.stage() == stage
          && item.block() == drill.block()
          && plan.drill(item).filter(d -> SetUp.onApparatus(d) == apparatus).isPresent()) {
        place = i + 1;
      }
    }
    if (place >= 0) {
      return place;
    }
    for (int i = 0; i < plan.items().size(); i++) {
      PlanItem item = plan.items().get(i);
      boolean onApparatus = plan.drill(item).filter(SetUp::onApparatus).isPresent();
      boolean isLater = item.block().compareTo(drill.block()) > 0;
      if (item.stage() == stage && isLater && (onApparatus || !apparatus)) {
        return i;
      }
    }
    return plan.items().size() - 1;
  }

  private PlanItem itemOf(Plan plan, Drill drill, int stage) {
    return newItem(plan, drill).withStage(stage);
  }

  private PlanItem newItem(Plan plan, Drill drill) {
    if (drill.block() == WarmUpPart.RAISE) {
      Raise raise = new Raise(plan.request(), library, plan.anchors(), plan.demand());
      PlanItem part = raise.stages(drill, drill.usual().amount()).get(0);
      return part.withDose(drill.usual()).withId(freshId(plan, drill)).withLock(Lock.DOSE);
    }
    if (drill.block() == WarmUpPart.BUILD) {
      return newEffort(plan, drill);
    }
    return PlanItem.of(drill, drill.usual()).withId(freshId(plan, drill)).withLock(Lock.DOSE);
  }

  /** A further effort like the last of the build; without one, at the session's own intensity. */
  private PlanItem newEffort(Plan plan, Drill drill) {
    List<PlanItem> build = plan.in(WarmUpPart.BUILD);
    if (!build.isEmpty()) {
      PlanItem last = build.get(build.size() - 1);
      return sameEffort(plan, last, drill);
    }
    Duration length = Duration.ofSeconds(drill.usual().seconds());
    Target target = plan.anchors().target(plan.demand().firstEffort(), length);
    return PlanItem.of(drill, drill.usual(), target, new Recovery(30, Recovery.Doing.EASY))
        .withId(freshId(plan, drill))
        .withLock(Lock.DOSE);
  }

  private PlanItem sameEffort(Plan plan, PlanItem as, Drill drill) {
    return PlanItem.of(drill, as.dose())
        .withBlock(as.block())
        .withTarget(as.target())
        .withRecovery(as.recovery())
        .withStage(as.stage())
        .withId(freshId(plan, drill))
        .withLock(Lock.DOSE);
  }

  private static String freshId(Plan plan, Drill drill) {
    String id = drill.id();
    for (int n = 2; hasItem(plan, id); n++) {
      id = drill.id() + "-" + n;
    }
    return id;
  }

  private static boolean hasItem(Plan plan, String id) {
    return plan.items().stream().anyMatch(i -> i.id().equals(id));
  }

  private static Plan replaced(Plan plan, PlanItem old, PlanItem fresh) {
    List<PlanItem> items = new ArrayList<>(plan.items());
    items.set(items.indexOf(old), fresh);
    return plan.withItems(items);
  }

  private static Plan rebuilt(Plan plan, List<PlanItem> items, Set<String> excluded) {
    PrescriptionRequest request = plan.request().with(plan.request().locked(), excluded);
    return new Plan(request, plan.anchors(), plan.demand(), plan.library(), items).withItems(items);
  }
}
