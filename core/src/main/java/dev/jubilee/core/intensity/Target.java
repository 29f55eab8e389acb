package dev.jubilee.core.intensity;

import dev.jubilee.core.sport.TargetMetric;

/**
 * What an athlete aims at in one step, in their own figures.
 *
 * @param effort position on the common scale
 * @param metric which figure {@code value} is
 * @param value m/s, W or a share as {@code metric} says; 0 for {@link TargetMetric#FEEL}
 * @param percentOfTop per cent of maximal sprint speed or power, 0 to 100
 * @param heartLow beats/min, or 0 when heart rate does not apply to so short an effort
 * @param heartHigh beats/min, or 0
 * @param ratePerMinute strokes or pedal turns a minute, or 0 when free
 * @param spread uncertainty of {@code value}, one standard deviation as a share of it; 0 for feel
 */
public record Target(
    Effort effort,
    TargetMetric metric,
    double value,
    int percentOfTop,
    int heartLow,
    int heartHigh,
    int ratePerMinute,
    double spread) {

  /** A target by feel alone. */
  public static Target byFeel(Effort effort) {
    return new Target(effort, TargetMetric.FEEL, 0, 0, 0, 0, 0, 0);
  }

  /** A share of the load of the work sets. */
  public static Target ofLoad(double share, Effort effort) {
    return new Target(effort, TargetMetric.LOAD, share, 0, 0, 0, 0, 0);
  }

  /** By feel, with a share of top effort to go by. */
  public static Target ofTop(int percent, Effort effort) {
    return new Target(effort, TargetMetric.FEEL, 0, percent, 0, 0, 0, 0);
  }

  public double perceivedExertion() {
    return effort.perceivedExertion();
  }

  /** The same effort where it means another figure, as a stroke has another pace. */
  public Target withValue(double figure) {
    return new Target(
        effort, metric, figure, percentOfTop, heartLow, heartHigh, ratePerMinute, spread);
  }

  public Target atRate(int perMinute) {
    return new Target(effort, metric, value, percentOfTop, heartLow, heartHigh, perMinute, spread);
  }
}
