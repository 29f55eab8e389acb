package dev.jubilee.core.athlete;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;

/** A test or race from which an athlete's own figures are computed. */
public sealed interface TestResult {

  Sport sport();

  /**
   * A race or time trial on foot.
   *
   * @param metres 800 to 50 000 m
   * @param time such that the speed lies between 1.5 and 7.5 m/s
   */
  record RunRace(double metres, Duration time) implements TestResult {
    public RunRace {
      Bounds.within("metres", metres, 800, 50_000, "m");
      Bounds.within("time", time, seconds(metres / 7.5), seconds(metres / 1.5));
    }

    @Override
    public Sport sport() {
      return Sport.RUN;
    }
  }

  /**
   * Threshold power on the bike, taken as critical power.
   *
   * @param watts 50 to 550 W
   */
  record ThresholdPower(int watts) implements TestResult {
    public ThresholdPower {
      Bounds.within("watts", watts, 50, 550, "W");
    }

    @Override
    public Sport sport() {
      return Sport.RIDE;
    }
  }

  /**
   * Mean power of a maximal 3-min and a maximal 12-min ride.
   *
   * @param threeMinuteWatts 60 to 800 W, above {@code twelveMinuteWatts}
   * @param twelveMinuteWatts 50 to 600 W
   */
  record RidePowerTest(int threeMinuteWatts, int twelveMinuteWatts) implements TestResult {
    public RidePowerTest {
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
  }

  /**
   * 2000 m on the rowing machine.
   *
   * @param time 5:20 to 15:00
   */
  record Row2k(Duration time) implements TestResult {
    public Row2k {
      Bounds.within("time", time, Duration.ofSeconds(320), Duration.ofSeconds(900));
    }

    @Override
    public Sport sport() {
      return Sport.ROW;
    }
  }

  /**
   * Maximal 400 m and 200 m swims.
   *
   * @param time400 3:30 to 20:00
   * @param time200 1:38 to 10:00, less than half of {@code time400}
   */
  record SwimPair(Duration time400, Duration time200) implements TestResult {
    public SwimPair {
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
  }

  private static Duration seconds(double seconds) {
    return Duration.ofMillis(Math.round(seconds * 1000));
  }
}
