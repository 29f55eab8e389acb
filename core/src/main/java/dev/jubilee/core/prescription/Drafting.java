package dev.jubilee.core.prescription;

import dev.jubilee.core.build.GradedEffort;
import dev.jubilee.core.build.Raise;
import dev.jubilee.core.build.Ramp;
import dev.jubilee.core.choice.LockedItems;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SetUp;
import dev.jubilee.core.profile.WorkIntensity;
import dev.jubilee.core.session.SessionKind;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Shares the minutes out and fills them with raise, build and transition, so that the drills alone
 * are open.
 *
 * @param candidates drills that the request allows
 */
record Drafting(
    DrillLibrary library,
    PrescriptionRequest request,
    Anchors anchors,
    Demand demand,
    List<Drill> candidates) {
  /** Below this the land pulse before machine or water is left out; Jubilee modelling choice. */
  private static final int PULSE_WORTHWHILE = 12 * 60;

  /** Raise and transition that one effort must leave; Jubilee modelling choice. */
  private static final int LEAST_BEFORE_AN_EFFORT = 90;

  /** What is faster than threshold has at least so many before it; common practice. */
  private static final int FEWEST = 2;

  private static final int PULSE = 90;

  /** The most that the raise gets of what the build could not use, s; Jubilee modelling choice. */
  private static final int MOST_SPARE = 60;

  /**
   * Up to so many seconds one goes straight on to the machine or into the water, and from so many
   * on there is time for land before it; common practice.
   */
  private static final int STRAIGHT_ON = 10 * 60;

  private static final int LAND_WORTHWHILE = 14 * 60;

  /** Three sets up to the first lift have room from so many seconds on; common practice. */
  private static final int ROOM_FOR_SETS = 10 * 60;

  /** With less there is time for an effort or two and no more, s; common practice. */
  private static final int ROOM_FOR_MORE = 6 * 60;

  /** From this on a race begins as steadily as it goes on; common practice. */
  private static final Duration LONG_RACE = Duration.ofMinutes(10);

  /** s; nobody jogs for 104 of them. */
  private static final int ROUND = 15;

  /** All but the drills. */
  Draft draft() {
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
            isBuildFirst(),
            circumstances,
            TimeBudget.leastRaise(request, demand),
            onApparatus);

    double onLand = onApparatus ? shareOnLand() : 1;
    // Without a raise there is no build from cold.
    boolean isCold = demand.raiseSeconds() > 0 && mainRaise.isEmpty() && locked.raise().isEmpty();
    boolean isBuilt = locked.build().isEmpty() && (!isCold || request.session().kind().isOnLand());
    List<GradedEffort> efforts = isBuilt ? build(ramp, shared) : List.of();
    TimeBudget minutes =
        (onLand < 1 ? shared.straightOn(circumstances, 1 - onLand) : shared)
            .withMoreRaise(spare(shared, efforts), demand.raiseSeconds())
            .withRaiseOf(request.longestRaise());
    List<Drill> possible =
        onLand == 0 ? candidates.stream().filter(SetUp::onApparatus).toList() : candidates;

    List<PlanItem> items = new ArrayList<>(locked.raise());
    if (items.isEmpty() && mainRaise.isPresent() && demand.raiseSeconds() > 0) {
      items.addAll(
          raiseItems(raise, mainRaise.get(), minutes, circumstances.isStraightFromMoving()));
    }
    items.addAll(locked.build().isEmpty() ? items(efforts) : locked.build());
    items.addAll(
        locked.transition().isEmpty()
            ? new Transition(library).items(request, minutes.transition())
            : locked.transition());
    Skeleton skeleton =
        new Skeleton(
            library, request.approach().first(), circumstances.conditions().group(), items);
    List<Drill> raised = items.stream().flatMap(i -> library.find(i.drillId()).stream()).toList();
    possible = possible.stream().filter(d -> raised.stream().noneMatch(r -> r.covers(d))).toList();
    // What the build and the raise could not use goes to the drills.
    int left = Math.max(0, minutes.total() - skeleton.seconds());
    double share = onLand == 0 ? 1 : onLand;
    // Short of time the drills have no more of it than there is with time enough.
    int changes = skeleton.seconds() - PlanItem.seconds(items);
    int gettingReady = Math.max(0, TimeBudget.overhead(onApparatus) - changes);
    return new Draft(
        skeleton,
        new DrillRoom(library, request, demand, locked, skeleton, possible),
        (int) (share * Math.min(left, demand.menuTotal() + gettingReady)));
  }

  /**
   * How much of the drills' time there is before the machine or the water. With little time, drills
   * on land would be done cold and cost the way there as well; they come bit by bit.
   */
  private double shareOnLand() {
    SessionKind kind = request.session().kind();
    if (!kind.isHard() || kind.isOnLand()) {
      return 1;
    }
    double beyond = 60.0 * request.circumstances().minutes() - STRAIGHT_ON;
    return Math.max(0, Math.min(1, beyond / (LAND_WORTHWHILE - STRAIGHT_ON)));
  }

  /**
   * What the build had and could not use, as one more effort was too much: some of it for the
   * raise, so that drills do not come with a minute and go with the next, when that effort does.
   */
  private static int spare(TimeBudget shared, List<GradedEffort> efforts) {
    int left = shared.build() - Ramp.total(efforts);
    return efforts.isEmpty() ? 0 : Math.max(0, Math.min(MOST_SPARE, left));
  }

  /** Before short, hard efforts, and races that begin fast, drills give way; common practice. */
  private boolean isBuildFirst() {
    if (request.secondsBeforeWait() < ROOM_FOR_MORE) {
      return false;
    }
    return switch (request.session().kind()) {
      case SPRINT, HURDLES, INTERVALS, STEEPLE -> true;
      case TIME_TRIAL ->
          WorkIntensity.trialTime(request.session(), anchors).compareTo(LONG_RACE) < 0;
      case EASY, LONG, THRESHOLD, GYM, JUMPS -> false;
    };
  }

  private boolean isFasterThanThreshold() {
    return switch (request.session().kind()) {
      case SPRINT, HURDLES, INTERVALS, STEEPLE, TIME_TRIAL -> true;
      case EASY, LONG, THRESHOLD, GYM, JUMPS -> false;
    };
  }

  /** The fullest build that fits its share; at the very least one effort, if the raise stays. */
  private List<GradedEffort> build(Ramp ramp, TimeBudget minutes) {
    List<GradedEffort> fitting =
        isBuildFirst() ? ramp.mostWithin(minutes.build()) : ramp.within(minutes.build());
    SessionKind kind = request.session().kind();
    int enough = Math.min(demand.efforts(), Demand.ENOUGH_EFFORTS);
    int room = kind == SessionKind.GYM ? ROOM_FOR_SETS : Demand.ROOM_FOR_A_BUILD;
    boolean mustBeEnough = kind.isAllOut() || kind == SessionKind.GYM;
    if (mustBeEnough && fitting.size() < enough && request.secondsBeforeWait() >= room) {
      return ramp.atLeast(enough);
    }
    if (fitting.size() < FEWEST && isFasterThanThreshold() && demand.efforts() >= FEWEST) {
      List<GradedEffort> two = ramp.atLeast(FEWEST);
      if (Ramp.total(two) <= minutes.total() - LEAST_BEFORE_AN_EFFORT) {
        return two;
      }
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
    List<PlanItem> skills = walk.isPresent() ? List.of() : raise.skillsBefore(main, seconds);
    items.addAll(skills);
    if (!skills.isEmpty()) {
      seconds = (seconds - PlanItem.seconds(skills)) / ROUND * ROUND;
    }
    items.addAll(raise.stages(main, Math.max(30, seconds)));
    return items;
  }

  private List<PlanItem> items(List<GradedEffort> efforts) {
    return efforts.stream()
        .map(e -> PlanItem.of(library.require(e.role()), e.dose(), e.target(), e.recovery()))
        .toList();
  }
}
