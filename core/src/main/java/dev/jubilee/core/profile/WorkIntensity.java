package dev.jubilee.core.profile;

import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Session;
import java.time.Duration;

/** How hard the first effort of a session is, from its kind and length. */
public final class WorkIntensity {
  /** Threshold work sits just below critical intensity; common practice. */
  private static final double THRESHOLD_SHARE = 0.97;

  /** Interval sessions go near maximal aerobic pace, what a 9-min race would be at. */
  private static final Duration INTERVAL_RACE = Duration.ofMinutes(9);

  private WorkIntensity() {}

  /** Tempo work as a share of critical intensity; common practice. */
  private static final double TEMPO_SHARE = 0.93;

  /**
   * Fast repeats take about this share of the time for which they could be held, so that they can
   * be done again; common practice.
   */
  private static final double SHARE_OF_FAST = 0.64;

  /** All out for longer than this is the hardest that can be held, not a sprint. */
  private static final Duration LONGEST_SPRINT = Duration.ofSeconds(20);

  public static Effort firstEffort(Session session, Anchors anchors) {
    if (session.aim().isPresent() && session.kind().isSteeredByAim()) {
      return effort(session.aim().get(), effortTime(session, anchors), anchors);
    }
    return switch (session.kind()) {
      case EASY, LONG -> anchors.shareOfCritical(Profiles.of(session.sport()).easyShare());
      case THRESHOLD -> anchors.shareOfCritical(THRESHOLD_SHARE);
      case INTERVALS, STEEPLE -> anchors.maximalFor(INTERVAL_RACE);
      case TIME_TRIAL -> anchors.maximalFor(trialTime(session, anchors));
      case SPRINT -> allOut(sprintTime(session, anchors), anchors);
      case HURDLES, JUMPS -> Effort.SPRINT;
      // The work sets of a lift; the scale only orders and draws.
      case GYM -> Effort.of(80);
    };
  }

  /** How long the first effort takes; a distance as fast as it can be covered. */
  private static Duration effortTime(Session session, Anchors anchors) {
    if (session.effortTime().isPresent() || session.effortMetres().isEmpty()) {
      return session.effortTime().orElse(INTERVAL_RACE);
    }
    double metres = session.effortMetres().get();
    double seconds =
        anchors.known()
            ? raceSeconds(metres, anchors)
            : metres / Profiles.of(session.sport()).hardSpeed();
    return Duration.ofMillis(Math.round(1000 * seconds));
  }

  /**
   * How hard an aim is for an athlete.
   *
   * @param length of the effort it is given for; "all out" depends on it
   */
  public static Effort effort(Aim aim, Duration length, Anchors anchors) {
    if (aim instanceof Aim.Feel feel) {
      SportProfile sport = Profiles.of(anchors.sport());
      return switch (feel) {
        case EASY -> anchors.shareOfCritical(sport.easyShare());
        case STEADY -> anchors.shareOfCritical(sport.steadyShare());
        case TEMPO -> anchors.shareOfCritical(TEMPO_SHARE);
        case THRESHOLD -> anchors.shareOfCritical(THRESHOLD_SHARE);
        case HARD ->
            anchors.maximalFor(length.compareTo(INTERVAL_RACE) > 0 ? length : INTERVAL_RACE);
        case FAST ->
            anchors.maximalFor(Duration.ofMillis(Math.round(length.toMillis() / SHARE_OF_FAST)));
        case ALL_OUT -> allOut(length, anchors);
      };
    }
    if (aim instanceof Aim.ThresholdPace pace) {
      return besideThreshold(pace, anchors);
    }
    if (aim instanceof Aim.Race race) {
      return raced(race, anchors);
    }
    return figured((Aim.Figure) aim, anchors);
  }

  private static Effort allOut(Duration length, Anchors anchors) {
    return length.compareTo(LONGEST_SPRINT) <= 0 ? Effort.SPRINT : anchors.maximalFor(length);
  }

  private static Effort raced(Aim.Race race, Anchors anchors) {
    if (!anchors.known() || anchors.sport().isInWatts()) {
      return anchors.maximalFor(INTERVAL_RACE);
    }
    double seconds = raceSeconds(race.metres(), anchors);
    double pace = seconds / race.metres() + race.plusSeconds() / perMetres(anchors);
    return atPace(pace, anchors);
  }

  /** Metres that a sport's pace is given for. */
  private static double perMetres(Anchors anchors) {
    return Profiles.of(anchors.sport()).unit().metres();
  }

  private static Effort besideThreshold(Aim.ThresholdPace aim, Anchors anchors) {
    if (!anchors.known() || anchors.sport().isInWatts()) {
      return anchors.shareOfCritical(THRESHOLD_SHARE);
    }
    double pace = Profiles.of(anchors.sport()).pace().secondsAMetre(anchors.model().critical());
    return atPace(pace + aim.plusSeconds() / perMetres(anchors), anchors);
  }

  /**
   * @param pace s/m
   */
  private static Effort atPace(double pace, Anchors anchors) {
    return anchors.model().effortOf(Profiles.of(anchors.sport()).pace().intensityAt(pace));
  }

  private static Effort figured(Aim.Figure figure, Anchors anchors) {
    double middle = figure.middle();
    boolean hasPace = anchors.known() && !anchors.sport().isInWatts();
    boolean hasWatts = anchors.known() && anchors.sport().isByPower();
    Effort unknown = anchors.shareOfCritical(1);
    return switch (figure.unit()) {
      case WATTS -> hasWatts ? anchors.model().effortOf(middle) : unknown;
      // Of a body whose mass nobody told; of others it has become watts.
      case WATTS_PER_KG -> unknown;
      case SECONDS_PER_KM, SECONDS_PER_MILE, SECONDS_PER_500, SECONDS_PER_100 ->
          hasPace ? atPace(middle / figure.unit().metres(), anchors) : unknown;
      case BEATS -> anchors.atHeartRate(middle).orElse(unknown);
      case EXERTION -> Effort.ofExertion(middle);
      case PERCENT_OF_CRITICAL -> anchors.shareOfCritical(middle / 100);
      case PERCENT_OF_TOP -> anchors.shareOfTop(middle / 100);
      case PERCENT_OF_MAXIMUM_HEART ->
          anchors
              .heart()
              .flatMap(h -> anchors.atHeartRate(h.maximum() * middle / 100))
              .orElse(unknown);
      case PERCENT_OF_THRESHOLD_HEART ->
          anchors
              .heart()
              .flatMap(
                  h -> anchors.atHeartRate(h.atReserve(Anchors.RESERVE_AT_CRITICAL) * middle / 100))
              .orElse(unknown);
    };
  }

  /** A sprint of which nothing else is said. */
  private static final Duration USUAL_SPRINT = Duration.ofSeconds(8);

  /** How long one sprint of a session takes this athlete, as fast as it can be. */
  public static Duration sprintTime(Session session, Anchors anchors) {
    return session.effortTime().isEmpty() && session.effortMetres().isEmpty()
        ? USUAL_SPRINT
        : effortTime(session, anchors);
  }

  /** How long the time trial will take this athlete. */
  public static Duration trialTime(Session session, Anchors anchors) {
    if (session.effortTime().isPresent()) {
      return session.effortTime().get();
    }
    SportProfile sport = Profiles.of(session.sport());
    if (session.effortMetres().isEmpty()) {
      return sport.trial();
    }
    CriticalModel model = anchors.known() ? anchors.model() : sport.usual();
    double seconds = sport.pace().raceSeconds(session.effortMetres().get(), model);
    return Duration.ofMillis(Math.round(seconds * 1000));
  }

  private static double raceSeconds(double metres, Anchors anchors) {
    return Profiles.of(anchors.sport()).pace().raceSeconds(metres, anchors.model());
  }
}
