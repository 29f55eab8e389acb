package dev.jubilee.core.plan;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import java.util.Optional;

/**
 * What a coach may turn a dose to, in the unit of its amount.
 *
 * @param least 1 or more
 * @param most not below {@code least}
 */
public record DoseRange(int least, int most) {
  /** A graded effort over a distance, m; common practice. */
  private static final DoseRange EFFORT_METRES = new DoseRange(10, 400);

  /** Of a drill that has left the library since. */
  private static final DoseRange UNKNOWN = new DoseRange(1, 1800);

  /** What the drill says; an effort over a distance has limits of its own. */
  public static DoseRange of(Dose dose, Optional<Drill> drill) {
    return dose instanceof Dose.Over
        ? EFFORT_METRES
        : drill.map(d -> new DoseRange(d.least(), d.most())).orElse(UNKNOWN);
  }

  public boolean holds(int amount) {
    return amount >= least && amount <= most;
  }

  /** Wide enough for what is prescribed already. */
  public DoseRange including(int amount) {
    return new DoseRange(Math.min(least, amount), Math.max(most, amount));
  }
}
