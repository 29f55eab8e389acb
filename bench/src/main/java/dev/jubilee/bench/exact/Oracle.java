package dev.jubilee.bench.exact;

import dev.jubilee.core.selection.Menu;

/** An exact solver that knows nothing of ours. */
public interface Oracle {
  /** Points of the best choice, proven by the solver. */
  long bestPoints(Menu menu);
}
