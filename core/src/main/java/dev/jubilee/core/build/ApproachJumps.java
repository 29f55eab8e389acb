package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Recovery;
import java.util.ArrayList;
import java.util.List;

/** Jumps from an approach, three at each height; common practice. */
final class ApproachJumps implements BuildForm {
  private static final double LOWEST = 0.6;

  /** Twelve jumps in all; more would leave no contacts for the drills. */
  private static final int MOST = 4;

  /** However few there are, the first is no leap from a jog; common practice. */
  private static final double HIGHEST_FIRST = 0.78;

  private static final Dose THREE = new Dose.Reps(3, 1, 1, 5);
  private static final Recovery WALK_BACK = new Recovery(40, Recovery.Doing.WALK_BACK);

  /** Of the contacts; the others are for drills. */
  private static final double SHARE = 0.6;

  private final BuildContext context;

  ApproachJumps(BuildContext context) {
    this.context = context;
  }

  /** As many as the contacts that are tolerated allow, and no more than are of use. */
  static int most(BuildContext context) {
    int contacts =
        context.library().find(Role.APPROACH_JUMP).map(d -> d.contactsIn(THREE)).orElse(0);
    int tolerated = context.demand().contacts();
    if (contacts == 0 || tolerated < contacts) {
      return 0;
    }
    return (int) Math.max(1, Math.min(MOST, SHARE * tolerated / contacts));
  }

  @Override
  public List<GradedEffort> efforts(int wanted, boolean brief) {
    int count = Math.min(most(context), wanted);
    double highest = context.demand().buildTop().points() / 100;
    double even = EvenSteps.lowest(Math.min(LOWEST, highest), highest, count, s -> 100 * s);
    double lowest = Math.min(even, HIGHEST_FIRST);
    List<GradedEffort> jumps = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double share = EvenSteps.between(lowest, highest, i, count);
      Target target = Target.ofTop((int) Math.round(100 * share), Effort.of(100 * share));
      jumps.add(new GradedEffort(Role.APPROACH_JUMP, THREE, target, WALK_BACK));
    }
    return jumps;
  }
}
