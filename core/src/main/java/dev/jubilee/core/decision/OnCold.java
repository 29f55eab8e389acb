package dev.jubilee.core.decision;

import dev.jubilee.core.decision.Decision.Add;
import dev.jubilee.core.decision.Decision.Ground;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.PlanItem;
import java.util.List;
import java.util.Optional;

/** No light sweat yet: the raise is not done, whatever the watch says. */
final class OnCold implements DecisionRule {
  /** Of the raise once more; common practice. */
  private static final int MORE_SECONDS = 120;

  @Override
  public Optional<Decision> on(Mark mark, Situation situation) {
    if (mark.sign() != Sign.NO_SWEAT || situation.isAgain(mark)) {
      return Optional.empty();
    }
    List<PlanItem> raise = situation.plan().in(WarmUpPart.RAISE);
    if (raise.isEmpty()) {
      return Optional.empty();
    }
    PlanItem last = raise.get(raise.size() - 1);
    return Places.shortened(last, MORE_SECONDS, situation)
        .map(
            item ->
                new Decision(
                    new Add(item),
                    Ground.STILL_COLD,
                    "Add " + Places.minutes(item) + " of " + item.name() + "; layers stay on.",
                    "The raise is done when there is a light sweat (common practice)."));
  }
}
