package dev.jubilee.core.prescription;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.build.GradedEffort;
import dev.jubilee.core.build.Raise;
import dev.jubilee.core.build.Ramp;
import dev.jubilee.core.choice.DrillMenu;
import dev.jubilee.core.choice.LockedItems;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.demand.HealthRules;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.plan.DosedDrill;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanItemBuilder;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.plan.SetUp;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.plan.Tuning;
import dev.jubilee.core.selection.Menu;
import dev.jubilee.core.session.SessionKind;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Computes a warm-up that is done in one place: minutes → build, raise and drills → order → fit →
 * simulation. No stage reaches back; where the simulation finds the athlete cold or tired at the
 * start, the lengths are tuned and all is computed once more.
 */
final class InOnePlace {
  /** Below this the land pulse before machine or water is left out; Jubilee modelling choice. */
  private static final int PULSE_WORTHWHILE = 12 * 60;

  /** Raise and transition that one effort must leave; Jubilee modelling choice. */
  private static final int LEAST_BEFORE_AN_EFFORT = 90;

  private static final int PULSE = 90;

  /** Three sets up to the first lift have room from so many seconds on; common practice. */
  private static final int ROOM_FOR_SETS = 10 * 60;

  /** What is left of the drills' time where they outweigh the efforts; Jubilee modelling choice. */
  private static final double FEWER = 0.75;

  private static final double LEAST_SHARE = 0.04;

  /** Rolling first, s; common practice is 30 s a side and muscle. */
  private static final int ROLLING = 150;

  /** Rolling what is sore, s; common practice is 30 s a side and muscle. */
  private static final int RELEASE_OF_WHAT_IS_SORE = 75;

  /** Share of its ideal below which a block counts as short; Jubilee modelling choice. */
  private static final double LEAST_OF_IDEAL = 0.3;

  /** Seconds beyond the drills themselves for getting into them; Jubilee modelling choice. */
  private static final int GETTING_READY = 30;

  /** A top-up and what is left after it; common practice: a minute or two, just before. */
  private static final int TOP_UP_SECONDS = 120;

  private static final int AFTER_TOP_UP = 150;

  private final DrillLibrary library;

  InOnePlace(DrillLibrary library) {
    this.library = library;
  }

  /** The plan for one place, with its lengths tuned. */
  SimulatedPlan tuned(PrescriptionRequest request, Anchors anchors, Demand demand) {
    List<Drill> candidates = DrillMenu.candidates(library, request);
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
    return compute(request, Tuning.NONE, anchors, demand, DrillMenu.candidates(library, request));
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
    Set<String> withoutRoom = new HashSet<>();
    Draft draft = draft(request, anchors, demand, candidates, withoutRoom, 1);
    List<DosedDrill> drills = draft.menu().chosen();
    // Many drills and few efforts are a common fault: the drills get less time then.
    double share = 1;
    while (draft.isTopHeavy(drills, request.approach()) && share > LEAST_SHARE) {
      share *= FEWER;
      draft = draft(request, anchors, demand, candidates, withoutRoom, share);
      drills = draft.menu().chosen();
    }
    // What the coach locked is in, even where there is no room for it.
    while (withoutRoom.addAll(draft.menu().lockedBut(drills))) {
      draft = draft(request, anchors, demand, candidates, withoutRoom, share);
      drills = draft.menu().chosen();
    }
    List<PlanItem> items = draft.skeleton().with(drills, draft.locked());
    Plan plan = new Plan(request, anchors, demand, library, numbered(items));
    return SimulatedPlan.of(new Fitting(plan).fit());
  }

  /** The choice among drills that it comes down to. */
  Menu menu(PrescriptionRequest request, Anchors anchors) {
    return draft(
            request,
            anchors,
            request.demand(anchors),
            DrillMenu.candidates(library, request),
            Set.of(),
            1)
        .menu()
        .menu();
  }

  /** A plan of which only the drills are open. */
  private record Draft(LockedItems locked, Skeleton skeleton, DrillMenu menu) {
    boolean isTopHeavy(List<DosedDrill> drills, Approach approach) {
      int efforts =
          (int) skeleton.items().stream().filter(i -> i.block() == WarmUpPart.BUILD).count();
      long counted = drills.stream().filter(d -> d.drill().block() != WarmUpPart.RELEASE).count();
      return efforts > 0 && counted > Demand.mostDrills(efforts, approach);
    }
  }

  /**
   * @param withoutRoom ids of drills locked in any dose, to put in, in their least dose, even
   *     without room
   * @param share of the drills' time that they get
   */
  private Draft draft(
      PrescriptionRequest request,
      Anchors anchors,
      Demand demand,
      List<Drill> candidates,
      Set<String> withoutRoom,
      double share) {
    Ramp ramp = new Ramp(request, library, anchors, demand);
    Raise raise = new Raise(request, library, anchors, demand);
    LockedItems locked = LockedItems.of(request);

    Circumstances circumstances = request.circumstances();
    Optional<Drill> mainRaise = raise.main();
    boolean onApparatus = mainRaise.filter(SetUp::onApparatus).isPresent();
    int idealBuild =
        locked.build().isEmpty() ? Ramp.total(ramp.ideal()) : PlanItem.seconds(locked.build());
    int mostRaise = mainRaise.map(raise::most).orElse(0);
    TimeBudget shared =
        TimeBudget.share(
            demand.withRaiseOf(mostRaise),
            idealBuild,
            circumstances,
            TimeBudget.leastRaise(request, demand),
            onApparatus);

    // With little time, drills on land would be done cold and cost the way to the machine as well.
    boolean isStraightOn =
        onApparatus
            && request.session().kind().isHard()
            && !request.session().kind().isOnLand()
            && 60 * circumstances.minutes() < PULSE_WORTHWHILE;
    TimeBudget minutes =
        (isStraightOn ? shared.straightOn(circumstances) : shared)
            .withRaiseOf(request.longestRaise());
    List<Drill> possible =
        isStraightOn ? candidates.stream().filter(SetUp::onApparatus).toList() : candidates;

    List<PlanItem> items = new ArrayList<>(locked.raise());
    if (items.isEmpty() && mainRaise.isPresent() && demand.raiseSeconds() > 0) {
      items.addAll(
          raiseItems(raise, mainRaise.get(), minutes, circumstances.isStraightFromMoving()));
    }
    items.addAll(
        locked.build().isEmpty()
            ? items(build(request, ramp, minutes, demand.efforts()))
            : locked.build());
    items.addAll(
        locked.transition().isEmpty()
            ? transition(request, minutes.transition())
            : locked.transition());
    Skeleton skeleton =
        new Skeleton(
            library, request.approach().first(), circumstances.conditions().group(), items);
    // What the build could not use goes to the drills.
    int left = Math.max(0, minutes.total() - skeleton.seconds());
    int seconds = (int) (share * Math.min(left, demand.menuTotal() + GETTING_READY));
    return new Draft(
        locked,
        skeleton,
        drillMenu(request, demand, locked, skeleton, seconds, possible, withoutRoom));
  }

  /** The fullest build that fits its share; at the very least one effort, if the raise stays. */
  private static List<GradedEffort> build(
      PrescriptionRequest request, Ramp ramp, TimeBudget minutes, int wanted) {
    List<GradedEffort> fitting = ramp.within(minutes.build());
    SessionKind kind = request.session().kind();
    int enough = Math.min(wanted, Demand.ENOUGH_EFFORTS);
    int room = kind == SessionKind.GYM ? ROOM_FOR_SETS : Demand.ROOM_FOR_A_BUILD;
    boolean mustBeEnough = kind.isAllOut() || kind == SessionKind.GYM;
    if (mustBeEnough && fitting.size() < enough && request.secondsBeforeWait() >= room) {
      return ramp.atLeast(enough);
    }
    boolean roomForOne = Ramp.total(ramp.least()) <= minutes.total() - LEAST_BEFORE_AN_EFFORT;
    return fitting.isEmpty() && roomForOne ? ramp.least() : fitting;
  }

  private List<PlanItem> raiseItems(
      Raise raise, Drill main, TimeBudget minutes, boolean isStraightFromMoving) {
    List<PlanItem> items = new ArrayList<>();
    int seconds = Math.min(minutes.raise(), raise.most(main));
    if (SetUp.onApparatus(main)
        && minutes.total() >= PULSE_WORTHWHILE
        && minutes.menu() > 90
        && !isStraightFromMoving) {
      Optional<Drill> land = raise.onLand();
      if (land.isPresent()) {
        items.add(raise.stage(land.get(), PULSE, 0));
        seconds -= PULSE;
      }
    }
    Optional<PlanItem> walk = raise.walkBefore(main, seconds);
    if (walk.isPresent()) {
      items.add(walk.get());
      seconds -= walk.get().seconds();
    }
    items.addAll(raise.stages(main, Math.max(30, seconds)));
    return items;
  }

  private DrillMenu drillMenu(
      PrescriptionRequest request,
      Demand demand,
      LockedItems locked,
      Skeleton skeleton,
      int seconds,
      List<Drill> possible,
      Set<String> withoutRoom) {
    List<DosedDrill> required = new ArrayList<>(locked.fixed(library));
    List<Drill> open = locked.open(library, possible);
    Set<String> taken = new HashSet<>();
    required.forEach(part -> taken.add(part.drill().id()));
    open.forEach(drill -> taken.add(drill.group()));
    List<Drill> candidates = new ArrayList<>();
    possible.stream()
        .filter(d -> !taken.contains(d.id()) && !taken.contains(d.group()))
        .forEach(candidates::add);
    Set<String> lockedOpen = new HashSet<>();
    for (Drill drill : open) {
      if (withoutRoom.contains(drill.id())) {
        required.add(new DosedDrill(drill, drill.usual().withAmount(drill.least())));
      } else {
        candidates.add(drill);
        lockedOpen.add(drill.id());
      }
    }
    candidates.replaceAll(d -> heldAsLikedBy(request.approach(), fittedToLane(d, request)));
    double share = Math.min(1, (double) seconds / Math.max(1, demand.menuTotal()));
    Map<WarmUpPart, Menu.Room> rooms = new EnumMap<>(WarmUpPart.class);
    for (WarmUpPart block : WarmUpPart.CHOSEN) {
      int ideal = demand.menuSeconds().getOrDefault(block, 0);
      // A little more than its ideal, where another block asks for less.
      int most = ideal * 5 / 4;
      // Drills are there for what they rehearse, never to fill their time.
      int least = block == WarmUpPart.DRILL ? 0 : (int) (LEAST_OF_IDEAL * share * ideal);
      rooms.put(block, new Menu.Room(least, most));
    }
    boolean isSore =
        request.athlete().restrictions().stream()
            .anyMatch(r -> r.severity() == Restriction.Severity.SORE);
    boolean isSession = !HealthRules.isWithoutSession(request.athlete());
    if (isSore && isSession && request.session().kind().isHard()) {
      rooms.put(WarmUpPart.RELEASE, new Menu.Room(0, RELEASE_OF_WHAT_IS_SORE));
    }
    if (request.approach().first() == Approach.First.ROLLING && seconds > 2 * ROLLING) {
      rooms.put(WarmUpPart.RELEASE, new Menu.Room(ROLLING / 2, ROLLING));
    }
    return new DrillMenu(
        request,
        demand,
        library,
        skeleton.layout(),
        candidates,
        required,
        lockedOpen,
        seconds,
        Math.max(0, demand.contacts() - skeleton.contacts()),
        rooms);
  }

  /** A school of long holds holds longer, though never so long that it costs performance. */
  private static Drill heldAsLikedBy(Approach approach, Drill drill) {
    boolean isLong =
        approach.holds() == Approach.Holds.LONG
            && drill.block() == WarmUpPart.MOBILISE
            && drill.isHeld();
    return isLong
        ? drill.usually(drill.usual().withAmount(approach.holds().seconds()), drill.most())
        : drill;
  }

  /** A travelling drill in a shorter lane goes more lengths. */
  private static Drill fittedToLane(Drill drill, PrescriptionRequest request) {
    if (!(drill.usual() instanceof Dose.Lengths lengths)) {
      return drill;
    }
    Dose.Lengths fitted = lengths.fittedTo(request.circumstances().lane());
    if (fitted.equals(lengths)) {
      return drill;
    }
    int factor = Math.max(1, fitted.lengths() / lengths.lengths());
    return drill.usually(fitted, drill.most() * factor);
  }

  private List<PlanItem> items(List<GradedEffort> efforts) {
    return efforts.stream()
        .map(e -> PlanItem.of(library.require(e.role()), e.dose(), e.target(), e.recovery()))
        .toList();
  }

  /** The way to the start; a long wait gets a top-up near its end. */
  private List<PlanItem> transition(PrescriptionRequest request, int seconds) {
    boolean isLong = request.circumstances().conditions().isLongWait();
    if (!isLong || seconds < 60 * Conditions.LONG_WAIT || library.find(Role.STAY_WARM).isEmpty()) {
      return List.of(waiting(Role.SETTLE, seconds));
    }
    int topUp = TOP_UP_SECONDS + request.tuning().topUp();
    return List.of(
        waiting(Role.SETTLE, seconds - topUp - AFTER_TOP_UP),
        waiting(Role.STAY_WARM, topUp),
        waiting(Role.SETTLE, AFTER_TOP_UP));
  }

  private PlanItem waiting(Role role, int seconds) {
    Dose dose = new Dose.Timed(seconds, 1);
    return library
        .find(role)
        .map(d -> PlanItem.of(d, dose))
        .orElseGet(() -> withoutADrill(role, dose));
  }

  /** Even without any drill there is a way to the start. */
  private static PlanItem withoutADrill(Role role, Dose dose) {
    return PlanItemBuilder.builder()
        .id("")
        .block(WarmUpPart.TRANSITION)
        .drillId(role.name().toLowerCase(Locale.ROOT))
        .name("Settle")
        .dose(dose)
        .target(Optional.empty())
        .round(1)
        .changeSeconds(0)
        .changeNote("")
        .recovery(Recovery.NONE)
        .lock(Lock.NONE)
        .stage(0)
        .build();
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
