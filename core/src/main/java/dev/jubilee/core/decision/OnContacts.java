package dev.jubilee.core.decision;

import dev.jubilee.core.approach.Approach.Changing;
import dev.jubilee.core.decision.Decision.CarryOn;
import dev.jubilee.core.decision.Decision.ChangeSession;
import dev.jubilee.core.decision.Decision.Ground;
import dev.jubilee.core.session.SessionKind;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** Heavy contacts: fewer of them; where the session is made of landings and it stays, another. */
final class OnContacts implements DecisionRule {
  private static final Set<SessionKind> OF_LANDINGS =
      EnumSet.of(SessionKind.JUMPS, SessionKind.HURDLES, SessionKind.STEEPLE);

  @Override
  public Optional<Decision> on(Mark mark, Situation situation) {
    if (mark.sign() != Sign.CONTACTS_HEAVY) {
      return Optional.empty();
    }
    Changing changing = situation.plan().request().approach().changing();
    boolean isLate = situation.checkpoint() == Checkpoint.LAST_EFFORT;
    boolean isClear =
        situation.isAgain(mark)
            && (isLate || changing == Changing.READILY)
            && changing != Changing.RARELY;
    if (isClear && OF_LANDINGS.contains(situation.session().kind())) {
      Optional<String> lower = LowerSession.of(situation);
      if (lower.isPresent()) {
        return lower.map(
            session ->
                new Decision(
                    new ChangeSession(session),
                    Ground.HEAVY_CONTACTS,
                    "The contacts stay heavy. Instead: " + session + ".",
                    "Landings that stay heavy are not trained on (common practice)."));
      }
    }
    return Optional.of(
        new Decision(
            new CarryOn(),
            Ground.HEAVY_CONTACTS,
            "Carry on with half the contacts, one rung lower, short and quiet.",
            "Heavy contacts: one step down the ladder (common practice)."));
  }
}
