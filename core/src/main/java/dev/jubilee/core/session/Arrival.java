package dev.jubilee.core.session;

/** What the athlete comes from. */
public enum Arrival {
  MOVING,
  BED,
  DESK,
  LONG_DRIVE
}
