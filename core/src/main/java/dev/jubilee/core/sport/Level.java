package dev.jubilee.core.sport;

/** Training experience, lowest first. */
public enum Level {
  NOVICE,
  INTERMEDIATE,
  ADVANCED;

  public boolean atLeast(Level other) {
    return compareTo(other) >= 0;
  }
}
