package dev.jubilee.core.shorthand;

import dev.jubilee.core.quantity.Bounds;
import java.time.Duration;

/** How long a stretch is: by the clock or by the distance. */
public sealed interface Extent {

  /**
   * By the clock.
   *
   * @param seconds 3 s to 8 h
   */
  record Time(int seconds) implements Extent {
    public Time {
      Bounds.within(
          "time", Duration.ofSeconds(seconds), Duration.ofSeconds(3), Duration.ofHours(8));
    }
  }

  /**
   * By the distance.
   *
   * @param metres 15 m to 300 km
   */
  record Distance(double metres) implements Extent {
    public Distance {
      Bounds.within("distance", metres, 15, 300_000, "m");
    }
  }
}
