package dev.jubilee.core.decision;

import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.decision.Decision.CarryOn;
import dev.jubilee.core.decision.Decision.ChangeSession;
import dev.jubilee.core.decision.Decision.Ground;
import dev.jubilee.core.decision.Decision.Stop;
import dev.jubilee.core.sport.BodyRegion;
import java.util.Optional;

/**
 * Pain by how much of 10, and whether it rises with speed or since it was asked before. The idea of
 * a line is the pain-monitoring model's (Thomeé 1997; Silbernagel et al. 2007; from memory), the
 * lines are common practice.
 */
final class OnPain implements DecisionRule {
  /** Up to here it is watched. */
  private static final int NIGGLE = 2;

  /** Above this nothing is done with it. */
  private static final int TOLERABLE = 5;

  @Override
  public Optional<Decision> on(Mark mark, Situation situation) {
    if (mark.sign() != Sign.PAIN) {
      return Optional.empty();
    }
    if (mark.pain() > TOLERABLE) {
      return Optional.of(
          new Decision(
              new Stop(),
              Ground.TOO_MUCH_PAIN,
              "Stop. Nothing more today; a licensed clinician should see it.",
              "Above 5 of 10 nothing is done with it (common practice)."));
    }
    boolean rises = mark.onlyFast() || situation.hasRisen(mark);
    if (mark.pain() <= NIGGLE && !rises) {
      return Optional.of(niggle(mark, situation));
    }
    return Optional.of(rises ? rising(mark, situation) : painful(mark, situation));
  }

  private static Decision niggle(Mark mark, Situation situation) {
    Optional<Decision> eased =
        situation.checkpoint().isBeforeEfforts()
            ? Places.easing(mark, Severity.SORE, situation)
                .map(
                    item ->
                        new Decision(
                            new Decision.Add(item),
                            Ground.NIGGLE,
                            "Add " + item.name() + ", gently, and look again after it.",
                            "Up to 2 of 10: treated as sore, moved gently, looked at again (common"
                                + " practice)."))
            : Optional.empty();
    return eased.orElseGet(
        () ->
            new Decision(
                new CarryOn(),
                Ground.NIGGLE,
                "Carry on, and look again after the next effort; nothing faster if it grows.",
                "Up to 2 of 10 that does not rise (common practice)."));
  }

  private static Decision painful(Mark mark, Situation situation) {
    return elsewhere(
        mark,
        situation,
        Ground.PAIN,
        "From 3 of 10 what hurts is not loaded: another session, or none (common practice).");
  }

  private static Decision rising(Mark mark, Situation situation) {
    BodyRegion region = mark.region().orElseThrow();
    String why =
        "Pain that rises with speed or from one look to the next: stop building, and do something"
            + " that does not load it, or stop (common practice).";
    // What hurts a little and only at speed bears easy work, where it bears it at all.
    boolean isMild = mark.pain() <= NIGGLE && mark.onlyFast() && situation.isLoaded(region);
    return isMild
        ? LowerSession.easy(situation)
            .map(
                session ->
                    new Decision(
                        new ChangeSession(session),
                        Ground.PAIN_RISES,
                        "Stop building. Instead: "
                            + session
                            + ", below the speed at which it hurts.",
                        why))
            .orElseGet(() -> elsewhere(mark, situation, Ground.PAIN_RISES, why))
        : elsewhere(mark, situation, Ground.PAIN_RISES, why);
  }

  private static Decision elsewhere(Mark mark, Situation situation, Ground ground, String why) {
    return LowerSession.sparing(mark, situation)
        .map(
            session ->
                new Decision(
                    new ChangeSession(session),
                    ground,
                    "Stop building. Instead: " + session + ", if it stays without pain.",
                    why))
        .orElseGet(
            () ->
                new Decision(
                    new Stop(), ground, "Stop. No session here leaves it alone: rest today.", why));
  }
}
