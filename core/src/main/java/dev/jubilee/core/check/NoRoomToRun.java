package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.Session;
import java.util.List;

/** No straight for build-ups, or one too short to hold the session's pace on. */
final class NoRoomToRun extends Check {
  NoRoomToRun() {
    super(FindingCode.NO_ROOM_TO_RUN);
  }

  /** The shortest lane before a wall in which a pace can be held, m; common practice. */
  private static final int HOLDS_PACE = 40;

  private static boolean canHoldPace(Circumstances c) {
    if (c.hasTreadmill()) {
      return true;
    }
    int least = c.place().isOutdoors() ? Circumstances.LEAST_LANE : HOLDS_PACE;
    return c.lane().metres() >= least;
  }

  private static String lane(Circumstances c) {
    return Math.round(c.lane().metres()) + " m in " + c.place().words();
  }

  @Override
  List<Finding> examine(Plan plan) {
    Session session = plan.request().session();
    Circumstances circumstances = plan.request().circumstances();
    if (Kit.apparatusOf(session.sport()).isPresent()
        || session.kind().isOnLand()
        || !isHard(plan)
        // Do not send them back out into weather that has just been ruled out.
        || circumstances.movedFrom().isPresent()
        || circumstances.isAnywhere(NoRoomToRun::canHoldPace)) {
      return List.of();
    }
    if (circumstances.isAnywhere(c -> c.lane().metres() >= Circumstances.LEAST_LANE)) {
      return List.of(
          finding(
              "Too short for session pace: " + lane(circumstances) + ".",
              "It is touched, not held, as one slows down before the wall. Add two or three"
                  + " build-ups outside, or begin the session gently."));
    }
    return List.of(
        finding(
            "There is no room to run in " + circumstances.place().words() + ".",
            "Add two or three build-ups outside before the first effort."));
  }
}
