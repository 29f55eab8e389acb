package dev.jubilee.core.athlete;

import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.quantity.Phrase;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What one result, or several together, tell of an athlete's critical intensity.
 *
 * @param result the surest result it comes from
 * @param restsOn all results that it comes from in good part
 * @param name of the result, as in {@code 5 km in 20:00}
 * @param model critical intensity, reserve and sprint
 * @param own its uncertainty on the day, one standard deviation as a share of critical intensity
 * @param basis how it was computed, with the source
 */
@RecordBuilder
public record Estimate(
    TestResult result,
    List<TestResult> restsOn,
    String name,
    CriticalModel model,
    double own,
    Phrase basis) {
  /*
   * Jubilee modelling choices. Form moves by about a per cent a month for those who train, either
   * way, so that an old result says less, not something else.
   */
  private static final double DRIFT_A_MONTH = 0.01;
  private static final double MOST_DRIFT = 0.15;
  private static final double FRESH_DAYS = 28;
  private static final double DAYS_A_MONTH = 30.4;
  private static final double DRIFT_UNKNOWN = 0.02;
  private static final double HELD_BACK = 0.04;

  /** Of one result. */
  static Estimate ofOne(
      TestResult result, String name, CriticalModel model, double own, Phrase basis) {
    return new Estimate(result, List.of(result), name, model, own, basis);
  }

  /** Of one result, told without figures that depend on measures. */
  static Estimate ofOne(
      TestResult result, String name, CriticalModel model, double own, String basis) {
    return ofOne(result, name, model, own, Phrase.of(basis));
  }

  /** Whether a result is among those that it comes from. */
  public boolean restsOn(TestResult other) {
    return restsOn.contains(other);
  }

  /** Whether wind, hills or a held-back effort made it slower than it might have been. */
  boolean isHeldBack() {
    return result.taken().setting() == ResultConditions.Setting.SLOW;
  }

  /** Uncertainty with age and conditions: one standard deviation, as a share. */
  public double spread() {
    double held = isHeldBack() ? HELD_BACK : 0;
    return Math.sqrt(own * own + drift() * drift() + held * held);
  }

  /** The {@link #own} that makes a whole spread; form that has moved on is not known again. */
  double ownFor(double whole) {
    double rest = spread() * spread() - own * own;
    return Math.sqrt(Math.max(0, whole * whole - rest));
  }

  /** What age adds to the uncertainty. */
  public double drift() {
    return result
        .taken()
        .daysAgo()
        .map(d -> Math.min(MOST_DRIFT, DRIFT_A_MONTH * Math.max(0, d - FRESH_DAYS) / DAYS_A_MONTH))
        .orElse(DRIFT_UNKNOWN);
  }
}
