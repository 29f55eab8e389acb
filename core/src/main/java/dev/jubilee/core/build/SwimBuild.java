package dev.jubilee.core.build;

import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.SessionKind;
import java.util.ArrayList;
import java.util.List;

/** Lengths that build, then some at the pace of the day; parts of one before sprints. */
final class SwimBuild implements BuildForm {
  private static final Distance LENGTH = Distance.ofMetres(25);

  /** To the flags and a little beyond: all of a sprint that is swum before one; common practice. */
  private static final Distance HALF = Distance.ofMetres(15);

  /** Efforts shorter than this do not take a whole length, s. */
  private static final int WHOLE_LENGTH = 10;

  /** 25 m in 22 s, where there is no result; common practice. */
  private static final double USUAL_SPEED = 25 / 22.0;

  private final BuildContext context;

  SwimBuild(BuildContext context) {
    this.context = context;
  }

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    double top = context.top();
    double first = FirstStep.share(context);
    boolean threshold = context.kind() == SessionKind.THRESHOLD;
    int paced = threshold || count == 1 ? 1 : 2;
    Distance length =
        context.isTimed() && context.demand().effortSeconds() < WHOLE_LENGTH ? HALF : LENGTH;
    Recovery recovery = new Recovery(rest(brief), Recovery.Doing.AT_THE_WALL);
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double speed = top * EvenSteps.between(first, 1, i, count);
      efforts.add(
          context.at(
              speed,
              i >= count - paced ? "pace-25-swim" : "build-25-swim",
              context.over(length, speed, USUAL_SPEED),
              recovery,
              0));
    }
    return efforts;
  }

  /** s; the faster, the longer. Common practice. */
  private int rest(boolean brief) {
    if (context.isTimed()) {
      return Math.max(15, context.rest(brief));
    }
    if (brief) {
      return 15;
    }
    return context.kind() == SessionKind.THRESHOLD ? 20 : 30;
  }
}
