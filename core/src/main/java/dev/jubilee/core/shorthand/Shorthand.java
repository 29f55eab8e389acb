package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.Zones;
import dev.jubilee.core.sport.Sport;

/**
 * Reads a session as a coach writes it on a whiteboard.
 *
 * <pre>
 * brick    = session { separator session }            each names a sport of its own
 * session  = [label [":"]] part { separator part }
 * separator= ";" | "+" | "then" | "and" | ","        a comma may also bring a recovery or a word
 * part     = [n "sets of" | n "x"] (effort | "(" session ")") {modifier} [recovery] [recovery]
 * effort   = [n "x"] amount {"-" amount}
 * amount   = number unit | clock | number            bare numbers of 25, 50 … are metres
 * modifier = "@" aim | feel | stroke | rate | "with" ("last" | "first") amount aim | word
 * aim      = feel | race distance ["+" seconds] | pace "/" unit | W | % | beats | n "/10" | zone
 * zone     = "Z" n ["-" n]                            by the coach's own table
 * recovery = "/" | "," amount [manner] | manner amount | manner "back" | "full rest" | "on" clock
 * label    = long, hills, race, test, sprints, hurdles, gym, jumps and the sports
 * </pre>
 *
 * Order, case, plural and usual short forms are free. What is not understood is a {@link
 * ParseError}, never left out in silence; what had to be assumed is a note.
 */
public final class Shorthand {
  /** Longest text that is read, in characters. */
  public static final int LONGEST = Reader.LONGEST;

  private Shorthand() {}

  /**
   * What a text says.
   *
   * @param sport decides what a bare pace or per cent counts, and whether 50 is a swim
   */
  public static ParseResult read(String text, Sport sport) {
    return read(text, sport, Zones.UNKNOWN);
  }

  /**
   * The same, where it is known what the coach's zones mean.
   *
   * @param zones in that sport
   */
  public static ParseResult read(String text, Sport sport, Zones zones) {
    return Brick.read(text, sport, zones);
  }
}
