package dev.jubilee.core.check;

import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Few minutes before hard work. */
final class ShortForHard extends Check {
  /** Minutes that would be enough; Jubilee modelling choice. */
  private static final int WORTH_IT = 20;

  ShortForHard() {
    super(FindingCode.SHORT_FOR_HARD);
  }

  @Override
  List<Finding> examine(Plan plan) {
    if (!isHard(plan) || isRehearsed(plan) || plan.secondsBeforeWait() >= Demand.ROOM_FOR_A_RAISE) {
      return List.of();
    }
    return List.of(
        finding(
            plan.secondsBeforeWait() / 60
                + " min is little before "
                + plan.request().session().kind().words()
                + ".",
            "Treat the first efforts as part of the warm-up and build into them; with "
                + WORTH_IT
                + " min it could be prepared."));
  }
}
