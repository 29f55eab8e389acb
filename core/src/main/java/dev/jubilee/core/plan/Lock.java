package dev.jubilee.core.plan;

/** How much of an item re-fitting keeps. */
public enum Lock {
  /** Nothing. */
  NONE,
  /** The movement; its rung follows the athlete, its dose the time. */
  DRILL,
  /** This version of it; the dose follows the time. */
  RUNG,
  /** This version in this dose. */
  DOSE;

  /** Whether the item stays in the plan at all. */
  public boolean keepsDrill() {
    return this != NONE;
  }
}
