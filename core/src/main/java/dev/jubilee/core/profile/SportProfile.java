package dev.jubilee.core.profile;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Sport;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Duration;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A sport in one room: what it asks of a body, how its raise and build go, what can be held in it,
 * where it is done and what coaches call it. Intensities are in the unit of the sport's {@link
 * Sport#metric() metric}: m/s or W.
 *
 * @param verb what coaches tell athletes to do: run, ride
 * @param names what coaches call it on a whiteboard
 * @param raced distances that are raced, m; common practice
 * @param place where its sessions are unless said otherwise
 * @param placesWithKit where its athletes have its kit, though others find none
 * @param needs weights of what it asks of joints, muscles and skills
 * @param loadedRegions when it goes fast or heavy; common practice
 * @param loadedAtTheStart what a start from rest loads at once, and what is moved on land where the
 *     sport cannot be done before it; common practice
 * @param easy its easy movement
 * @param rise a short rise in it
 * @param skills what leads up to it, in this order, where technique drills are the raise; common
 *     practice
 * @param effort what a build is made of
 * @param sprint what a build before sprints ends in
 * @param buildStyle how its graded efforts are done
 * @param firstStep where the steps of a build begin, as a share of the pace or power at which they
 *     end: the harder the session is against what the raise was, the further below
 * @param firstSteps where they begin elsewhere before some kinds of session
 * @param shortFirstStep where they begin before an event that is short but no sprint; 0 for where
 *     its kind has them
 * @param raise effort of its two parts
 * @param heavy share of critical intensity in the middle of the heavy domain, which begins at the
 *     first threshold: some 78 % of critical power, 84 % of critical running speed and 92 % of
 *     critical swimming speed (from memory)
 * @param easyShare easy work as a share of critical intensity; common practice
 * @param steadyShare steady work as a share of critical intensity; common practice
 * @param relative what can be held by athletes of whom nothing is known, as multiples of critical
 *     intensity; the sprint is a Jubilee modelling choice in the range coaches see
 * @param usual a club athlete's figures; from memory of what coaches see, for drawing and for
 *     telling long from short only
 * @param top what a measured sprint can be
 * @param trial how long a trial takes of which no length is known; common practice
 * @param hardSpeed m/s over a short hard effort, where no result tells; common practice
 * @param speedBetween m/s between efforts, for drawing only
 * @param unit in which coaches give targets
 * @param pace how intensity and pace go together
 * @param thresholdFrom seconds slower than the pace of a race, in its unit, from which it is
 *     threshold work; common practice
 * @param easyFrom and from which it is easy; common practice
 * @param longFrom length of a single stretch from which it is a long session; common practice
 * @param longestSprint length up to which fast repeats are sprints; common practice
 */
@RecordBuilder
public record SportProfile(
    String verb,
    String names,
    Set<Double> raced,
    Place place,
    Set<Place> placesWithKit,
    Map<Need, Double> needs,
    Set<BodyRegion> loadedRegions,
    List<BodyRegion> loadedAtTheStart,
    Role easy,
    Role rise,
    List<Role> skills,
    Role effort,
    Role sprint,
    BuildStyle buildStyle,
    double firstStep,
    Map<SessionKind, Double> firstSteps,
    double shortFirstStep,
    RaiseRange raise,
    double heavy,
    double easyShare,
    double steadyShare,
    CriticalModel relative,
    CriticalModel usual,
    TopRange top,
    Duration trial,
    double hardSpeed,
    double speedBetween,
    Aim.Unit unit,
    PaceScale pace,
    int thresholdFrom,
    int easyFrom,
    Duration longFrom,
    Duration longestSprint) {

  public SportProfile {
    // In the order in which they are written, which a copy would lose.
    needs = Collections.unmodifiableMap(needs);
  }

  /** Easy and steady work where water does not hold back; common practice. */
  static final double EASY_SHARE = 0.72;

  static final double STEADY_SHARE = 0.85;

  /** How the graded efforts of a build are done. */
  public enum BuildStyle {
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
  public record RaiseRange(double easy, double firm) {}

  /**
   * What a measured sprint can be.
   *
   * @param least in the sport's own unit
   * @param most in the sport's own unit
   */
  public record TopRange(double least, double most) {
    /** Checks a top speed or power against it, by the name of the field. */
    public void check(String field, double top, Sport sport) {
      Bounds.within(field, top, least, most, sport.isByPower() ? "W" : "m/s");
    }
  }

  /** The hardest kind of effort that a session is of. */
  public Role effort(SessionKind kind) {
    return kind.isSprinted() ? sprint : effort;
  }

  /** Where the steps of a build begin before a kind of session. */
  public double firstStep(SessionKind kind) {
    return firstSteps.getOrDefault(kind, firstStep);
  }

  /** The same before an event that is short but no sprint. */
  public double firstStepBeforeShort(SessionKind kind) {
    return shortFirstStep > 0 ? shortFirstStep : firstStep(kind);
  }

  /** An intensity in the unit that coaches give targets in. */
  public double figure(double intensity) {
    return unit.isPace() ? unit.metres() * pace.secondsAMetre(intensity) : intensity;
  }

  /**
   * Speed, m/s, at an intensity.
   *
   * @param isRelative whether the intensity is a multiple of critical, for want of results
   */
  public double speed(double intensity, CriticalModel model, boolean isRelative) {
    return pace.speed(
        isRelative ? usual.critical() * intensity : intensity, isRelative ? usual : model);
  }
}
