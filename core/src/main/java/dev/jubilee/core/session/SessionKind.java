package dev.jubilee.core.session;

import dev.jubilee.core.sport.Sport;

/** What the session is for; decides how warm, how long and how high the warm-up goes. */
public enum SessionKind {
  EASY("easy"),
  LONG("long"),
  THRESHOLD("threshold"),
  INTERVALS("intervals"),
  TIME_TRIAL("time trial or race"),
  SPRINT("sprint"),
  /** Steeplechase: distance work over barriers, on foot. */
  STEEPLE("steeple"),
  /** Sprinting over hurdles, on foot. */
  HURDLES("sprint hurdles"),
  /** Lifting; the build is warm-up sets of the first lift. */
  GYM("gym"),
  JUMPS("jumps");

  private final String words;

  SessionKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether athletes of a sport do such sessions. */
  public boolean isFor(Sport sport) {
    return !isOverBarriers() || sport.isOnFoot();
  }

  /** Whether there are barriers to clear. */
  public boolean isOverBarriers() {
    return this == STEEPLE || this == HURDLES;
  }

  /** Whether it is at top speed. */
  public boolean isSprinted() {
    return this == SPRINT || this == HURDLES;
  }

  /** Whether it is done on foot on land, whatever the athlete's sport. */
  public boolean isOnLand() {
    return this == GYM || this == JUMPS;
  }

  /** Whether what the coach wrote of the efforts says better than the kind how hard they are. */
  public boolean isSteeredByAim() {
    return this == THRESHOLD || this == INTERVALS || this == SPRINT;
  }

  /** Whether its first effort is as hard as can be. */
  public boolean isAllOut() {
    return isSprinted() || this == TIME_TRIAL;
  }

  /** Whether the session begins with work at or above critical intensity. */
  public boolean isHard() {
    return compareTo(THRESHOLD) >= 0;
  }
}
