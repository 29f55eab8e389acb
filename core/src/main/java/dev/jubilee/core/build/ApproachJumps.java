package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Recovery;
import java.util.ArrayList;
import java.util.List;

/**
 * Jumps from an approach, three at each height, fewer where few contacts are tolerated; common
 * practice.
 */
final class ApproachJumps implements BuildForm {
  private static final double LOWEST = 0.6;

  /** Twelve jumps in all; more would leave no contacts for the drills. */
  private static final int MOST = 4;

  /** However few there are, the first is no leap from a jog; common practice. */
  private static final double HIGHEST_FIRST = 0.75;

  /** One alone leads up to nothing. */
  private static final int FEWEST = 2;

  private static final int MOST_AT_A_HEIGHT = 3;

  /** With fewer heights there are fewer jumps at each: it is the climb that matters. */
  private static final int HEIGHTS = 3;

  private static final Recovery WALK_BACK = new Recovery(40, Recovery.Doing.WALK_BACK);

  /** Of the contacts; the others are for drills. */
  private static final double SHARE = 0.6;

  private final BuildContext context;

  ApproachJumps(BuildContext context) {
    this.context = context;
  }

  /** As many as the contacts that are tolerated allow, and no more than are of use. */
  static int most(BuildContext context) {
    int most = Math.min(MOST, jumps(context) / atAHeight(context));
    return most < FEWEST ? 0 : most;
  }

  /** All jumps that are tolerated here, of any height. */
  private static int jumps(BuildContext context) {
    int contacts =
        context.library().find(Role.APPROACH_JUMP).map(d -> d.contactsIn(reps(1))).orElse(0);
    return contacts == 0 ? 0 : (int) (SHARE * context.demand().contacts() / contacts);
  }

  private static int atAHeight(BuildContext context) {
    return Math.max(1, Math.min(MOST_AT_A_HEIGHT, jumps(context) / HEIGHTS));
  }

  private static Dose reps(int count) {
    return new Dose.Reps(count, 1, 1, 5);
  }

  @Override
  public List<GradedEffort> efforts(int wanted, boolean brief) {
    int count = Math.min(most(context), wanted);
    double reached = EvenSteps.reached(100 * HIGHEST_FIRST, count);
    double highest = Math.min(reached, context.demand().buildTop().points()) / 100;
    double even = EvenSteps.lowest(Math.min(LOWEST, highest), highest, count, s -> 100 * s);
    double lowest = Math.min(even, HIGHEST_FIRST);
    Dose dose = reps(atAHeight(context));
    List<GradedEffort> jumps = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double share = EvenSteps.between(lowest, highest, i, count);
      Target target = Target.ofTop((int) Math.round(100 * share), Effort.of(100 * share));
      jumps.add(new GradedEffort(Role.APPROACH_JUMP, dose, target, WALK_BACK));
    }
    return jumps;
  }
}
