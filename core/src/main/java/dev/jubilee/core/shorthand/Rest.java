package dev.jubilee.core.shorthand;

import dev.jubilee.core.quantity.Bounds;
import java.time.Duration;

/** What comes between two efforts. */
public sealed interface Rest {

  /** An answer for each way of resting. */
  interface Visitor<T> {
    T none();

    T timed(Timed rest);

    T overDistance(OverDistance rest);

    T wayBack(WayBack rest);

    T full();

    T sendOff(SendOff rest);

    T ratio(Ratio rest);
  }

  <T> T accept(Visitor<T> visitor);

  /** How the rest is spent. */
  enum Manner {
    STANDING,
    WALK,
    JOG,
    EASY,
    FLOAT
  }

  /** Nothing is said. */
  record None() implements Rest {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.none();
    }
  }

  /**
   * A time.
   *
   * @param seconds 1 s to 30 min
   */
  record Timed(int seconds, Manner manner) implements Rest {
    public Timed {
      Bounds.within("rest", Duration.ofSeconds(seconds), Duration.ofSeconds(1), LONGEST);
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.timed(this);
    }
  }

  /**
   * A distance.
   *
   * @param metres 10 to 3000 m
   */
  record OverDistance(double metres, Manner manner) implements Rest {
    public OverDistance {
      Bounds.within("rest", metres, 10, LONGEST_WAY, "m");
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.overDistance(this);
    }
  }

  /** Back to where the effort began. */
  record WayBack(Manner manner) implements Rest {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.wayBack(this);
    }
  }

  /** Until fresh again. */
  record Full() implements Rest {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.full();
    }
  }

  /**
   * A new effort leaves every so many seconds; what is left of them is the rest.
   *
   * @param seconds 5 s to 30 min
   */
  record SendOff(int seconds) implements Rest {
    public SendOff {
      Bounds.within("send-off", Duration.ofSeconds(seconds), Duration.ofSeconds(5), LONGEST);
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.sendOff(this);
    }
  }

  /**
   * As long as the effort, or a multiple of it: 1:1, 1:2.
   *
   * @param work 1 to 10
   * @param rest 0.5 to 10, for so much work
   */
  record Ratio(double work, double rest) implements Rest {
    public Ratio {
      Bounds.within("work to rest", work, 1, 10, "parts");
      Bounds.within("rest to work", rest, 0.5, 10, "parts");
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.ratio(this);
    }
  }

  Duration LONGEST = Duration.ofMinutes(30);

  /** m */
  double LONGEST_WAY = 3000;

  Rest NONE = new None();
}
