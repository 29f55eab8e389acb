package dev.jubilee.core.circumstances;

/** What the athlete comes from. */
public enum ComingFrom {
  MOVING,
  BED,
  DESK,
  LONG_DRIVE
}
