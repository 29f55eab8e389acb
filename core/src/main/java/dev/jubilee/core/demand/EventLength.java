package dev.jubilee.core.demand;

import dev.jubilee.core.intensity.Curve;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Duration;

/**
 * What the length of a maximal effort asks of the warm-up before it. A table of what coaches do,
 * common practice; between its lines it is read in straight lines over the logarithm of the length,
 * so that a second more never changes a plan by a leap. The place of the last effort before the
 * start follows Bishop (2003) and McGowan et al. (2015).
 *
 * @param raise s
 * @param drills share of the usual time for drills, 0 to 1
 * @param efforts how many graded efforts; 0 where the first minutes of the event are the warm-up
 * @param effortSeconds how long one of them lasts
 * @param rest s between two of them
 * @param transition s from the last of them to the start
 * @param strides speed that a runner's strides go to, as a multiple of the event's: race pace or a
 *     little above
 * @param contacts share of the usual ground contacts, 0 to 1
 * @param warmth muscle temperature above rest that it wants, °C
 */
@RecordBuilder
public record EventLength(
    int raise,
    double drills,
    int efforts,
    int effortSeconds,
    int rest,
    int transition,
    double strides,
    double contacts,
    double warmth) {
  /** Up to here it is a sprint: accelerations, and full rests. */
  public static final Duration SPRINT = Duration.ofSeconds(15);

  /** Up to here a few minutes above critical intensity would spend what the event needs. */
  public static final Duration SHORT = Duration.ofMinutes(4);

  /** From here on the event's own beginning does part of the warming. */
  public static final Duration LONG = Duration.ofMinutes(90);

  private static final double[] LENGTHS = Curve.logs(10, 30, 120, 480, 1500, 3600, 7200, 14_400);

  private static final double[] RAISE = {540, 660, 780, 780, 780, 540, 360, 180};
  private static final double[] DRILLS = {1.2, 1.1, 1, 1, 1, 0.75, 0.5, 0.3};
  private static final double[] EFFORTS = {5, 3.4, 3, 4, 5, 3.4, 2, 0};
  private static final double[] SECONDS = {6, 9, 20, 22, 18, 16, 14, 12};
  private static final double[] REST = {120, 150, 140, 75, 45, 45, 45, 45};
  private static final double[] TRANSITION = {420, 600, 600, 450, 420, 330, 180, 60};
  private static final double[] STRIDES = {1, 1, 1, 1.05, 1.08, 1.1, 1.1, 1.1};
  private static final double[] CONTACTS = {1, 1, 1, 1, 1, 0.5, 0, 0};
  private static final double[] WARMTH = {2, 2, 2, 2, 2, 1.5, 1, 0.5};

  /** What a maximal effort of a length asks for; defined from a second up. */
  public static EventLength of(Duration length) {
    double at = Math.log(Math.max(1, length.toMillis() / 1000.0));
    return EventLengthBuilder.builder()
        .raise(whole(at, RAISE))
        .drills(Curve.at(at, LENGTHS, DRILLS))
        .efforts(whole(at, EFFORTS))
        .effortSeconds(whole(at, SECONDS))
        .rest(whole(at, REST))
        .transition(whole(at, TRANSITION))
        .strides(Curve.at(at, LENGTHS, STRIDES))
        .contacts(Curve.at(at, LENGTHS, CONTACTS))
        .warmth(Curve.at(at, LENGTHS, WARMTH))
        .build();
  }

  private static int whole(double at, double[] values) {
    return (int) Math.round(Curve.at(at, LENGTHS, values));
  }

  static String words(Duration length) {
    if (length.compareTo(SPRINT) <= 0) {
      return "An effort of seconds asks for accelerations with full rests, then for staying warm.";
    }
    if (length.compareTo(SHORT) <= 0) {
      return "A short all-out effort asks for a few near race effort, minutes of rest between them,"
          + " the last about ten minutes before.";
    }
    if (length.compareTo(LONG) <= 0) {
      return "All out from the gun asks for a thorough warm-up, then 5 to 10 min to settle.";
    }
    return "A long event needs a few minutes of moving; its own first minutes are the warm-up.";
  }
}
