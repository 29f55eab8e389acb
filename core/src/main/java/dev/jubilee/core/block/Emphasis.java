package dev.jubilee.core.block;

/** What a week of a training block is for. */
public enum Emphasis {
  /** Learning technique on lower rungs, with variety. */
  GENERAL("general", 100),
  /** Higher rungs, build-ups higher and nearer to the session. */
  SPECIFIC("specific", 90),
  /** Few drills, the routine of the race rehearsed. */
  COMPETITION("competition", 70),
  /** Less of everything but effort; nothing goes up. */
  RECOVERY("recovery", 70);

  private final String words;
  private final int volume;

  Emphasis(String words, int volume) {
    this.words = words;
    this.volume = volume;
  }

  public String words() {
    return words;
  }

  /**
   * Time for drills, % of the usual: fewer toward the race and in recovery weeks (common practice);
   * how many fewer is a Jubilee modelling choice.
   */
  public int volume() {
    return volume;
  }
}
