package dev.jubilee.core.sport;

/** The figure an athlete of a sport steers by. */
public enum TargetMetric {
  /** Speed in m/s, shown as minutes per kilometre or mile. */
  PACE,
  /** Speed of a treadmill in m/s, shown in km/h or mph with its gradient. */
  TREADMILL,
  /** Power in W. */
  POWER,
  /** Power in W on the rowing machine, shown with the split per 500 m. */
  SPLIT,
  /** Speed in m/s, shown as minutes per 100 m or 100 yd. */
  SWIM_PACE,
  /** Share of the work sets' load, 0 to 1. */
  LOAD,
  /** No figure: perceived exertion only. */
  FEEL
}
