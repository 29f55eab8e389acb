package dev.jubilee.core.profile;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.EnumSet;
import java.util.Set;

/**
 * A sport in one room: what it asks of a body, how its raise and build go, what can be held in it,
 * where it is done and what coaches call it. Intensities are in the unit of the sport's {@link
 * Sport#metric() metric}: m/s or W.
 */
public interface SportProfile {
  /** Easy and steady work where water does not hold back; common practice. */
  double EASY_SHARE = 0.72;

  double STEADY_SHARE = 0.85;

  /** The room of a sport. */
  static SportProfile of(Sport sport) {
    return switch (sport) {
      case RUN -> Running.PROFILE;
      case RIDE -> Riding.PROFILE;
      case ROW -> Rowing.PROFILE;
      case SWIM -> Swimming.PROFILE;
    };
  }

  /** How the graded efforts of a build are done. */
  enum BuildStyle {
    STRIDES,
    STEPS_OF_POWER,
    STEPS_AT_RATE,
    LENGTHS
  }

  /**
   * Effort of a raise, as shares of critical intensity.
   *
   * @param easy in its first part
   * @param firm in its second
   */
  record RaiseRange(double easy, double firm) {}

  /**
   * What a measured sprint can be.
   *
   * @param least in the sport's own unit
   * @param most in the sport's own unit
   */
  record TopRange(double least, double most) {
    /** Checks a top speed or power against it, by the name of the field. */
    public void check(String field, double top, Sport sport) {
      Bounds.within(field, top, least, most, sport.isByPower() ? "W" : "m/s");
    }
  }

  /** What coaches tell athletes to do: run, ride. */
  String verb();

  /** What coaches call it on a whiteboard, the first word being the usual one. */
  String names();

  /** Distances that are raced, m; common practice. */
  Set<Double> raced();

  /** Where its sessions are unless said otherwise. */
  Place place();

  /**
   * What is there for its sessions at a place. Water is only where it is; machines and boats are
   * where a sport says that they can be had.
   */
  default Set<Kit> kitAt(Place place) {
    Set<Kit> all = EnumSet.noneOf(Kit.class);
    all.addAll(place.usualKit());
    all.addAll(broughtTo(place));
    return Set.copyOf(all);
  }

  /** Kit that its athletes have at a place where others find none. */
  default Set<Kit> broughtTo(Place place) {
    return Set.of();
  }

  /** What it asks of joints, muscles and skills. */
  Needs needs();

  /** Regions that it loads when it goes fast or heavy; common practice. */
  Set<BodyRegion> loaded();

  /** Its easy movement. */
  Role easy();

  /** What a build is made of. */
  Role effort();

  /** The hardest kind of effort that a session is of. */
  default Role effort(SessionKind kind) {
    return effort();
  }

  BuildStyle build();

  /**
   * Where the steps of a build begin, as a share of the pace or power at which they end. The harder
   * the session is against what the raise was, the further below.
   */
  double firstStep(SessionKind kind);

  /** The same before an event that is short but no sprint. */
  default double firstStepBeforeShort(SessionKind kind) {
    return firstStep(kind);
  }

  RaiseRange raise();

  /**
   * Share of critical intensity in the middle of the heavy domain, which begins at the first
   * threshold: some 78 % of critical power, 84 % of critical running speed and 92 % of critical
   * swimming speed (from memory).
   */
  double heavy();

  /** Easy work as a share of critical intensity. */
  default double easyShare() {
    return EASY_SHARE;
  }

  /** Steady work as a share of critical intensity. */
  default double steadyShare() {
    return STEADY_SHARE;
  }

  /**
   * What can be held by athletes of whom nothing is known, as multiples of critical intensity; the
   * sprint is a Jubilee modelling choice in the range coaches see.
   */
  CriticalModel relative();

  /**
   * A club athlete's figures; from memory of what coaches see, for drawing and for telling long
   * from short only.
   */
  CriticalModel usual();

  TopRange top();

  /** How long a trial takes of which no length is known; common practice. */
  default Duration trial() {
    return Duration.ofMinutes(20);
  }

  /** m/s over a short hard effort, where no result tells; common practice. */
  double hardSpeed();

  /** m/s between efforts, for drawing only. */
  double speedBetween();

  /**
   * Speed, m/s, at an intensity.
   *
   * @param isRelative whether the intensity is a multiple of critical, for want of results
   */
  default double speed(double intensity, CriticalModel model, boolean isRelative) {
    return isRelative ? usual().critical() * intensity : intensity;
  }

  /** The unit that coaches give targets in. */
  Aim.Unit unit();

  /** An intensity in that unit. */
  default double figure(double intensity) {
    return unit().metres() / intensity;
  }

  /** Seconds for a metre at an intensity; the inverse of {@link #intensityAt}. */
  default double secondsAMetre(double intensity) {
    return 1 / intensity;
  }

  /** The intensity at which a metre takes so many seconds. */
  default double intensityAt(double secondsAMetre) {
    return 1 / secondsAMetre;
  }

  /** Seconds that a race over a distance, m, takes whoever can hold what a model says. */
  default double raceSeconds(double metres, CriticalModel model) {
    return model.secondsFor(metres);
  }

  /**
   * Seconds slower than the pace of a race, in its unit, from which it is threshold work; common
   * practice.
   */
  default int thresholdFrom() {
    return Integer.MAX_VALUE;
  }

  /** and from which it is easy; common practice. */
  default int easyFrom() {
    return Integer.MAX_VALUE;
  }

  /** Single stretches from this on are long sessions, s; common practice. */
  default int longFrom() {
    return 5400;
  }

  /** Fast repeats up to this are sprints, s; swimmers sprint 50 m. Common practice. */
  default int longestSprint() {
    return 30;
  }
}
