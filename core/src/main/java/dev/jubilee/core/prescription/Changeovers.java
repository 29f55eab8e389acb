package dev.jubilee.core.prescription;

import dev.jubilee.core.drill.Block;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * The time between drills that no one counts: hearing what comes, getting down and up, fetching and
 * fitting kit, walking to the machine or the water. Common practice says that they cost; the
 * seconds are a Jubilee modelling choice.
 */
final class Changeovers {
  private static final int NEXT = 5;
  static final int DOWN_OR_UP = 6;
  private static final int BAND = 8;
  private static final int FETCH = 5;
  private static final int TO_MACHINE = 25;
  private static final int TO_WATER = 40;
  private static final int OFF_APPARATUS = 20;

  private Changeovers() {}

  /** A changeover: how long and what for. */
  record Change(int seconds, String note) {}

  /** From one drill to the next; {@code before} is null at the beginning. */
  static Change between(Drill before, Drill after) {
    if (before == null) {
      return new Change(setUp(after), "get ready");
    }
    if (before.id().equals(after.id()) || (isGraded(before) && isGraded(after))) {
      return new Change(0, "");
    }
    boolean leaves = onApparatus(before) && !onApparatus(after);
    boolean enters = !onApparatus(before) && onApparatus(after);
    if (onApparatus(before) && onApparatus(after)) {
      return after.block() == Block.BUILD
          ? new Change(0, "")
          : new Change(NEXT, "next: " + after.name());
    }
    int seconds = NEXT;
    String note = "next: " + after.name();
    if (after.block() == Block.TRANSITION) {
      return new Change(0, "");
    }
    if (enters) {
      seconds += after.position() == Position.WATER ? TO_WATER : TO_MACHINE;
      note = after.position() == Position.WATER ? "into the water" : "on to the machine";
    } else if (leaves) {
      seconds += OFF_APPARATUS;
      note = before.position() == Position.WATER ? "out of the water" : "off the machine";
    } else if ((before.position() == Position.FLOOR) != (after.position() == Position.FLOOR)) {
      seconds += DOWN_OR_UP;
      note = after.position() == Position.FLOOR ? "down to the floor" : "up from the floor";
    }
    Set<Kit> fresh = EnumSet.noneOf(Kit.class);
    fresh.addAll(after.kit());
    fresh.removeAll(before.kit());
    for (Kit kit : fresh) {
      if (kit.isWorn()) {
        seconds += BAND;
        note = "band on";
      } else if (!kit.isApparatus() && kit != Kit.SUPPORT) {
        seconds += FETCH;
      }
    }
    if (before.kit().stream().anyMatch(Kit::isWorn) && !after.kit().containsAll(before.kit())) {
      seconds += BAND;
      note = "band off";
    }
    return new Change(seconds, note);
  }

  /** The items with the time between them as it follows from their order. */
  static List<PlanItem> timed(DrillLibrary library, List<PlanItem> items) {
    List<PlanItem> timed = new ArrayList<>();
    Drill before = null;
    for (PlanItem item : items) {
      Drill drill = library.find(item.drillId()).orElse(before);
      if (drill == null) {
        timed.add(item);
        continue;
      }
      Change change = between(before, drill);
      timed.add(item.withChange(change.seconds(), change.note()));
      before = drill;
    }
    return timed;
  }

  private static int setUp(Drill first) {
    return first.kit().stream().anyMatch(k -> k.isApparatus() || k.isWorn()) ? 2 * NEXT : NEXT;
  }

  static boolean onApparatus(Drill drill) {
    return drill.position() == Position.MACHINE || drill.position() == Position.WATER;
  }

  private static boolean isGraded(Drill drill) {
    return drill.block() == Block.BUILD;
  }
}
