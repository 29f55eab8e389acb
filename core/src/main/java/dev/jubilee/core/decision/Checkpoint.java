package dev.jubilee.core.decision;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.List;
import java.util.Optional;

/** When a coach looks and decides, in the order of a warm-up. */
public enum Checkpoint {
  RAISE_DONE("raise done"),
  RANGE_DONE("range done"),
  FIRST_FAST("first fast effort"),
  LAST_EFFORT("last effort");

  private final String words;

  Checkpoint(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it is before the first graded effort. */
  public boolean isBeforeEfforts() {
    return compareTo(FIRST_FAST) < 0;
  }

  /**
   * The item at whose end one looks; empty where the plan has none such. With a single effort one
   * looks after it as after the last.
   */
  public Optional<PlanItem> itemIn(Plan plan) {
    return switch (this) {
      case RAISE_DONE -> last(plan.in(WarmUpPart.RAISE));
      case RANGE_DONE -> last(plan.in(WarmUpPart.MOBILISE));
      case FIRST_FAST ->
          plan.in(WarmUpPart.BUILD).stream()
              .limit(1)
              .filter(i -> plan.in(WarmUpPart.BUILD).size() > 1)
              .findFirst();
      case LAST_EFFORT -> last(plan.in(WarmUpPart.BUILD));
    };
  }

  private static Optional<PlanItem> last(List<PlanItem> items) {
    return items.isEmpty() ? Optional.empty() : Optional.of(items.get(items.size() - 1));
  }
}
