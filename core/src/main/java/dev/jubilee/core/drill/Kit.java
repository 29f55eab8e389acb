package dev.jubilee.core.drill;

import dev.jubilee.core.sport.Sport;
import java.util.Optional;

/** What must be at hand. */
public enum Kit {
  MINI_BAND("a mini band"),
  LONG_BAND("a long band"),
  ROLLER("a roller"),
  SUPPORT("something to hold on to"),
  STEP("a step"),
  ROPE("a skipping rope"),
  WRAP("an elastic strip"),
  HURDLES("low hurdles"),
  BIKE("the bike"),
  ROWER("the boat or rowing machine"),
  POOL("water to swim in");

  private final String words;

  Kit(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** What a sport is done on or in; runners need nothing. */
  public static Optional<Kit> apparatusOf(Sport sport) {
    return switch (sport) {
      case RUN -> Optional.empty();
      case RIDE -> Optional.of(BIKE);
      case ROW -> Optional.of(ROWER);
      case SWIM -> Optional.of(POOL);
    };
  }

  /** The thing the session itself is done on or in, rather than an aid. */
  public boolean isApparatus() {
    return this == BIKE || this == ROWER || this == POOL;
  }

  /** Whether one of it serves one person at a time. */
  public boolean isForOne() {
    return this == ROLLER || this == WRAP || this == LONG_BAND || this == STEP || this == ROPE;
  }

  /** Whether one brings it along, as it may not be there. */
  public boolean isCarried() {
    return this == MINI_BAND || this == LONG_BAND || this == ROLLER || this == ROPE || this == WRAP;
  }

  /** Whether it must be put on and taken off again. */
  public boolean isWorn() {
    return this == MINI_BAND;
  }
}
