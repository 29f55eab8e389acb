package dev.jubilee.core.build;

import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.profile.SportProfile;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;

/** What every form of build asks: for what session, for whom, up to where. */
record BuildContext(
    PrescriptionRequest request, DrillLibrary library, Anchors anchors, Demand demand) {

  /** Shorter than this nobody gets up to speed, s; common practice. */
  private static final int SHORTEST = 6;

  /** Efforts before events of up to 15 s are no longer than this, s; common practice. */
  private static final int SPRINT = 7;

  /** Rests of events up to four minutes; common practice. */
  private static final int LONG_REST = 105;

  SessionKind kind() {
    return request.session().kind();
  }

  /** Whether the session is of sprints, or the event itself is one. */
  boolean isSprint() {
    return kind().isSprinted() || (isTimed() && demand.effortSeconds() <= SPRINT);
  }

  /** Whether the event is over before minutes above critical intensity could do it good. */
  boolean isShort() {
    return isSprint() || (isTimed() && demand.restSeconds() >= LONG_REST);
  }

  /** Whether the length of the event says how long efforts and rests are. */
  boolean isTimed() {
    return demand.effortSeconds() > 0;
  }

  /** Rest between two efforts; half of it when time is short. */
  int rest(boolean brief) {
    return brief ? demand.restSeconds() / 2 : demand.restSeconds();
  }

  Sport sport() {
    return request.session().sport();
  }

  SportProfile profile() {
    return Profiles.of(sport());
  }

  boolean isSlippery() {
    return request.circumstances().isSlippery();
  }

  /** Whether an effort is for this athlete as they are today. */
  boolean allows(Role role) {
    return library.find(role).filter(d -> Eligibility.isFor(d, request.athlete())).isPresent();
  }

  /** Whether the sport itself can be done, and the library has its effort. */
  boolean hasSport() {
    return Kit.apparatusOf(sport()).map(kit -> has(kit, profile().effort())).orElse(true);
  }

  /** Whether the kit is there and the library has the effort done with it. */
  boolean has(Kit kit, Role role) {
    return request.circumstances().kit().contains(kit) && library.find(role).isPresent();
  }

  /** Where the build ends, in the unit of the athlete's own figures. */
  double top() {
    return anchors.model().intensityAt(demand.buildTop());
  }

  /** Critical power or speed. */
  double critical() {
    return anchors.model().critical();
  }

  /**
   * An effort at an intensity of the athlete's own.
   *
   * @param intensity W or m/s
   * @param rate strokes or revolutions a minute; 0 where none is given
   */
  GradedEffort at(double intensity, Role role, Dose dose, Recovery recovery, int rate) {
    Effort effort = anchors.model().effortOf(intensity);
    Target usual = anchors.target(effort, Duration.ofSeconds(dose.seconds())).atRate(rate);
    // Sprinters go by shares of their top; one that was not measured is no pace to run at.
    Target target =
        sport().isOnFoot() && isSprint() && !anchors.topMeasured()
            ? Target.ofTop(usual.percentOfTop(), effort)
            : usual;
    return new GradedEffort(role, dose, target, recovery);
  }

  /** A start as in the race: no pace to go by, but a share of the top. */
  GradedEffort start(Role role, int seconds, double speed, Recovery recovery) {
    Effort effort = anchors.model().effortOf(speed);
    int percent = (int) Math.round(100 * speed / anchors.model().top());
    return new GradedEffort(
        role, new Dose.Timed(seconds, 1), Target.ofTop(percent, effort), recovery);
  }

  /** An effort on a treadmill, which is set and not felt. */
  GradedEffort onTreadmill(Treadmill belt, Role role, Dose dose, Recovery recovery) {
    double flat = belt.flat();
    // However hard the climb, the belt is no faster than what results bear out.
    Effort sure = anchors.model().effortOf(Math.min(flat, anchors.surest()));
    Target target =
        anchors
            .target(sure, Duration.ofSeconds(dose.seconds()))
            .onTreadmill(belt.speed(), belt.gradient())
            .as(
                anchors.model().effortOf(flat),
                (int) Math.round(100 * flat / anchors.model().top()));
    return new GradedEffort(role, dose, target, recovery);
  }

  /**
   * A distance at a speed; without a result a speed is only relative, so the clock says how long.
   *
   * @param speed m/s
   * @param usualSpeed what the distance is covered at by most, m/s
   */
  Dose over(Distance distance, double speed, double usualSpeed) {
    return anchors.known()
        ? new Dose.Over(distance, speed)
        : new Dose.Timed(Math.max(SHORTEST, (int) Math.round(distance.metres() / usualSpeed)), 1);
  }
}
