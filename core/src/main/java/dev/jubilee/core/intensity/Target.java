package dev.jubilee.core.intensity;

import dev.jubilee.core.sport.TargetMetric;
import io.soabase.recordbuilder.core.RecordBuilder;

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
 * @param gradient of the treadmill, %; 0 elsewhere
 * @param spread uncertainty of {@code value}, one standard deviation as a share of it; 0 for feel
 */
@RecordBuilder
public record Target(
    Effort effort,
    TargetMetric metric,
    double value,
    int percentOfTop,
    int heartLow,
    int heartHigh,
    int ratePerMinute,
    int gradient,
    double spread) {

  /** A target by feel alone. */
  public static Target byFeel(Effort effort) {
    return TargetBuilder.builder()
        .effort(effort)
        .metric(TargetMetric.FEEL)
        .value(0)
        .percentOfTop(0)
        .heartLow(0)
        .heartHigh(0)
        .ratePerMinute(0)
        .gradient(0)
        .spread(0)
        .build();
  }

  /** A share of the load of the work sets. */
  public static Target ofLoad(double share, Effort effort) {
    return TargetBuilder.builder()
        .effort(effort)
        .metric(TargetMetric.LOAD)
        .value(share)
        .percentOfTop(0)
        .heartLow(0)
        .heartHigh(0)
        .ratePerMinute(0)
        .gradient(0)
        .spread(0)
        .build();
  }

  /** By feel, with a share of top effort to go by. */
  public static Target ofTop(int percent, Effort effort) {
    return TargetBuilder.builder()
        .effort(effort)
        .metric(TargetMetric.FEEL)
        .value(0)
        .percentOfTop(percent)
        .heartLow(0)
        .heartHigh(0)
        .ratePerMinute(0)
        .gradient(0)
        .spread(0)
        .build();
  }

  public double perceivedExertion() {
    return effort.perceivedExertion();
  }

  /** The same effort where it means another figure, as a stroke has another pace. */
  public Target withValue(double figure) {
    return TargetBuilder.builder(this).value(figure).build();
  }

  /**
   * The same effort on a treadmill.
   *
   * @param speed of the belt, m/s; kept only where there is a figure to go by
   * @param percent its gradient
   */
  public Target onTreadmill(double speed, int percent) {
    boolean hasFigure = metric == TargetMetric.PACE;
    return TargetBuilder.builder(this)
        .metric(hasFigure ? TargetMetric.TREADMILL : metric)
        .value(hasFigure ? speed : value)
        .gradient(percent)
        .build();
  }

  /** The same figure where it is another effort, and another share of the top, per cent. */
  public Target as(Effort other, int percent) {
    return TargetBuilder.builder(this).effort(other).percentOfTop(percent).build();
  }

  public Target atRate(int perMinute) {
    return TargetBuilder.builder(this).ratePerMinute(perMinute).build();
  }
}
