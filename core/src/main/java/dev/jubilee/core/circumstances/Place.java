package dev.jubilee.core.circumstances;

import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.quantity.Distance;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;

/** Where the warm-up is done, with what is usually found there. */
public enum Place {
  TRACK("the track", 100, false, Set.of(Kit.SUPPORT)),
  ROAD("the road", 100, false, Set.of()),
  POOL_DECK("the pool deck", 6, true, Set.of(Kit.SUPPORT, Kit.POOL)),
  BOATHOUSE("the boathouse", 15, false, Set.of(Kit.SUPPORT, Kit.ROWER)),
  GYM("the gym", 20, false, Set.of(Kit.SUPPORT, Kit.MINI_BAND, Kit.LONG_BAND, Kit.STEP, Kit.BIKE)),
  LIVING_ROOM("the living room", 3, false, Set.of(Kit.SUPPORT)),
  CAR_PARK("the car park", 40, false, Set.of(Kit.SUPPORT)),
  TRAIL("the trail", 60, false, Set.of()),
  VELODROME("the velodrome", 40, false, Set.of(Kit.SUPPORT, Kit.BIKE)),
  HOTEL_ROOM("the hotel room", 3, false, Set.of(Kit.SUPPORT)),
  BEACH("the beach", 40, false, Set.of(Kit.POOL)),
  WATERSIDE("the waterside", 40, false, Set.of(Kit.POOL)),
  STAIRS("the stairs", 4, false, Set.of(Kit.SUPPORT, Kit.STEP));

  private static final Set<Place> OUTDOORS =
      EnumSet.of(TRACK, ROAD, CAR_PARK, TRAIL, BEACH, WATERSIDE);

  /** Hard, wet or in everybody's way. */
  private static final Set<Place> WITHOUT_FLOOR =
      EnumSet.of(ROAD, CAR_PARK, POOL_DECK, TRAIL, WATERSIDE, STAIRS);

  private final String words;
  private final int laneMetres;
  private final boolean wet;

  // Always made by Set.of, which cannot change.
  @SuppressWarnings("ImmutableEnumChecker")
  private final Set<Kit> usualKit;

  Place(String words, int laneMetres, boolean wet, Set<Kit> usualKit) {
    this.words = words;
    this.laneMetres = laneMetres;
    this.wet = wet;
    this.usualKit = usualKit;
  }

  public String words() {
    return words;
  }

  /** As it is written in a list: pool deck. */
  public String inWords() {
    return name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  /** Longest straight that may be moved along at speed. */
  public Distance lane() {
    return Distance.ofMetres(laneMetres);
  }

  /** Whether the floor is wet: nothing fast, no running drills. */
  public boolean isWet() {
    return wet;
  }

  /** Whether one would lie down on the ground here. */
  public boolean allowsFloor() {
    return !WITHOUT_FLOOR.contains(this);
  }

  public boolean isOutdoors() {
    return OUTDOORS.contains(this);
  }

  /** The room that one goes to when it cannot be done outdoors; common practice. */
  public Place nearestIndoors() {
    return switch (this) {
      case TRACK, CAR_PARK -> GYM;
      case ROAD, TRAIL -> LIVING_ROOM;
      case BEACH, WATERSIDE -> BOATHOUSE;
      case POOL_DECK, BOATHOUSE, GYM, LIVING_ROOM, VELODROME, HOTEL_ROOM, STAIRS -> this;
    };
  }

  /** Whether one swims without walls here. */
  public boolean isOpenWater() {
    return this == BEACH || this == WATERSIDE;
  }

  public Set<Kit> usualKit() {
    return usualKit;
  }
}
