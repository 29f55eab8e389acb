package dev.jubilee.core.athlete;

/** What an athlete must not be given, whatever the session. */
public enum Contraindication {
  CONTACTS,
  FLOOR_WORK,
  WRIST_LOADING,
  /** Sits, as in a wheelchair: nothing on the feet. */
  STANDING
}
