package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import java.util.List;

/** No straight for build-ups. */
final class NoRoomToRun extends Check {
  NoRoomToRun() {
    super(FindingCode.NO_ROOM_TO_RUN);
  }

  @Override
  List<Finding> examine(Plan plan) {
    Session session = plan.request().session();
    Circumstances circumstances = plan.request().circumstances();
    if (Kit.apparatusOf(session.sport()).isPresent()
        || session.kind() == SessionKind.GYM
        || !isHard(plan)
        || circumstances.isAnywhere(c -> c.lane().metres() >= Circumstances.LEAST_LANE)) {
      return List.of();
    }
    return List.of(
        finding(
            "There is no room to run in " + circumstances.place().words() + ".",
            "Add two or three build-ups outside before the first effort."));
  }
}
