package dev.jubilee.core.plan;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.WarmUpPart;
import java.util.EnumSet;
import java.util.Set;

/**
 * What the body and the kit must be like for a drill. Getting from one to another costs seconds
 * that no one counts: common practice says that they cost, the seconds are a Jubilee modelling
 * choice. A way round by a third is never shorter; the start comes last, and no way leads on from
 * it.
 *
 * @param posture where the body is
 * @param worn kit that is put on and taken off
 * @param fetched kit that is picked up; putting it down costs nothing
 */
public record SetUp(Posture posture, Set<Kit> worn, Set<Kit> fetched) {
  private static final int DOWN_OR_UP = 6;
  private static final int BAND = 8;
  private static final int FETCH = 5;
  private static final int TO_MACHINE = 25;
  private static final int TO_WATER = 40;
  private static final int OFF_APPARATUS = 20;

  /** Upright with empty hands, as one arrives. */
  public static final SetUp ARRIVING = new SetUp(Posture.UPRIGHT, Set.of(), Set.of());

  public enum Posture {
    UPRIGHT,
    FLOOR,
    MACHINE,
    WATER,
    /** Ready for the start, on whatever it is made from. */
    AT_THE_START;

    private boolean isApparatus() {
      return this == MACHINE || this == WATER;
    }
  }

  public static SetUp of(Drill drill) {
    Set<Kit> worn = EnumSet.noneOf(Kit.class);
    Set<Kit> fetched = EnumSet.noneOf(Kit.class);
    for (Kit kit : drill.kit()) {
      if (kit.isWorn()) {
        worn.add(kit);
      } else if (!kit.isApparatus() && kit != Kit.SUPPORT) {
        fetched.add(kit);
      }
    }
    return new SetUp(posture(drill), worn, fetched);
  }

  private static Posture posture(Drill drill) {
    return switch (drill.block()) {
      case TRANSITION -> Posture.AT_THE_START;
      default ->
          switch (drill.position()) {
            case FLOOR -> Posture.FLOOR;
            case MACHINE -> Posture.MACHINE;
            case WATER -> Posture.WATER;
            // Whoever sits sits for all of it.
            case STANDING, TRAVELLING, WALL, DECK, SEATED -> Posture.UPRIGHT;
          };
    };
  }

  /**
   * Whether it is done on or in what one stays on until the start. Runners get off a treadmill for
   * the drills, and on again for the build.
   */
  public static boolean onApparatus(Drill drill) {
    boolean isJogged = drill.block() == WarmUpPart.RAISE && drill.kit().contains(Kit.TREADMILL);
    return !isJogged
        && (drill.position() == Position.MACHINE || drill.position() == Position.WATER);
  }

  /** Seconds from this set-up to another. */
  public int secondsTo(SetUp next) {
    int seconds = 0;
    if (posture != next.posture) {
      boolean stays = next.posture == Posture.AT_THE_START;
      seconds += posture == Posture.FLOOR || next.posture == Posture.FLOOR ? DOWN_OR_UP : 0;
      seconds += posture.isApparatus() && !stays ? OFF_APPARATUS : 0;
      seconds += next.posture == Posture.MACHINE ? TO_MACHINE : 0;
      seconds += next.posture == Posture.WATER ? TO_WATER : 0;
    }
    seconds += BAND * (notIn(worn, next.worn) + notIn(next.worn, worn));
    seconds += FETCH * notIn(fetched, next.fetched);
    return seconds;
  }

  /** How many of the second are not among the first. */
  private static int notIn(Set<Kit> first, Set<Kit> second) {
    int missing = 0;
    for (Kit kit : second) {
      missing += first.contains(kit) ? 0 : 1;
    }
    return missing;
  }

  /** What an athlete is told while it happens; empty when it is only the next drill. */
  String noteTo(SetUp next) {
    if (!next.worn.containsAll(worn)) {
      return "band off";
    } else if (!worn.containsAll(next.worn)) {
      return "band on";
    } else if (posture == next.posture) {
      return "";
    }
    return switch (next.posture) {
      case WATER -> "into the water";
      case MACHINE -> "on to the machine";
      case FLOOR -> "down to the floor";
      case UPRIGHT ->
          switch (posture) {
            case WATER -> "out of the water";
            case MACHINE -> "off the machine";
            case FLOOR -> "up from the floor";
            case UPRIGHT, AT_THE_START -> "";
          };
      case AT_THE_START -> posture == Posture.FLOOR ? "up from the floor" : "";
    };
  }
}
