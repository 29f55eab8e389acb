package dev.jubilee.core.sport;

/** What the athlete does when the session starts. */
public enum Sport {
  RUN(Medium.FEET, TargetMetric.PACE),
  RIDE(Medium.WHEELS, TargetMetric.POWER),
  ROW(Medium.BOAT, TargetMetric.SPLIT),
  SWIM(Medium.WATER, TargetMetric.SWIM_PACE);

  /** What carries the athlete. */
  private enum Medium {
    FEET,
    WHEELS,
    BOAT,
    WATER
  }

  private final Medium medium;
  private final TargetMetric metric;

  Sport(Medium medium, TargetMetric metric) {
    this.medium = medium;
    this.metric = metric;
  }

  /** The figure that its athletes steer by. */
  public TargetMetric metric() {
    return metric;
  }

  /** Whether it is run: with ground contacts, on ground that may be steep or slippery. */
  public boolean isOnFoot() {
    return medium == Medium.FEET;
  }

  /** Whether it is swum, in one of the strokes. */
  public boolean isInWater() {
    return medium == Medium.WATER;
  }

  /** Whether one may end up in water. */
  public boolean isByWater() {
    return isInWater() || medium == Medium.BOAT;
  }

  /** Whether its figures are watts rather than a speed. */
  public boolean isByPower() {
    return isInWatts() || isInSplits();
  }

  /** Whether it is given in watts alone, as no pace tells how hard a distance is. */
  public boolean isInWatts() {
    return metric == TargetMetric.POWER;
  }

  /** Whether its watts are given as the time for 500 m. */
  public boolean isInSplits() {
    return metric == TargetMetric.SPLIT;
  }
}
