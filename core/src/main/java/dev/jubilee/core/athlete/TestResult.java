package dev.jubilee.core.athlete;

import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.time.Duration;
import java.util.Objects;
import java.util.Optional;

/** A test or race from which an athlete's own figures are computed. */
public sealed interface TestResult {
  /** Kinds of result; a new one does not compile until each of these can be answered for it. */
  interface Visitor<T> {
    T runRace(RunRace of);

    T thresholdPower(ThresholdPower of);

    T ridePowerTest(RidePowerTest of);

    T row2k(Row2k of);

    T swimPair(SwimPair of);

    T rideTwentyMinutes(RideTwentyMinutes of);

    T rideBest(RideBest of);

    T rowPiece(RowPiece of);

    T swimRace(SwimRace of);

    T sprint(Sprint of);
  }

  <T> T accept(Visitor<T> visitor);

  Sport sport();

  /** When and in what conditions it was done. */
  ResultConditions taken();

  /**
   * A race or time trial on foot, from a sprint to an ultramarathon.
   *
   * @param metres 60 to 100 000 m
   * @param time such that the speed lies between 1.5 m/s, 0.8 beyond 50 km, and a little above the
   *     best known for the distance
   */
  record RunRace(double metres, Duration time, ResultConditions taken) implements TestResult {
    public static RunRace of(double metres, Duration time) {
      return new RunRace(metres, time, ResultConditions.UNKNOWN);
    }

    public RunRace {
      Objects.requireNonNull(taken, "taken");
      Bounds.within("metres", metres, 60, 100_000, "m");
      double fastest = BestKnown.running(metres);
      double slowest = metres > 50_000 ? 0.8 : 1.5;
      Bounds.within("time", time, seconds(metres / fastest), seconds(metres / slowest));
    }

    @Override
    public Sport sport() {
      return Sport.RUN;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.runRace(this);
    }
  }

  /**
   * Threshold power on the bike, taken as critical power.
   *
   * @param watts 50 to 550 W
   */
  record ThresholdPower(int watts, ResultConditions taken) implements TestResult {
    public static ThresholdPower of(int watts) {
      return new ThresholdPower(watts, ResultConditions.UNKNOWN);
    }

    public ThresholdPower {
      Objects.requireNonNull(taken, "taken");
      Bounds.within("watts", watts, 50, 550, "W");
    }

    @Override
    public Sport sport() {
      return Sport.RIDE;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.thresholdPower(this);
    }
  }

  /**
   * Mean power of a maximal 3-min and a maximal 12-min ride.
   *
   * @param threeMinuteWatts 60 to 800 W, above {@code twelveMinuteWatts}
   * @param twelveMinuteWatts 50 to 600 W
   */
  record RidePowerTest(int threeMinuteWatts, int twelveMinuteWatts, ResultConditions taken)
      implements TestResult {
    public static RidePowerTest of(int threeMinuteWatts, int twelveMinuteWatts) {
      return new RidePowerTest(threeMinuteWatts, twelveMinuteWatts, ResultConditions.UNKNOWN);
    }

    public RidePowerTest {
      Objects.requireNonNull(taken, "taken");
      Bounds.within("threeMinuteWatts", threeMinuteWatts, 60, 800, "W");
      Bounds.within("twelveMinuteWatts", twelveMinuteWatts, 50, 600, "W");
      if (threeMinuteWatts <= twelveMinuteWatts || threeMinuteWatts > 2 * twelveMinuteWatts) {
        throw new OutOfRangeException(
            "threeMinuteWatts",
            threeMinuteWatts + " W",
            (twelveMinuteWatts + 1)
                + " to "
                + 2 * twelveMinuteWatts
                + " W: above the 12-minute power, at most twice it");
      }
    }

    @Override
    public Sport sport() {
      return Sport.RIDE;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.ridePowerTest(this);
    }
  }

  /**
   * 2000 m on the rowing machine.
   *
   * @param time 5:20 to 15:00
   */
  record Row2k(Duration time, ResultConditions taken) implements TestResult {
    public static Row2k of(Duration time) {
      return new Row2k(time, ResultConditions.UNKNOWN);
    }

    public Row2k {
      Objects.requireNonNull(taken, "taken");
      Bounds.within("time", time, Duration.ofSeconds(320), Duration.ofSeconds(900));
    }

    @Override
    public Sport sport() {
      return Sport.ROW;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.row2k(this);
    }
  }

  /**
   * Maximal 400 m and 200 m swims.
   *
   * @param time400 3:30 to 20:00
   * @param time200 1:38 to 10:00, less than half of {@code time400}
   * @param stroke freestyle where nothing is said
   */
  record SwimPair(
      Duration time400, Duration time200, Optional<Stroke> stroke, ResultConditions taken)
      implements TestResult {
    public static SwimPair of(Duration time400, Duration time200) {
      return new SwimPair(time400, time200, Optional.empty(), ResultConditions.UNKNOWN);
    }

    public SwimPair {
      Objects.requireNonNull(taken, "taken");
      Bounds.within("time400", time400, Duration.ofSeconds(210), Duration.ofSeconds(1200));
      Bounds.within("time200", time200, Duration.ofSeconds(98), Duration.ofSeconds(600));
      // At half the 400 or slower the fitted reserve would be negative.
      if (time200.multipliedBy(2).compareTo(time400) >= 0
          || time200.multipliedBy(10).compareTo(time400.multipliedBy(4)) < 0) {
        throw new OutOfRangeException(
            "time200",
            Bounds.clock(time200),
            Bounds.clock(time400.multipliedBy(4).dividedBy(10))
                + " up to just under "
                + Bounds.clock(time400.dividedBy(2))
                + ", half of the 400 m time");
      }
    }

    @Override
    public Sport sport() {
      return Sport.SWIM;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.swimPair(this);
    }
  }

  /**
   * Mean power of a maximal 20-min ride.
   *
   * @param watts 50 to 600 W
   */
  record RideTwentyMinutes(int watts, ResultConditions taken) implements TestResult {
    public RideTwentyMinutes {
      Objects.requireNonNull(taken, "taken");
      Bounds.within("watts", watts, 50, 600, "W");
    }

    @Override
    public Sport sport() {
      return Sport.RIDE;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.rideTwentyMinutes(this);
    }
  }

  /**
   * The most power held for a time, of which an athlete's power curve is made.
   *
   * @param length 5 s to 24 h
   * @param watts 20 W up to a little above what anyone has held so long
   */
  record RideBest(Duration length, int watts, ResultConditions taken) implements TestResult {
    public RideBest {
      Objects.requireNonNull(taken, "taken");
      Bounds.within("length", length, Duration.ofSeconds(5), Duration.ofHours(24));
      Bounds.within("watts", watts, 20, BestKnown.riding(length.toMillis() / 1000.0), "W");
    }

    @Override
    public Sport sport() {
      return Sport.RIDE;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.rideBest(this);
    }
  }

  /**
   * Any maximal piece on the rowing machine.
   *
   * @param metres 100 to 50 000 m
   * @param time at 1:15 to 3:20 for 500 m, faster below 1000 m
   */
  record RowPiece(double metres, Duration time, ResultConditions taken) implements TestResult {
    public RowPiece {
      Objects.requireNonNull(taken, "taken");
      Bounds.within("metres", metres, 100, 50_000, "m");
      double fastest = BestKnown.rowing(metres);
      Bounds.within("time", time, seconds(metres / 500 * fastest), seconds(metres / 500 * 200));
    }

    @Override
    public Sport sport() {
      return Sport.ROW;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.rowPiece(this);
    }
  }

  /**
   * A swim race or time trial.
   *
   * @param metres 25 to 25 000 m
   * @param time such that the speed lies between 0.4 m/s and a little above the best known for the
   *     distance
   * @param stroke freestyle where nothing is said
   */
  record SwimRace(double metres, Duration time, Optional<Stroke> stroke, ResultConditions taken)
      implements TestResult {
    public SwimRace {
      Objects.requireNonNull(taken, "taken");
      Bounds.within("metres", metres, 25, 25_000, "m");
      double fastest = BestKnown.swimming(metres);
      Bounds.within("time", time, seconds(metres / fastest), seconds(metres / 0.4));
    }

    @Override
    public Sport sport() {
      return Sport.SWIM;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.swimRace(this);
    }
  }

  /**
   * Top speed or power, as over a flying 30 m, a 25 m swim or a few strokes.
   *
   * @param top m/s for runners (4 to 12.5) and swimmers (0.6 to 2.6), W for riders (150 to 2600)
   *     and rowers (100 to 1300)
   */
  record Sprint(Sport sport, double top, ResultConditions taken) implements TestResult {
    public Sprint {
      Objects.requireNonNull(taken, "taken");
      Profiles.of(sport).top().check("top", top, sport);
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.sprint(this);
    }
  }

  private static Duration seconds(double seconds) {
    return Duration.ofMillis(Math.round(seconds * 1000));
  }
}
