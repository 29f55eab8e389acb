package dev.jubilee.core.drill;

import dev.jubilee.core.sport.Sport;
import java.util.Arrays;
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
  TREADMILL("a treadmill"),
  BIKE("the bike", Sport.RIDE),
  ROWER("the boat or rowing machine", Sport.ROW),
  POOL("water to swim in", Sport.SWIM);

  private final String words;
  private final Optional<Sport> sport;

  Kit(String words) {
    this.words = words;
    this.sport = Optional.empty();
  }

  Kit(String words, Sport sport) {
    this.words = words;
    this.sport = Optional.of(sport);
  }

  public String words() {
    return words;
  }

  /** What a sport is done on or in; runners need nothing. */
  public static Optional<Kit> apparatusOf(Sport sport) {
    return Arrays.stream(values()).filter(kit -> kit.sport.equals(Optional.of(sport))).findFirst();
  }

  /** The thing the session itself is done on or in, rather than an aid. */
  public boolean isApparatus() {
    return sport.isPresent() || this == TREADMILL;
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
