package dev.jubilee.core.build;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.util.EnumMap;
import java.util.Map;

/**
 * Where the steps begin, as a share of the pace or power at which they end. The harder the session
 * is against what the raise was, the further below. Runners' figures are common practice (70-80-90-
 * 100 % before sprints; a threshold run is led up to in small steps); the others are Jubilee
 * modelling choices.
 */
final class FirstStep {
  private record Row(double usual, Map<SessionKind, Double> others) {}

  private static final double BEFORE_A_SHORT_SWIM = 0.86;

  private static final Map<Sport, Row> TABLE = new EnumMap<>(Sport.class);

  static {
    TABLE.put(
        Sport.RUN,
        new Row(
            0.70,
            Map.of(
                SessionKind.THRESHOLD, 0.93,
                SessionKind.INTERVALS, 0.86,
                SessionKind.STEEPLE, 0.82,
                SessionKind.TIME_TRIAL, 0.84)));
    TABLE.put(Sport.RIDE, new Row(0.72, Map.of(SessionKind.THRESHOLD, 0.80)));
    TABLE.put(Sport.ROW, new Row(0.72, Map.of()));
    // Water holds a swimmer back so much that a slow 25 is hardly slower than a fast one.
    TABLE.put(Sport.SWIM, new Row(0.92, Map.of(SessionKind.SPRINT, 0.80)));
  }

  private FirstStep() {}

  /** A sprint that may not go beyond threshold is led up to as a threshold session is. */
  static double share(BuildContext context) {
    if (context.isShort() && context.top() <= context.critical()) {
      return share(context.sport(), SessionKind.THRESHOLD);
    }
    if (context.isShort() && !context.isSprint() && context.sport() == Sport.SWIM) {
      return BEFORE_A_SHORT_SWIM;
    }
    return share(context.sport(), context.isSprint() ? SessionKind.SPRINT : context.kind());
  }

  private static double share(Sport sport, SessionKind kind) {
    Row row = TABLE.get(sport);
    return row.others().getOrDefault(kind, row.usual());
  }
}
