package dev.jubilee.core.check;

import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Few minutes before hard work. */
final class ShortForHard extends Check {
  /** Hard sessions deserve at least this, s; common practice: less is "still worth doing". */
  static final int SHORT = 12 * 60;

  /** Minutes to ask for instead; Jubilee modelling choice. */
  private static final int WORTH_IT = 20;

  ShortForHard() {
    super(FindingCode.SHORT_FOR_HARD);
  }

  @Override
  List<Finding> examine(Plan plan) {
    if (!isHard(plan) || plan.availableSeconds() >= SHORT) {
      return List.of();
    }
    return List.of(
        finding(
                plan.request().circumstances().minutes()
                    + " min is little before "
                    + plan.request().session().kind().words()
                    + ".",
                "Treat the first efforts as part of the warm-up and build into them.")
            .with(Remedy.minutes("Allow " + WORTH_IT + " min", plan, WORTH_IT)));
  }
}
