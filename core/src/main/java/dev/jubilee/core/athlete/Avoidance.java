package dev.jubilee.core.athlete;

/** What an athlete must not be given, whatever the session. */
public enum Avoidance {
  CONTACTS,
  FLOOR_WORK,
  WRIST_LOADING
}
