package dev.jubilee.core.prescription;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.circumstances.Stage;
import dev.jubilee.core.circumstances.Transfer;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.demand.DemandBuilder;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.plan.Benefit;
import dev.jubilee.core.plan.DosedDrill;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.plan.Tuning;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A warm-up in several places: one after another, each with what the ones before have left to do.
 * The build is where the sport itself can be done, as late as may be; warmth is carried from place
 * to place as from anything else that was done before.
 */
final class Stages {
  /** Of a need so much must be open still to be worth a drill; Jubilee modelling choice. */
  private static final double OPEN = 0.1;

  /** With less than this left of a part, one goes straight on to the machine; common practice. */
  private static final double MOSTLY_DONE = 0.5;

  /** A raise in a further place, s: one has cooled a little on the way; common practice. */
  private static final int AGAIN = 120;

  /** What must be raised in all, where the build came early; as short plans keep of it. */
  private static final double LEAST_OF_THE_RAISE = 0.6;

  /** What stands in for the way to the start until the stages are put together, s. */
  private static final int NO_TRANSITION = 15;

  /** A wait with a top-up near its end, min. */
  private static final int KEPT_WARM = Conditions.LONG_WAIT;

  private final InOnePlace inOnePlace;
  private final DrillLibrary library;
  private final PrescriptionRequest request;
  private final Anchors anchors;
  private final Demand whole;

  Stages(
      InOnePlace inOnePlace,
      DrillLibrary library,
      PrescriptionRequest request,
      Anchors anchors,
      Demand whole) {
    this.inOnePlace = inOnePlace;
    this.library = library;
    this.request = request;
    this.anchors = anchors;
    this.whole = whole;
  }

  SimulatedPlan simulated() {
    Circumstances all = request.circumstances();
    int built = Demand.stageOfTheBuild(request.session(), all);
    List<PlanItem> items = new ArrayList<>();
    List<PriorExercise> before = new ArrayList<>();
    Tuning tuning = Tuning.NONE;
    for (int stage = 0; stage <= all.lastStage(); stage++) {
      boolean isLast = stage == all.lastStage();
      PrescriptionRequest here = at(stage, before, items, stage > built);
      Demand left = left(here.demand(anchors), items, stage, built);
      SimulatedPlan part =
          isLast ? inOnePlace.tuned(here, anchors, left) : inOnePlace.untuned(here, anchors, left);
      for (PlanItem item : part.plan().items()) {
        if (isLast || item.block() != WarmUpPart.TRANSITION) {
          String id = item.lock() == Lock.NONE ? "" : item.id();
          items.add(item.withStage(stage).withId(id));
        }
      }
      if (isLast) {
        tuning = part.plan().request().tuning();
      } else {
        Stage done = all.earlier().get(stage);
        transfer(done.transfer(), stage).ifPresent(items::add);
        before.addAll(asDone(part.plan(), done.transfer(), stage, stage == built));
      }
    }
    Plan plan =
        new Plan(
            request.with(tuning),
            anchors,
            tuning.applyTo(whole),
            library,
            InOnePlace.numbered(items));
    return SimulatedPlan.of(new Fitting(plan).within());
  }

  /** A stage by itself: its end is its start, and what the coach locked elsewhere is not in it. */
  private PrescriptionRequest at(
      int stage, List<PriorExercise> stagesBefore, List<PlanItem> done, boolean isBuilt) {
    Circumstances own = request.circumstances().at(stage);
    Circumstances here = isBuilt ? waiting(own) : own;
    List<PriorExercise> before = new ArrayList<>(here.before());
    int later = request.circumstances().minutesAfter(stage);
    stagesBefore.forEach(b -> before.add(b.earlierBy(-later)));
    List<PlanItem> locked =
        request.locked().stream()
            .filter(i -> i.stage() == stage && i.block() != WarmUpPart.TRANSFER)
            .toList();
    Set<String> notAgain = new HashSet<>(request.excluded());
    notAgain.addAll(versionsOf(done));
    locked.stream().map(PlanItem::drillId).forEach(notAgain::remove);
    return request.with(here.after(before)).with(locked, notAgain).with(Tuning.NONE);
  }

  /** Ids of what was done, in any version. */
  private Set<String> versionsOf(List<PlanItem> done) {
    Set<String> groups = new HashSet<>();
    done.stream()
        .filter(i -> i.block().isChosen())
        .flatMap(i -> library.find(i.drillId()).stream())
        .map(Drill::group)
        .forEach(groups::add);
    Set<String> versions = new HashSet<>();
    library.drills().stream()
        .filter(d -> groups.contains(d.group()))
        .map(Drill::id)
        .forEach(versions::add);
    return versions;
  }

  /** After the build one is only kept warm: that is a wait, as long as there is room for one. */
  private static Circumstances waiting(Circumstances here) {
    int wait = Math.min(KEPT_WARM, here.minutes() - Circumstances.LEAST_MINUTES);
    Conditions conditions = here.conditions();
    return here.with(conditions.withWaitMinutes(Math.max(conditions.waitMinutes(), wait)));
  }

  /** What there is left to do, of it what belongs here. */
  private Demand left(Demand here, List<PlanItem> done, int stage, int built) {
    Map<WarmUpPart, Integer> menu = new EnumMap<>(WarmUpPart.class);
    boolean goesStraightOn = stage > 0 && hasApparatus(stage);
    for (WarmUpPart part : WarmUpPart.CHOSEN) {
      int ideal = here.menuSeconds().getOrDefault(part, 0);
      int left = Math.max(0, ideal - PlanItem.seconds(in(done, part)));
      boolean isDone = goesStraightOn && left < MOSTLY_DONE * ideal;
      menu.put(part, isDone && part != WarmUpPart.DRILL ? 0 : left);
    }
    List<DosedDrill> drills = new ArrayList<>();
    int contacts = 0;
    for (PlanItem item : done) {
      Optional<DosedDrill> dosed =
          library.find(item.drillId()).map(d -> new DosedDrill(d, item.dose()));
      dosed.filter(d -> item.block().isChosen()).ifPresent(drills::add);
      contacts += dosed.map(d -> d.drill().contactsIn(item.dose())).orElse(0);
    }
    Map<Need, Double> served = Benefit.satisfaction(here.needs(), drills, request.session());
    Map<Need, Double> open = new LinkedHashMap<>();
    here.needs()
        .forEach(
            (need, weight) -> {
              double share = 1 - served.getOrDefault(need, 0.0);
              if (share > OPEN) {
                open.put(need, share * weight);
              }
            });
    boolean isLast = stage == request.circumstances().lastStage();
    boolean isBuilt = stage == built;
    int raised = PlanItem.seconds(in(done, WarmUpPart.RAISE));
    int leastRaise = (int) (LEAST_OF_THE_RAISE * whole.raiseSeconds());
    // By the end of the place with the build there is what little any raise must be.
    int missing = stage == built || isLast ? whole.leastRaise() - raised : 0;
    int least = Math.max(stage == 0 ? 0 : AGAIN, (int) (missing / LEAST_OF_THE_RAISE));
    int raise = Math.max(least, here.raiseSeconds());
    return DemandBuilder.builder(here)
        .raiseSeconds(stage > built ? Math.max(0, leastRaise - raised) : raise)
        .menuSeconds(menu)
        .needs(open)
        .contacts(Math.max(0, here.contacts() - contacts))
        .efforts(isBuilt ? here.efforts() : 0)
        .primingSeconds(isBuilt ? here.primingSeconds() : 0)
        .transitionSeconds(isLast ? here.transitionSeconds() : NO_TRANSITION)
        .build();
  }

  private boolean hasApparatus(int stage) {
    return Kit.apparatusOf(request.session().sport())
        .filter(request.circumstances().at(stage).kit()::contains)
        .isPresent();
  }

  private static List<PlanItem> in(List<PlanItem> items, WarmUpPart part) {
    return items.stream().filter(i -> i.block() == part).toList();
  }

  private Optional<PlanItem> transfer(Transfer transfer, int stage) {
    return transfer.minutes() == 0
        ? Optional.empty()
        : library
            .find(transfer.means().role())
            .map(d -> PlanItem.of(d, new Dose.Timed(60 * transfer.minutes(), 1)))
            .map(i -> i.withStage(stage));
  }

  /** What a stage and the way on from it are for the next: warmth, and where it was built, all. */
  private List<PriorExercise> asDone(Plan part, Transfer transfer, int stage, boolean isBuilt) {
    List<PriorExercise> done = new ArrayList<>();
    int worked = Math.max(1, part.seconds() / 60);
    int ended = request.circumstances().minutesAfter(stage);
    done.add(
        new PriorExercise(
            isBuilt ? PriorExercise.Kind.WARM_UP : PriorExercise.Kind.JOURNEY,
            isBuilt
                ? PriorExercise.Movement.of(request.session().sport())
                : PriorExercise.Movement.DRILLS,
            isBuilt ? PriorExercise.Hardness.HARD : PriorExercise.Hardness.STEADY,
            worked,
            ended));
    Optional<PriorExercise.Movement> way =
        switch (transfer.means()) {
          case WALK -> Optional.of(PriorExercise.Movement.WALKING);
          case RIDE -> Optional.of(PriorExercise.Movement.RIDING);
          case DRIVE, CHANGE -> Optional.empty();
        };
    if (transfer.minutes() > 0 && way.isPresent()) {
      done.add(
          new PriorExercise(
              PriorExercise.Kind.JOURNEY,
              way.get(),
              PriorExercise.Hardness.EASY,
              transfer.minutes(),
              ended - transfer.minutes()));
    }
    return done;
  }
}
