package dev.jubilee.server.club;

/** What a club paces by; each device may choose otherwise. */
public enum Measures {
  /** Kilometres and 100 m. */
  METRIC,
  /** Miles and 100 yd. */
  MILES
}
