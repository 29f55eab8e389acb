package dev.jubilee.core.drill;

/**
 * One stretch of a dose that an athlete follows without a change.
 *
 * @param kind what it is
 * @param seconds length, 0 or more
 * @param side which side works
 * @param count repetitions, strokes or contacts to count in it; 0 when it runs on the clock
 * @param note what is special about it, such as "other direction"; empty when nothing
 */
public record Segment(Kind kind, int seconds, Side side, int count, String note) {

  /** What happens in a segment. */
  public enum Kind {
    /** Getting into position, fetching kit, hearing what comes. */
    CHANGE,
    WORK,
    /** Changing sides. */
    SWITCH,
    /** Recovery after an effort. */
    RECOVER
  }

  /** Which side of the body works. */
  public enum Side {
    BOTH,
    LEFT,
    RIGHT
  }

  static Segment work(int seconds, Side side, int count, String note) {
    return new Segment(Kind.WORK, seconds, side, count, note);
  }

  static Segment switchSides(int seconds) {
    return new Segment(Kind.SWITCH, seconds, Side.BOTH, 0, "change sides");
  }

  public static Segment change(int seconds, String note) {
    return new Segment(Kind.CHANGE, seconds, Side.BOTH, 0, note);
  }

  public static Segment recover(int seconds, String note) {
    return new Segment(Kind.RECOVER, seconds, Side.BOTH, 0, note);
  }
}
