package dev.jubilee.core.session;

/** How the bar of a session's first lift is held. */
public enum BarHold {
  FRONT_RACK("in the front rack"),
  OVERHEAD("overhead"),
  ON_THE_BACK("on the back"),
  FROM_THE_FLOOR("from the floor"),
  ON_THE_BENCH("on the bench");

  private final String words;

  BarHold(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
