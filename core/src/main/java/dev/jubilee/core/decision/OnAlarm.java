package dev.jubilee.core.decision;

import dev.jubilee.core.decision.Decision.Ground;
import dev.jubilee.core.decision.Decision.Stop;
import java.util.Optional;

/** Red flags end the session, whatever else was seen. */
final class OnAlarm implements DecisionRule {
  @Override
  public Optional<Decision> on(Mark mark, Situation situation) {
    if (!mark.sign().isAlarm()) {
      return Optional.empty();
    }
    String what =
        switch (mark.sign()) {
          case CHEST_PAIN, BREATHLESS ->
              "Stop. Sit down and call for medical help now; do not leave them alone.";
          case DIZZY ->
              "Stop. Sit or lie down, do not be alone, and get professional help; call for medical"
                  + " help if it does not pass at once.";
          case HEAD_KNOCK ->
              "Stop. No session today after a knock to the head; a licensed clinician decides.";
          default -> "Stop. Nothing more today; a licensed clinician should see it.";
        };
    return Optional.of(
        new Decision(
            new Stop(),
            Ground.ALARM,
            what,
            "Sharp pain, chest pain, dizziness, unusual breathlessness or a knock to the head: stop"
                + " and get professional help (common practice)."));
  }
}
