package dev.jubilee.core.block;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What is different from the week before.
 *
 * @param kind what changes
 * @param ladder id of the ladder, or empty where it is none
 * @param from before: a rung, a percentage or a stage, by kind
 * @param to after
 * @param provisional whether it presumes that what came before is mastered by then
 * @param why a sentence for the coach
 */
@RecordBuilder
public record Change(Kind kind, String ladder, int from, int to, boolean provisional, String why) {

  /** What changes. */
  public enum Kind {
    /** Where an athlete begins. */
    START,
    RUNG_UP,
    RUNG_DOWN,
    DOSE_UP,
    BUILD_UP,
    BUILD_DOWN,
    /** A week of less, or on the way back; nothing goes up. */
    LESS,
    /** Nothing changes. */
    HOLD,
    /** Nothing may change: the race is near. */
    FROZEN,
    /** No training. */
    ABSENT
  }

  /** Whether the athlete is asked for more than before. */
  public boolean isUp() {
    return kind == Kind.RUNG_UP || kind == Kind.DOSE_UP || kind == Kind.BUILD_UP;
  }

  static Change of(Kind kind, String why) {
    return ChangeBuilder.builder()
        .kind(kind)
        .ladder("")
        .from(0)
        .to(0)
        .provisional(false)
        .why(why)
        .build();
  }
}
