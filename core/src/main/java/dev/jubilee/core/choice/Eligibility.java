package dev.jubilee.core.choice;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.demand.HealthRules;
import dev.jubilee.core.demand.TrainingPhase;
import dev.jubilee.core.drill.Caveat;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SetUp;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import java.util.Optional;

/** Whether a drill may be given to this athlete, here, today; if not, why not. */
public final class Eligibility {
  /** Masters hold on from this age on, years; common practice. */
  private static final int HELD_FROM = 60;

  private Eligibility() {}

  /** The reason against a drill as a phrase, or empty when nothing speaks against it. */
  public static Optional<String> against(Drill drill, PrescriptionRequest request) {
    Optional<String> athlete = againstAthlete(drill, request.athlete());
    return athlete
        .or(() -> againstCircumstances(drill, request))
        .or(() -> againstSession(drill, request))
        .or(() -> againstApproach(drill, request))
        .or(() -> againstAge(drill, request.athlete()))
        .or(() -> againstPhase(drill, request.phase()))
        .or(
            () ->
                request.session().suits(drill) == 0
                    ? Optional.of("is not for this sport")
                    : Optional.empty());
  }

  /** Close to a race nothing is new. */
  private static Optional<String> againstPhase(Drill drill, TrainingPhase phase) {
    boolean isNew =
        drill.block().isChosen()
            && !phase.familiar().isEmpty()
            && !phase.familiar().contains(drill.id());
    return isNew ? Optional.of("would be new, so close to the race") : Optional.empty();
  }

  /** From 60 on, no unsupported single-leg standing, even in a free-standing approach. */
  private static Optional<String> againstAge(Drill drill, Athlete athlete) {
    return holdsOn(athlete) && drill.caveats().contains(Caveat.ONE_LEG)
        ? Optional.of(Caveat.ONE_LEG.words() + ", at " + athlete.ageYears())
        : Optional.empty();
  }

  private static boolean holdsOn(Athlete athlete) {
    return athlete.ageYears() >= HELD_FROM;
  }

  /** What the coach's approach leaves out. */
  private static Optional<String> againstApproach(Drill drill, PrescriptionRequest request) {
    Approach approach = request.approach();
    if (drill.isHeld() && approach.holds() == Approach.Holds.NONE) {
      return Optional.of("is held, which your approach leaves out");
    }
    boolean isNeck = drill.regions().contains(BodyRegion.NECK) && drill.regions().size() == 1;
    boolean rolls = drill.is(Role.NECK_ROLLS);
    if (isNeck
        && (approach.neck() == Approach.Neck.NONE
            || (rolls != (approach.neck() == Approach.Neck.ROLLS)))) {
      return Optional.of("is not how your approach treats the neck");
    }
    boolean mobilises = drill.block() == WarmUpPart.MOBILISE;
    if (mobilises
        && approach.support() == Approach.Support.FREE
        && !holdsOn(request.athlete())
        && drill.kit().contains(Kit.SUPPORT)) {
      return Optional.of("holds on, and your approach is free-standing");
    }
    boolean isFree =
        drill.caveats().contains(Caveat.ONE_LEG)
            || (mobilises && drill.serves().containsKey(new Need.Rehearsal(Skill.BALANCE)));
    if (approach.support() == Approach.Support.HOLD_ON && isFree) {
      return Optional.of("is free-standing, and your approach holds on");
    }
    return Optional.empty();
  }

  /** Whether the athlete may do a drill at all, wherever they are. */
  public static boolean isFor(Drill drill, Athlete athlete) {
    return againstAthlete(drill, athlete).isEmpty();
  }

  static Optional<String> againstAthlete(Drill drill, Athlete athlete) {
    for (Restriction limit : athlete.restrictions()) {
      Optional<String> reason = RegionRules.against(drill, limit);
      if (reason.isPresent()) {
        return reason;
      }
    }
    if (drill.contacts() > 0 && athlete.contraindications().contains(Contraindication.CONTACTS)) {
      return Optional.of("has ground contacts, which this athlete must avoid");
    }
    if (drill.position() == Position.FLOOR
        && athlete.contraindications().contains(Contraindication.FLOOR_WORK)) {
      return Optional.of("is done on the floor, which this athlete must avoid");
    }
    if (drill.works(BodyRegion.WRISTS, Way.ECCENTRIC)
        && athlete.contraindications().contains(Contraindication.WRIST_LOADING)) {
      return Optional.of("loads the wrists, which this athlete must avoid");
    }
    Optional<String> sitting = againstSitting(drill, athlete);
    if (sitting.isPresent()) {
      return sitting;
    }
    Optional<String> health = HealthRules.against(drill, athlete);
    if (health.isPresent()) {
      return health;
    }
    if (!withinMastery(drill, athlete)) {
      return Optional.of("is above what this athlete has mastered");
    }
    return Optional.empty();
  }

  /** Boat, bike and water are as the athlete uses them; technique there is of arms and trunk. */
  private static Optional<String> againstSitting(Drill drill, Athlete athlete) {
    if (!athlete.contraindications().contains(Contraindication.STANDING)) {
      return drill.position() == Position.SEATED
          ? Optional.of("is for athletes who sit")
          : Optional.empty();
    }
    boolean isTheSportItself =
        drill.position() == Position.MACHINE || drill.position() == Position.WATER;
    boolean isWithLegs = drill.block().isChosen() && drill.isOfTheLegs();
    return drill.block() == WarmUpPart.TRANSITION
            || drill.isDoneSeated()
            || (isTheSportItself && !isWithLegs && !drill.kit().contains(Kit.TREADMILL))
        ? Optional.empty()
        : Optional.of("is done on the feet, and this athlete sits");
  }

  /** The machine of another sport is driven with the legs. */
  private static Optional<String> againstSession(Drill drill, PrescriptionRequest request) {
    boolean isOfAnother = SetUp.onApparatus(drill) && !drill.isOf(request.session().sport());
    return isOfAnother && request.athlete().contraindications().contains(Contraindication.STANDING)
        ? Optional.of("is driven with the legs, and this athlete sits")
        : Optional.empty();
  }

  private static Optional<String> againstCircumstances(Drill drill, PrescriptionRequest request) {
    Circumstances circumstances = request.circumstances();
    for (Kit kit : drill.kit()) {
      if (!circumstances.kit().contains(kit)) {
        return Optional.of("needs " + kit.words());
      }
    }
    if (drill.kit().contains(Kit.TREADMILL) && !circumstances.hasTreadmill()) {
      return Optional.of("needs a treadmill indoors");
    }
    boolean isRunning =
        drill.position() == Position.TRAVELLING
            && !drill.block().isChosen()
            && drill.isOf(request.session().sport());
    if (isRunning && request.isOnTreadmill()) {
      return Optional.of("is run on the treadmill here");
    }
    for (Kit kit : drill.kit()) {
      // Whoever rows or rides has a boat or bike; before work on land the machine is one for all.
      boolean isShared = kit.isApparatus() && request.session().kind().isOnLand();
      if ((kit.isForOne() || isShared) && !circumstances.conditions().sharesKit()) {
        return Optional.of("needs " + kit.words() + " for each of the group");
      }
    }
    if (drill.position() == Position.TRAVELLING
        && drill.leastSpace().compareTo(circumstances.lane()) > 0) {
      return Optional.of("needs more room than " + circumstances.place().words());
    }
    if (circumstances.place().isWet() && !drill.suitsWetDeck()) {
      return Optional.of("is not for a wet deck");
    }
    boolean isIcy = circumstances.conditions().surface() == Conditions.Surface.SLIPPERY;
    if ((circumstances.isSlippery() && drill.needsGrip()) || (isIcy && drill.asksForBalance())) {
      return Optional.of("is not for slippery ground");
    }
    if (drill.position() == Position.FLOOR && !circumstances.allowsFloor()) {
      return Optional.of("needs a floor to lie on, not " + circumstances.place().words());
    }
    if (drill.position() == Position.FLOOR
        && request.athlete().isChild()
        && circumstances.place().isOutdoors()) {
      return Optional.of("has children lie or kneel on the ground outdoors");
    }
    return Optional.empty();
  }

  /** Whether a drill is a harder version than the athlete has mastered, or above their level. */
  public static boolean isAboveMastery(Drill drill, Athlete athlete) {
    return !withinMastery(drill, athlete);
  }

  /** Marked mastery decides; without a mark, the level does, and a lay-off takes the foot rung. */
  private static boolean withinMastery(Drill drill, Athlete athlete) {
    if (drill.rung().isPresent()) {
      if (athlete.deconditioned()) {
        return drill.rung().get().step() == 1 || drill.level() == Level.NOVICE;
      }
      Integer mastered = athlete.mastery().get(drill.rung().get().ladder());
      if (mastered != null) {
        return drill.rung().get().step() <= mastered;
      }
    }
    return athlete.level().atLeast(drill.level());
  }
}
