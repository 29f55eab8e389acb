package dev.jubilee.core.decision;

import dev.jubilee.core.approach.Approach.Changing;
import dev.jubilee.core.circumstances.Freshness;
import dev.jubilee.core.decision.Decision.Add;
import dev.jubilee.core.decision.Decision.CarryOn;
import dev.jubilee.core.decision.Decision.ChangeSession;
import dev.jubilee.core.decision.Decision.Ground;
import dev.jubilee.core.decision.Decision.Repeat;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.PlanItem;
import java.util.List;
import java.util.Optional;

/** Flat, not sore: one build-up more, another round, and only then a lower session. */
final class OnMissingGear implements DecisionRule {
  private static final String WHY =
      "Flat, not sore: another build-up, then another round; if still flat, a lower session (common"
          + " practice).";

  @Override
  public Optional<Decision> on(Mark mark, Situation situation) {
    List<PlanItem> build = situation.plan().in(WarmUpPart.BUILD);
    if (mark.sign() != Sign.GEAR_MISSING || build.isEmpty()) {
      return Optional.empty();
    }
    if (gives(mark, situation)) {
      Optional<String> lower = LowerSession.of(situation);
      if (lower.isPresent()) {
        return lower.map(
            session ->
                new Decision(
                    new ChangeSession(session),
                    Ground.FLAT,
                    "The top gear is not there today. Instead: " + session + ".",
                    WHY));
      }
    }
    if (situation.isAgain(mark)) {
      return Optional.of(
          new Decision(
              new CarryOn(),
              Ground.FLAT,
              "Carry on; the first effort of the session tells.",
              "Your approach keeps to the plan unless something is wrong."));
    }
    return Optional.of(another(build, situation));
  }

  private static Decision another(List<PlanItem> build, Situation situation) {
    if (situation.checkpoint() == Checkpoint.LAST_EFFORT && build.size() > 1) {
      List<PlanItem> round = build.subList(build.size() - 2, build.size());
      return new Decision(
          new Repeat(round), Ground.FLAT, "Repeat the last two efforts, fully rested.", WHY);
    }
    PlanItem once = build.get(0);
    return new Decision(
        new Add(once), Ground.FLAT, "Add one more effort like the one just done.", WHY);
  }

  /** Whether it is said clearly enough for this coach. */
  private static boolean gives(Mark mark, Situation situation) {
    Changing changing = situation.plan().request().approach().changing();
    boolean isLast = situation.checkpoint() == Checkpoint.LAST_EFFORT;
    boolean isFresh = situation.plan().request().circumstances().freshness() == Freshness.FRESH;
    return switch (changing) {
      case RARELY -> false;
      case ON_CLEAR_SIGNS -> isLast && (situation.isAgain(mark) || !isFresh);
      case READILY -> isLast || !isFresh;
    };
  }
}
