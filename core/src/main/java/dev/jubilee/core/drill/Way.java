package dev.jubilee.core.drill;

/**
 * How a drill works a region of the body. What is fine for a sound region in one way is wrong for a
 * sore one in another (the lines are common practice).
 */
public enum Way {
  /** Moved gently, within its range. */
  GENTLE,
  /** Moved to the end of its range. */
  END_RANGE,
  /** Kept at the end of its range. */
  HELD,
  /** Carries body weight or works against a band, in the middle of its range. */
  LOADED,
  /** Lengthens under load, or is loaded hard. */
  ECCENTRIC,
  /** Swung or thrown quickly. */
  BALLISTIC,
  /** Takes the impact when a foot comes down from the air. */
  LANDING
}
