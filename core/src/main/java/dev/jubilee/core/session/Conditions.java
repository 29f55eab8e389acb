package dev.jubilee.core.session;

import dev.jubilee.core.quantity.Bounds;
import java.util.Optional;

/**
 * Weather, ground, wait and company beyond the usual.
 *
 * @param wind km/h, 0 to 80
 * @param wet whether it rains or the ground is wet
 * @param surface what is underfoot
 * @param waitMinutes minutes of standing or sitting between warm-up and first effort, 0 to 45; part
 *     of the minutes available
 * @param group how many warm up together, 1 to 60
 * @param lane longest straight at hand in m, 2 to 200, where it is not the place's usual one
 */
public record Conditions(
    int wind, boolean wet, Surface surface, int waitMinutes, int group, Optional<Integer> lane) {

  /** No wind, dry, firm, no wait, alone. */
  public static final Conditions USUAL =
      new Conditions(0, false, Surface.FIRM, 0, 1, Optional.empty());

  /** What is underfoot. */
  public enum Surface {
    FIRM,
    SOFT,
    /** Ice, mud, wet tiles: nothing fast and no contacts. */
    SLIPPERY
  }

  public Conditions {
    Bounds.within("wind", wind, 0, 80, "km/h");
    Bounds.within("waitMinutes", waitMinutes, 0, 45, "min");
    Bounds.within("group", group, 1, 60, "people");
    lane = lane == null ? Optional.empty() : lane;
    surface = surface == null ? Surface.FIRM : surface;
    lane.ifPresent(m -> Bounds.within("lane", m, 2, 200, "m"));
  }

  /**
   * What the air feels like on bare skin, °C: 13.12 + 0.6215 T − 11.37 v^0.16 + 0.3965 T v^0.16
   * (Environment Canada / US NWS 2001), for T up to 10 °C and wind of 5 km/h or more; otherwise the
   * air's own temperature.
   */
  public static int feltTemperature(int temperature, int wind) {
    if (temperature > 10 || wind < 5) {
      return temperature;
    }
    double v = Math.pow(wind, 0.16);
    double felt = 13.12 + 0.6215 * temperature - 11.37 * v + 0.3965 * temperature * v;
    return (int) Math.round(felt);
  }
}
