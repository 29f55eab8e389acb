package dev.jubilee.core.decision;

import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.decision.Decision.Add;
import dev.jubilee.core.decision.Decision.CarryOn;
import dev.jubilee.core.decision.Decision.Ground;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.PlanItem;
import java.util.List;
import java.util.Optional;

/**
 * Out of breath, as one may be: easier after the raise, a pause after the last effort. Unusual
 * breathlessness is an alarm.
 */
final class OnBreath implements DecisionRule {
  private static final int PAUSE_SECONDS = 120;

  @Override
  public Optional<Decision> on(Mark mark, Situation situation) {
    if (mark.sign() != Sign.BREATHING_HARD) {
      return Optional.empty();
    }
    boolean hasAsthma = situation.athlete().health().contains(HealthCondition.ASTHMA);
    boolean settles = situation.checkpoint() == Checkpoint.RAISE_DONE || hasAsthma;
    List<PlanItem> raise = situation.plan().in(WarmUpPart.RAISE);
    if (!settles || raise.isEmpty() || situation.isAgain(mark)) {
      return Optional.of(
          new Decision(
              new CarryOn(),
              Ground.OUT_OF_BREATH,
              "Carry on once the breath is quiet; the next recovery as long as that takes.",
              "Breathing hard after an effort is what efforts are for (common practice)."));
    }
    return Places.shortened(raise.get(0), PAUSE_SECONDS, situation)
        .filter(item -> item.block() == WarmUpPart.RAISE)
        .map(
            item ->
                new Decision(
                    new Add(item),
                    Ground.OUT_OF_BREATH,
                    "Add " + Places.minutes(item) + " of " + item.name() + ", easier than before.",
                    hasAsthma
                        ? "With asthma the easy work is longer; own medicine as prescribed. If it"
                            + " tightens, stop (common practice)."
                        : "The raise warms; it does not tire (common practice)."));
  }
}
