package dev.jubilee.core.session;

import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.RowingErgometer;
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

  public static Effort firstEffort(Session session, Anchors anchors) {
    return switch (session.kind()) {
      case EASY, LONG ->
          anchors.shareOfCritical(session.sport() == Sport.SWIM ? EASY_SWIM_SHARE : EASY_SHARE);
      case THRESHOLD -> anchors.shareOfCritical(THRESHOLD_SHARE);
      case INTERVALS, STEEPLE -> anchors.maximalFor(INTERVAL_RACE);
      case TIME_TRIAL -> anchors.maximalFor(trialTime(session, anchors));
      case SPRINT, JUMPS -> Effort.SPRINT;
      // The work sets of a lift; the scale only orders and draws.
      case GYM -> Effort.of(80);
    };
  }

  /** How long the time trial will take this athlete. */
  public static Duration trialTime(Session session, Anchors anchors) {
    if (session.effortTime().isPresent()) {
      return session.effortTime().get();
    }
    if (session.effortMetres().isEmpty() || !anchors.known() || session.sport() == Sport.RIDE) {
      return session.sport() == Sport.ROW ? Duration.ofMinutes(8) : USUAL_TRIAL;
    }
    double metres = session.effortMetres().get();
    double seconds =
        session.sport() == Sport.ROW
            ? rowSeconds(metres, anchors)
            : Math.max(10, (metres - anchors.model().reserve()) / anchors.model().critical());
    return Duration.ofMillis(Math.round(seconds * 1000));
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
