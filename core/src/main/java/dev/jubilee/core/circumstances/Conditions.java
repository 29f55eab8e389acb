package dev.jubilee.core.circumstances;

import dev.jubilee.core.quantity.Bounds;
import io.soabase.recordbuilder.core.RecordBuilder;
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
 * @param humidity relative humidity in %, 0 to 100, where it is known; it matters in heat
 * @param thunder whether it thunders, or did within the last half hour
 * @param airQuality air quality index (US EPA), 0 to 500, where it is known; it matters outdoors
 * @param water temperature of the water in °C, 2 to 35, where it is known
 * @param wetsuit whether one is worn
 * @param lane longest straight at hand in m, 2 to 200, where it is not the place's usual one
 * @param altitude above the sea, m, 0 to 5000; 0 where nobody said
 * @param gradient of the ground where the session begins, %, −20 to 20; uphill is positive
 */
@RecordBuilder
public record Conditions(
    int wind,
    boolean wet,
    Surface surface,
    int waitMinutes,
    int group,
    Optional<Integer> lane,
    Optional<Integer> humidity,
    boolean thunder,
    Optional<Integer> airQuality,
    Optional<Integer> water,
    boolean wetsuit,
    int altitude,
    int gradient)
    implements ConditionsBuilder.With {

  /** No wind, dry, firm, no wait, alone; on the flat, near the sea. */
  public static final Conditions USUAL =
      ConditionsBuilder.builder()
          .wind(0)
          .wet(false)
          .surface(Surface.FIRM)
          .waitMinutes(0)
          .group(1)
          .lane(Optional.empty())
          .humidity(Optional.empty())
          .thunder(false)
          .airQuality(Optional.empty())
          .water(Optional.empty())
          .wetsuit(false)
          .altitude(0)
          .gradient(0)
          .build();

  /** What is underfoot. */
  public enum Surface {
    FIRM,
    SOFT,
    /** Ice, mud, wet tiles: nothing fast and no contacts. */
    SLIPPERY
  }

  /** Elsewhere, before the start: no wait, the place's own straight, firm ground indoors. */
  Conditions on(Place place) {
    return ConditionsBuilder.builder(this)
        .surface(place.isOutdoors() ? surface : Surface.FIRM)
        .waitMinutes(0)
        .lane(Optional.empty())
        .build();
  }

  /** Water colder than this is swum in briefly, watched, °C; common practice. */
  public static final int COLD_WATER = 16;

  /** From this height on it is told, m; common practice. */
  public static final int HIGH = 1500;

  /** A slope worth speaking of, %; common practice. */
  public static final int SLOPE = 3;

  /** Whether the session begins up a slope. */
  public boolean isUphill() {
    return gradient >= SLOPE;
  }

  /** Whether the session begins down a slope. */
  public boolean isDownhill() {
    return gradient <= -SLOPE;
  }

  /** Whether the water is known to be cold. */
  public boolean isColdWater() {
    return water.filter(w -> w < COLD_WATER).isPresent();
  }

  /** Waits from this many minutes on get a top-up; Bishop 2003 has the gain gone after 15 to 20. */
  public static final int LONG_WAIT = 10;

  /** How many can pass a single piece of kit round; Jubilee modelling choice. */
  private static final int SHARES = 3;

  /** Whether a single piece of kit does for all who warm up together. */
  public boolean sharesKit() {
    return group <= SHARES;
  }

  /** Whether one waits so long that a top-up is needed. */
  public boolean isLongWait() {
    return waitMinutes >= LONG_WAIT;
  }

  /** The wait in seconds. */
  public int waitSeconds() {
    return 60 * waitMinutes;
  }

  public Conditions {
    Bounds.within("wind", wind, 0, 80, "km/h");
    Bounds.within("waitMinutes", waitMinutes, 0, 45, "min");
    Bounds.within("group", group, 1, 60, "people");
    humidity.ifPresent(h -> Bounds.within("humidity", h, 0, 100, "%"));
    airQuality.ifPresent(a -> Bounds.within("airQuality", a, 0, 500, "of the index"));
    water.ifPresent(w -> Bounds.within("water", w, 2, 35, "°C"));
    lane.ifPresent(m -> Bounds.within("lane", m, 2, 200, "m"));
    Bounds.within("altitude", altitude, 0, 5000, "m");
    Bounds.within("gradient", gradient, -20, 20, "%");
  }
}
