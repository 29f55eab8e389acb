package dev.jubilee.core.simulation;

/** Muscle temperature second by second; 0 is the beginning of the warm-up. Model values. */
public final class TemperatureTrace {
  private final double[] muscle;

  TemperatureTrace(double[] muscle) {
    this.muscle = muscle;
  }

  /** Above that of rest in mild air, °C. */
  public double muscle(int second) {
    return muscle[second];
  }
}
