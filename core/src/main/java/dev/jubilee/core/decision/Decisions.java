package dev.jubilee.core.decision;

import dev.jubilee.core.decision.Decision.CarryOn;
import dev.jubilee.core.decision.Decision.Ground;
import java.util.List;

/**
 * Decides while a warm-up runs.
 *
 * <p>Example: {@code Decisions.of(situation, List.of(Mark.of(Sign.GEAR_MISSING)))}.
 */
public final class Decisions {
  private static final List<DecisionRule> RULES =
      List.of(
          new OnAlarm(),
          new OnPain(),
          new OnCold(),
          new OnBreath(),
          new OnTightness(),
          new OnBalance(),
          new OnContacts(),
          new OnMissingGear());

  private Decisions() {}

  /** The gravest of what follows from each of the marks; to carry on where nothing does. */
  public static Decision of(Situation situation, List<Mark> marks) {
    return marks.stream()
        .map(mark -> on(mark, situation))
        .reduce(Decision::or)
        .orElseGet(Decisions::carryOn);
  }

  private static Decision on(Mark mark, Situation situation) {
    return RULES.stream()
        .flatMap(rule -> rule.on(mark, situation).stream())
        .reduce(Decision::or)
        .orElseGet(Decisions::carryOn);
  }

  private static Decision carryOn() {
    return new Decision(
        new CarryOn(),
        Ground.ALL_WELL,
        "Carry on.",
        "Not every session is changed: only when the warm-up says something clear (common"
            + " practice).");
  }
}
