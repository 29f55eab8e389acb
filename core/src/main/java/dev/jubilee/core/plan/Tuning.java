package dev.jubilee.core.plan;

import dev.jubilee.core.demand.Demand;
import java.util.ArrayList;
import java.util.List;

/**
 * How far a plan goes from the usual lengths so that the athlete is warm and fresh at the start.
 *
 * @param raise s more of raise
 * @param transition s more between build and start; below 0 for less
 * @param topUp s more of easy movement in a long wait
 */
public record Tuning(int raise, int transition, int topUp) {
  public static final Tuning NONE = new Tuning(0, 0, 0);

  private static final int MINUTE = 60;

  /** The demand with the lengths changed, and why. */
  public Demand applyTo(Demand demand) {
    if (equals(NONE)) {
      return demand;
    }
    List<String> why = new ArrayList<>(demand.why());
    why.add(words());
    return demand.with(demand.raiseSeconds() + raise, demand.transitionSeconds() + transition, why);
  }

  /** With half as much more of raise, in whole minutes. */
  public Tuning withHalfTheRaise() {
    return new Tuning(raise / 2 / MINUTE * MINUTE, transition, topUp);
  }

  private String words() {
    List<String> changes = new ArrayList<>();
    if (raise > 0) {
      // How much longer, the minutes there are decide.
      changes.add("a longer raise");
    }
    if (transition < 0) {
      changes.add(minutes(-transition) + " less of settling");
    }
    if (topUp > 0) {
      changes.add(minutes(topUp) + " more of moving in the wait");
    }
    if (transition > 0) {
      changes.add(minutes(transition) + " more before the start");
    }
    return (transition > 0 ? "To be fresh at the start: " : "To be warm at the start: ")
        + String.join(", ", changes)
        + ".";
  }

  private static String minutes(int seconds) {
    return seconds % 60 == 0 ? seconds / 60 + " min" : seconds + " s";
  }
}
