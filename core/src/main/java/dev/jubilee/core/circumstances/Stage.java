package dev.jubilee.core.circumstances;

import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.quantity.Bounds;
import java.util.Set;

/**
 * A part of the warm-up that is done somewhere else than where the start is.
 *
 * @param place where
 * @param kit what is at hand there
 * @param temperature there, −30 to 45 °C
 * @param minutes to be spent there, 3 to 60
 * @param transfer the way on from there
 */
public record Stage(Place place, Set<Kit> kit, int temperature, int minutes, Transfer transfer) {

  /** Fewer minutes in a place hold no warm-up; common practice. */
  static final int LEAST_MINUTES = 3;

  /** Before that of the start: living room, car park, track is enough for anyone. */
  public static final int MOST = 2;

  public Stage {
    Bounds.within("minutes", minutes, LEAST_MINUTES, 60, "min");
    Bounds.within("temperature", temperature, -30, 45, "°C");
    kit = Set.copyOf(kit);
  }

  /** With the way on, min. */
  int minutesWithTransfer() {
    return minutes + transfer.minutes();
  }
}
