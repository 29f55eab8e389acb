package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.plan.Recovery;
import java.util.ArrayList;
import java.util.List;

/** Strides on a treadmill: so long at such a speed and gradient, then the belt is slowed down. */
final class TreadmillBuild implements BuildForm {
  /** What is run before sprints and before all else, s; common practice. */
  private static final int SPRINT = 8;

  private static final int STRIDE = 20;
  private static final int BRIEF = 15;

  /** For slowing the belt down and setting it again, s; common practice. */
  private static final int LEAST_REST = 45;

  /** Rest for each second near full speed, s: a minute for each 10 m at 7 m/s; common practice. */
  private static final int REST_A_SECOND = 15;

  /** From this gradient on it is a climb for calves and Achilles, %; common practice. */
  private static final int STEEP = 4;

  private final BuildContext context;

  TreadmillBuild(BuildContext context) {
    this.context = context;
  }

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    double top = context.top();
    double first = FirstStep.share(context, top, count);
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Treadmill belt = belt(top * EvenSteps.between(first, 1, i, count));
      Role role = belt.gradient() >= STEEP ? Role.TREADMILL_CLIMB : Role.TREADMILL_STRIDE;
      efforts.add(
          context.onTreadmill(belt, role, new Dose.Timed(seconds(brief), 1), recovery(brief)));
    }
    return efforts;
  }

  /**
   * Who may not climb, with sore calves, stays near the flat; the effort is what can be run there.
   */
  private Treadmill belt(double flat) {
    double surest = context.anchors().surest();
    int gradient = context.request().circumstances().conditions().gradient();
    return context.allows(Role.TREADMILL_CLIMB)
        ? Treadmill.of(flat, gradient, surest)
        : Treadmill.of(Math.min(flat, Math.min(Treadmill.FASTEST, surest)), 0, surest);
  }

  private int seconds(boolean brief) {
    if (context.isTimed()) {
      return Math.max(SPRINT, context.demand().effortSeconds());
    }
    return context.isSprint() ? SPRINT : brief ? BRIEF : STRIDE;
  }

  private Recovery recovery(boolean brief) {
    int rest = context.isTimed() ? context.rest(brief) : 0;
    int full = context.isSprint() ? REST_A_SECOND * seconds(brief) / (brief ? 2 : 1) : 0;
    return new Recovery(
        EvenSteps.toFive(Math.max(LEAST_REST, Math.max(rest, full))), Recovery.Doing.WALK_ON);
  }
}
