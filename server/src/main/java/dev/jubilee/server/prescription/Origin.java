package dev.jubilee.server.prescription;

/** What made a revision of a prescription. */
public enum Origin {
  /** Jubilee, when it was asked for. */
  PRESCRIBED,
  /** Jubilee, for a training block. */
  BLOCK_RUN,
  /** A coach, by an edit. */
  COACH,
  /** Jubilee, when a coach asked for it to follow the athlete and the session. */
  REFRESHED,
  /** A coach, by giving the drills of a routine. */
  ROUTINE,
  /** A coach, by taking over what an athlete told. */
  CHECK_IN,
  /** It was the turn of a question that is tried properly. */
  QUESTION;

  /** Whether a coach had a hand in it, so that nothing may overwrite it unasked. */
  public boolean isByCoach() {
    return this != PRESCRIBED && this != BLOCK_RUN;
  }
}
