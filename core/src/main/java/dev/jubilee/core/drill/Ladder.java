package dev.jubilee.core.drill;

import java.util.List;

/**
 * Versions of one movement from the easiest to the hardest; an athlete moves one rung at a time.
 *
 * @param id key
 * @param rungs easiest first, at least two; versions that share a rung number stand side by side
 */
public record Ladder(String id, List<Drill> rungs) {
  public Ladder {
    rungs = List.copyOf(rungs);
  }

  public int top() {
    return rungs.get(rungs.size() - 1).rung().orElseThrow().step();
  }
}
