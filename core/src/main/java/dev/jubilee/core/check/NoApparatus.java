package dev.jubilee.core.check;

import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.Session;
import java.util.List;
import java.util.Optional;

/** No bike, boat or pool to warm up on. */
final class NoApparatus extends Check {
  NoApparatus() {
    super(FindingCode.NO_APPARATUS);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Session session = plan.request().session();
    Optional<Kit> apparatus = Kit.apparatusOf(session.sport());
    if (apparatus.isEmpty()
        || session.kind().isOnLand()
        || !isHard(plan)
        || plan.request().circumstances().isAnywhere(c -> c.kit().contains(apparatus.get()))) {
      return List.of();
    }
    return List.of(
        finding(
            "Without " + apparatus.get().words() + " the warm-up stays general.",
            "Build up over the first minutes of the session instead of starting at full"
                + " effort."));
  }
}
