package dev.jubilee.core.session;

/** What the session is for; decides how warm, how long and how high the warm-up goes. */
public enum SessionKind {
  EASY("easy"),
  LONG("long"),
  THRESHOLD("threshold"),
  INTERVALS("intervals"),
  TIME_TRIAL("time trial or race"),
  SPRINT("sprint");

  private final String words;

  SessionKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether the session begins with work at or above critical intensity. */
  public boolean isHard() {
    return compareTo(THRESHOLD) >= 0;
  }
}
