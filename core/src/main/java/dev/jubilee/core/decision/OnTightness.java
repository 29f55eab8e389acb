package dev.jubilee.core.decision;

import dev.jubilee.core.approach.Approach.Changing;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.decision.Decision.Add;
import dev.jubilee.core.decision.Decision.CarryOn;
import dev.jubilee.core.decision.Decision.ChangeSession;
import dev.jubilee.core.decision.Decision.Ground;
import java.util.Optional;

/** A tight place gets one targeted drill and a second look; if it stays, the session gives way. */
final class OnTightness implements DecisionRule {
  @Override
  public Optional<Decision> on(Mark mark, Situation situation) {
    if (mark.sign() != Sign.TIGHT) {
      return Optional.empty();
    }
    if (situation.isAgain(mark)) {
      return Optional.of(stillTight(mark, situation));
    }
    return Places.easing(mark, Severity.STIFF, situation)
        .map(
            item ->
                new Decision(
                    new Add(item),
                    Ground.TIGHT,
                    "Add " + item.name() + ", then look again.",
                    "A tight place: one targeted drill, then a second look (common practice)."));
  }

  private static Decision stillTight(Mark mark, Situation situation) {
    boolean isFastWork =
        situation.session().kind().isAllOut() && situation.isLoaded(mark.region().orElseThrow());
    boolean gives =
        isFastWork
            && !situation.checkpoint().isBeforeEfforts()
            && situation.plan().request().approach().changing() != Changing.RARELY;
    Optional<String> lower = gives ? LowerSession.of(situation) : Optional.empty();
    return lower
        .map(
            session ->
                new Decision(
                    new ChangeSession(session),
                    Ground.STILL_TIGHT,
                    "It stays tight. Instead: " + session + ".",
                    "What stays tight at speed is not sprinted on (common practice)."))
        .orElseGet(
            () ->
                new Decision(
                    new CarryOn(),
                    Ground.STILL_TIGHT,
                    "Carry on, no faster than it stays comfortable.",
                    "It was worked on already; more of it only takes time (common practice)."));
  }
}
