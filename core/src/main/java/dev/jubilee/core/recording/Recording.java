package dev.jubilee.core.recording;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.Sport;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What a device recorded, second by second.
 *
 * @param start of its first second
 * @param sport as the device says, if it does
 * @param measure what its figures are
 * @param figures by second; not a number where nothing was recorded
 * @param hearts beats/min by second, 0 where none was heard; empty where no strap was worn
 */
public record Recording(
    Instant start,
    Optional<Sport> sport,
    Measure measure,
    List<Double> figures,
    List<Integer> hearts) {

  /** More is not a session, s. */
  public static final int LONGEST = 12 * 3600;

  /** Nothing for longer than this is a pause; less is filled in, s. */
  static final int GAP = 10;

  /** What the figures are. */
  public enum Measure {
    /** m/s. */
    SPEED(0.3),
    /** W. */
    POWER(5);

    private final double standing;

    Measure(double standing) {
      this.standing = standing;
    }

    /** Less is standing about; Jubilee modelling choice. */
    public double standing() {
      return standing;
    }
  }

  /**
   * A moment.
   *
   * @param speed m/s, where it is known
   * @param power W, where it is known
   * @param heart beats/min, 0 where it is not known
   */
  public record Point(Instant at, Optional<Double> speed, Optional<Integer> power, int heart) {}

  /**
   * A recording of moments.
   *
   * @param points in any order, of which several may be of one second
   * @throws OutOfRangeException where there are none, where time goes backward for more than a
   *     second or where they are too long apart
   */
  public static Recording of(Optional<Sport> sport, List<Point> points) {
    if (points.size() < 2) {
      throw new OutOfRangeException(
          "recording", points.size() + " moments", "a recording of at least two");
    }
    Instant start = points.get(0).at();
    Instant last = start;
    for (Point point : points) {
      if (point.at().isBefore(last.minusSeconds(1))) {
        throw new OutOfRangeException(
            "recording", "time going backward at " + point.at(), "moments in their order");
      }
      last = point.at().isAfter(last) ? point.at() : last;
    }
    long seconds = last.getEpochSecond() - start.getEpochSecond() + 1;
    if (seconds > LONGEST) {
      throw new OutOfRangeException(
          "recording", seconds / 3600 + " h", "a session of up to " + LONGEST / 3600 + " h");
    }
    boolean isPower =
        points.stream().filter(p -> p.power().isPresent()).count() > points.size() / 2;
    double[] figures = new double[(int) seconds];
    int[] hearts = new int[(int) seconds];
    Arrays.fill(figures, Double.NaN);
    for (Point point : points) {
      int second = (int) Math.max(0, point.at().getEpochSecond() - start.getEpochSecond());
      double figure =
          isPower
              ? point.power().map(Integer::doubleValue).orElse(Double.NaN)
              : point.speed().orElse(Double.NaN);
      if (Double.isFinite(figure) && figure >= 0) {
        figures[second] = figure;
      }
      hearts[second] = Math.max(hearts[second], point.heart());
    }
    fill(figures);
    boolean hasHeart = Arrays.stream(hearts).anyMatch(h -> h > 0);
    return new Recording(
        start,
        sport,
        isPower ? Measure.POWER : Measure.SPEED,
        Arrays.stream(figures).boxed().toList(),
        hasHeart ? Arrays.stream(hearts).boxed().toList() : List.of());
  }

  /** Devices record when something changes: until then it is as it was, for a while. */
  private static void fill(double[] figures) {
    int last = -1;
    for (int s = 0; s < figures.length; s++) {
      if (!Double.isNaN(figures[s])) {
        last = s;
      } else if (last >= 0 && s - last <= GAP) {
        figures[s] = figures[last];
      }
    }
  }

  public int seconds() {
    return figures.size();
  }

  /** With what was not recorded as nothing. */
  double[] standing() {
    return figures.stream().mapToDouble(f -> Double.isNaN(f) ? 0 : f).toArray();
  }

  /** How much of it was not recorded, s. */
  public int missing() {
    return (int) figures.stream().filter(f -> Double.isNaN(f)).count();
  }
}
