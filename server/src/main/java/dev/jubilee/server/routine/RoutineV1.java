package dev.jubilee.server.routine;

import dev.jubilee.core.edit.Routine;
import java.util.List;

/**
 * A routine as it is stored.
 *
 * @param entries drills in order
 */
record RoutineV1(List<EntryV1> entries) {

  /** A drill and how much of it, in its own unit. */
  record EntryV1(String drillId, int amount) {}

  static RoutineV1 of(Routine routine) {
    return new RoutineV1(
        routine.entries().stream().map(e -> new EntryV1(e.drillId(), e.amount())).toList());
  }

  Routine toCore() {
    return new Routine(
        entries.stream().map(e -> new Routine.Entry(e.drillId(), e.amount())).toList());
  }
}
