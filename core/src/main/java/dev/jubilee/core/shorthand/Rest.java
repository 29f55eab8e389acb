package dev.jubilee.core.shorthand;

import dev.jubilee.core.quantity.Bounds;
import java.time.Duration;

/** What comes between two efforts. */
public sealed interface Rest {

  /** How the rest is spent. */
  enum Manner {
    STANDING,
    WALK,
    JOG,
    EASY,
    FLOAT
  }

  /** Nothing is said. */
  record None() implements Rest {}

  /**
   * So long.
   *
   * @param seconds 1 s to 30 min
   */
  record Lasting(int seconds, Manner manner) implements Rest {
    public Lasting {
      Bounds.within("rest", Duration.ofSeconds(seconds), Duration.ofSeconds(1), LONGEST);
    }
  }

  /**
   * So far.
   *
   * @param metres 10 to 3000 m
   */
  record Over(double metres, Manner manner) implements Rest {
    public Over {
      Bounds.within("rest", metres, 10, 3000, "m");
    }
  }

  /** Back to where the effort began. */
  record Back(Manner manner) implements Rest {}

  /** Until fresh again. */
  record Full() implements Rest {}

  /**
   * A new effort leaves every so many seconds; what is left of them is the rest.
   *
   * @param seconds 5 s to 30 min
   */
  record SendOff(int seconds) implements Rest {
    public SendOff {
      Bounds.within("send-off", Duration.ofSeconds(seconds), Duration.ofSeconds(5), LONGEST);
    }
  }

  Duration LONGEST = Duration.ofMinutes(30);
  Rest NONE = new None();
}
