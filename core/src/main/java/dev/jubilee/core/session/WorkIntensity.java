package dev.jubilee.core.session;

import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;

/** How hard the first effort of a session is, from its kind and length. */
public final class WorkIntensity {
  /** Easy work as a share of critical intensity; common practice. */
  private static final double EASY_SHARE = 0.72;

  private static final double EASY_SWIM_SHARE = 0.87;

  /** Threshold work sits just below critical intensity; common practice. */
  private static final double THRESHOLD_SHARE = 0.97;

  /** Interval sessions go near maximal aerobic pace, what a 9-min race would be at. */
  private static final Duration INTERVAL_RACE = Duration.ofMinutes(9);

  private static final Duration USUAL_TRIAL = Duration.ofMinutes(20);

  private WorkIntensity() {}

  /** Steady and tempo work as shares of critical intensity; common practice. */
  private static final double STEADY_SHARE = 0.85;

  private static final double STEADY_SWIM_SHARE = 0.93;
  private static final double TEMPO_SHARE = 0.93;

  /** Fast repeats go about as hard as can be held for this; common practice. */
  private static final Duration FAST_RACE = Duration.ofMinutes(2);

  /** All out for longer than this is the hardest that can be held, not a sprint. */
  private static final Duration LONGEST_SPRINT = Duration.ofSeconds(20);

  public static Effort firstEffort(Session session, Anchors anchors) {
    if (session.aim().isPresent() && session.kind().isSteeredByAim()) {
      Effort meant = effort(session.aim().get(), effortTime(session, anchors), anchors);
      // A hard session never begins as gently as an easy one, whatever was typed.
      Effort least = anchors.shareOfCritical(STEADY_SHARE);
      return meant.isAbove(least) ? meant : least;
    }
    return switch (session.kind()) {
      case EASY, LONG ->
          anchors.shareOfCritical(session.sport() == Sport.SWIM ? EASY_SWIM_SHARE : EASY_SHARE);
      case THRESHOLD -> anchors.shareOfCritical(THRESHOLD_SHARE);
      case INTERVALS, STEEPLE -> anchors.maximalFor(INTERVAL_RACE);
      case TIME_TRIAL -> anchors.maximalFor(trialTime(session, anchors));
      case SPRINT, HURDLES, JUMPS -> Effort.SPRINT;
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
        anchors.known() && session.sport() != Sport.RIDE
            ? raceSeconds(metres, anchors)
            : metres / usualSpeed(session.sport());
    return Duration.ofMillis(Math.round(1000 * seconds));
  }

  /** m/s over a short hard effort, where no result tells; common practice. */
  private static double usualSpeed(Sport sport) {
    return switch (sport) {
      case RUN -> 6;
      case RIDE -> 12;
      case ROW -> 5;
      case SWIM -> 1.5;
    };
  }

  /**
   * How hard an aim is for an athlete.
   *
   * @param length of the effort it is given for; "all out" depends on it
   */
  public static Effort effort(Aim aim, Duration length, Anchors anchors) {
    if (aim instanceof Aim.Feel feel) {
      boolean swims = anchors.sport() == Sport.SWIM;
      return switch (feel) {
        case EASY -> anchors.shareOfCritical(swims ? EASY_SWIM_SHARE : EASY_SHARE);
        case STEADY -> anchors.shareOfCritical(swims ? STEADY_SWIM_SHARE : STEADY_SHARE);
        case TEMPO -> anchors.shareOfCritical(TEMPO_SHARE);
        case THRESHOLD -> anchors.shareOfCritical(THRESHOLD_SHARE);
        case HARD -> anchors.maximalFor(INTERVAL_RACE);
        case FAST -> anchors.maximalFor(FAST_RACE);
        case ALL_OUT ->
            length.compareTo(LONGEST_SPRINT) <= 0 ? Effort.SPRINT : anchors.maximalFor(length);
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

  private static Effort raced(Aim.Race race, Anchors anchors) {
    if (!anchors.known() || anchors.sport() == Sport.RIDE) {
      return anchors.maximalFor(INTERVAL_RACE);
    }
    double seconds = raceSeconds(race.metres(), anchors);
    double pace = seconds / race.metres() + race.plusSeconds() / unitOfPace(anchors.sport());
    return atPace(pace, anchors);
  }

  /** Metres that a sport's pace is given for. */
  private static double unitOfPace(Sport sport) {
    return sport == Sport.ROW ? 500 : sport == Sport.SWIM ? 100 : 1000;
  }

  private static Effort besideThreshold(Aim.ThresholdPace aim, Anchors anchors) {
    if (!anchors.known() || anchors.sport() == Sport.RIDE) {
      return anchors.shareOfCritical(THRESHOLD_SHARE);
    }
    double critical = anchors.model().critical();
    double pace =
        anchors.sport() == Sport.ROW ? RowingErgometer.splitSeconds(critical) / 500 : 1 / critical;
    return atPace(pace + aim.plusSeconds() / unitOfPace(anchors.sport()), anchors);
  }

  /**
   * @param pace s/m
   */
  private static Effort atPace(double pace, Anchors anchors) {
    return anchors
        .model()
        .effortOf(anchors.sport() == Sport.ROW ? RowingErgometer.watts(pace) : 1 / pace);
  }

  private static Effort figured(Aim.Figure figure, Anchors anchors) {
    double middle = figure.middle();
    boolean hasPace = anchors.known() && anchors.sport() != Sport.RIDE;
    boolean hasWatts =
        anchors.known() && (anchors.sport() == Sport.RIDE || anchors.sport() == Sport.ROW);
    Effort unknown = anchors.shareOfCritical(1);
    return switch (figure.unit()) {
      case WATTS -> hasWatts ? anchors.model().effortOf(middle) : unknown;
      // Of a body whose mass nobody told; of others it has become watts.
      case WATTS_PER_KG -> unknown;
      case SECONDS_PER_KM -> hasPace ? atPace(middle / 1000, anchors) : unknown;
      case SECONDS_PER_MILE ->
          hasPace ? atPace(middle / Distance.Unit.MILE.metres(), anchors) : unknown;
      case SECONDS_PER_500 -> hasPace ? atPace(middle / 500, anchors) : unknown;
      case SECONDS_PER_100 -> hasPace ? atPace(middle / 100, anchors) : unknown;
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
    if (session.effortMetres().isEmpty() || !anchors.known() || session.sport() == Sport.RIDE) {
      return session.sport() == Sport.ROW ? Duration.ofMinutes(8) : USUAL_TRIAL;
    }
    double seconds = raceSeconds(session.effortMetres().get(), anchors);
    return Duration.ofMillis(Math.round(seconds * 1000));
  }

  private static double raceSeconds(double metres, Anchors anchors) {
    return anchors.sport() == Sport.ROW
        ? rowSeconds(metres, anchors)
        : anchors.model().secondsFor(metres);
  }

  /** The time at which the power that can be held for it just covers the distance. */
  private static double rowSeconds(double metres, Anchors anchors) {
    double fast = metres / 7;
    double slow = metres / 1.5;
    for (int i = 0; i < 60; i++) {
      double middle = (fast + slow) / 2;
      double watts = anchors.model().sustainable(Duration.ofMillis(Math.round(middle * 1000)));
      double covered = middle * 500 / RowingErgometer.splitSeconds(watts);
      if (covered >= metres) {
        slow = middle;
      } else {
        fast = middle;
      }
    }
    return slow;
  }
}
