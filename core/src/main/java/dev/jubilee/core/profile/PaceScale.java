package dev.jubilee.core.profile;

import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.RowingErgometer;
import java.time.Duration;

/** How the intensity of a sport, m/s or W, and its pace go together. */
public enum PaceScale {
  /** The intensity is a speed. */
  SPEED,

  /** Power against air: speed goes with about its cube root. */
  BIKE {
    @Override
    double speed(double intensity, CriticalModel model) {
      return RIDERS_SPEED * Math.cbrt(intensity / model.critical());
    }

    @Override
    public double raceSeconds(double metres, CriticalModel model) {
      return RidingSpeed.seconds(metres, model);
    }
  },

  /** Power on the rowing machine. */
  ERGOMETER {
    @Override
    double speed(double intensity, CriticalModel model) {
      return 500 / RowingErgometer.splitSeconds(Math.max(LEAST_WATTS, intensity));
    }

    @Override
    public double secondsAMetre(double intensity) {
      return RowingErgometer.splitSeconds(intensity) / 500;
    }

    @Override
    public double intensityAt(double secondsAMetre) {
      return RowingErgometer.watts(secondsAMetre);
    }

    @Override
    public double raceSeconds(double metres, CriticalModel model) {
      return FastestTime.between(
          metres / 7,
          metres / 1.5,
          seconds -> {
            double watts = model.sustainable(Duration.ofMillis(Math.round(seconds * 1000)));
            return seconds * 500 / RowingErgometer.splitSeconds(watts) >= metres;
          });
    }
  };

  /** At critical power, m/s; common practice. */
  private static final double RIDERS_SPEED = 9.5;

  /** Less moves no flywheel at a split, W. */
  private static final double LEAST_WATTS = 20;

  /** Speed, m/s, at an intensity of an athlete of whom a model tells. */
  double speed(double intensity, CriticalModel model) {
    return intensity;
  }

  /** Seconds for a metre at an intensity; the inverse of {@link #intensityAt}. */
  public double secondsAMetre(double intensity) {
    return 1 / intensity;
  }

  /** The intensity at which a metre takes so many seconds. */
  public double intensityAt(double secondsAMetre) {
    return 1 / secondsAMetre;
  }

  /** Seconds that a race takes over a distance, m. */
  public double raceSeconds(double metres, CriticalModel model) {
    return model.secondsFor(metres);
  }
}
