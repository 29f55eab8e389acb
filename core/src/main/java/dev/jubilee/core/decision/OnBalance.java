package dev.jubilee.core.decision;

import dev.jubilee.core.decision.Decision.Add;
import dev.jubilee.core.decision.Decision.CarryOn;
import dev.jubilee.core.decision.Decision.Ground;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Skill;
import java.util.Optional;

/** Wobbly on one leg: once on the easier side of a balance drill, then easier landings. */
final class OnBalance implements DecisionRule {
  @Override
  public Optional<Decision> on(Mark mark, Situation situation) {
    if (mark.sign() != Sign.WOBBLY) {
      return Optional.empty();
    }
    Optional<Decision> added =
        situation.isAgain(mark)
            ? Optional.empty()
            : Places.serving(new Need.Rehearsal(Skill.BALANCE), situation)
                .map(
                    item ->
                        new Decision(
                            new Add(item),
                            Ground.UNSTEADY,
                            "Add " + item.name() + ", near something to hold on to.",
                            "Balance wakes quickly; a second look tells more (common practice)."));
    return added.or(
        () ->
            Optional.of(
                new Decision(
                    new CarryOn(),
                    Ground.UNSTEADY,
                    "Carry on with a hand on something; leave out hops on one leg.",
                    "Unsteady today: the easier version, nothing that lands on one leg (common"
                        + " practice).")));
  }
}
