package dev.jubilee.core.athlete;

import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.sport.Stroke;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * An intensity that was held for a time.
 *
 * @param result of which this was a part
 * @param seconds above 0
 * @param intensity W on the bike and the rowing machine, else m/s; in the water as in the stroke
 *     that is asked for
 */
record Held(TestResult result, double seconds, double intensity) {
  /** Up to this a result tells of the sprint, not of what can be held; Jubilee modelling choice. */
  static final double SPRINT = 60;

  /** Results further apart than this, in days, were not got by the same form. */
  private static final int SAME_FORM = 90;

  /**
   * All that a result says was held; nothing where it names no time.
   *
   * @param stroke in which a swimmer's figures are wanted
   */
  static List<Held> in(TestResult result, Stroke stroke) {
    return result.accept(new ByKind(stroke));
  }

  boolean isSprint() {
    return seconds <= SPRINT;
  }

  /** Whether it says what an athlete is able to, in the form in which another result was got. */
  boolean isOfTheFormOf(ResultConditions other) {
    return isFair() && isSameForm(result.taken(), other);
  }

  /** Whether two results were got within so few days that they belong together. */
  static boolean isSameForm(ResultConditions a, ResultConditions b) {
    return apart(a, b) <= SAME_FORM;
  }

  private boolean isFair() {
    return result.taken().setting() == ResultConditions.Setting.FAIR;
  }

  /** Days between two results; none where a date is not known. */
  static int apart(ResultConditions a, ResultConditions b) {
    return a.daysAgo().isPresent() && b.daysAgo().isPresent()
        ? Math.abs(a.daysAgo().get() - b.daysAgo().get())
        : 0;
  }

  /** How many times as long a distance takes in a stroke as in the one it was swum in. */
  static double ratio(Optional<Stroke> swum, Stroke wanted) {
    return wanted.timeOfFreestyle() / swum.orElse(Stroke.FREESTYLE).timeOfFreestyle();
  }

  static double seconds(Duration time) {
    return time.toMillis() / 1000.0;
  }

  private record ByKind(Stroke stroke) implements TestResult.Visitor<List<Held>> {
    @Override
    public List<Held> runRace(TestResult.RunRace r) {
      return List.of(over(r, r.metres(), r.time()));
    }

    @Override
    public List<Held> thresholdPower(TestResult.ThresholdPower r) {
      return List.of();
    }

    @Override
    public List<Held> ridePowerTest(TestResult.RidePowerTest r) {
      return List.of(
          new Held(r, 180, r.threeMinuteWatts()), new Held(r, 720, r.twelveMinuteWatts()));
    }

    @Override
    public List<Held> row2k(TestResult.Row2k r) {
      return List.of(pulled(r, 2000, r.time()));
    }

    @Override
    public List<Held> swimPair(TestResult.SwimPair r) {
      double ratio = ratio(r.stroke(), stroke);
      return List.of(
          swum(r, 200, seconds(r.time200()), ratio), swum(r, 400, seconds(r.time400()), ratio));
    }

    @Override
    public List<Held> rideTwentyMinutes(TestResult.RideTwentyMinutes r) {
      return List.of(new Held(r, 1200, r.watts()));
    }

    @Override
    public List<Held> rideBest(TestResult.RideBest r) {
      return List.of(new Held(r, seconds(r.length()), r.watts()));
    }

    @Override
    public List<Held> rowPiece(TestResult.RowPiece r) {
      return List.of(pulled(r, r.metres(), r.time()));
    }

    @Override
    public List<Held> swimRace(TestResult.SwimRace r) {
      return List.of(swum(r, r.metres(), seconds(r.time()), ratio(r.stroke(), stroke)));
    }

    @Override
    public List<Held> sprint(TestResult.Sprint r) {
      return List.of();
    }

    private static Held over(TestResult r, double metres, Duration time) {
      return new Held(r, seconds(time), metres / seconds(time));
    }

    private static Held pulled(TestResult r, double metres, Duration time) {
      return new Held(r, seconds(time), RowingErgometer.watts(seconds(time) / metres));
    }

    private static Held swum(TestResult r, double metres, double seconds, double ratio) {
      return new Held(r, seconds * ratio, metres / seconds / ratio);
    }
  }
}
