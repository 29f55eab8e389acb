package dev.jubilee.core.build;

import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;

/** Build-ups before sprints, walked back from; strides before all else, jogged back from. */
final class RunBuild implements BuildForm {
  /** A build-up is as long as the lane, up to 50 m; a stride up to 100 m; common practice. */
  private static final double SHORT = 50;

  private static final double LONG = 100;

  /** Walking and jogging back, m/s; common practice. */
  private static final double WALK = 1.4;

  private static final double JOG = 2.2;

  /** On top of the walk back, for each build-up more that much again, s; common practice. */
  private static final int MORE_REST = 15;

  /** What strides and build-ups average in runners without a result, m/s; common practice. */
  private static final double USUAL_SPEED = 5.5;

  private final BuildContext context;

  RunBuild(BuildContext context) {
    this.context = context;
  }

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    double top = context.top();
    double first = FirstStep.share(Sport.RUN, context.kind());
    Distance distance = distance(brief);
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double speed = top * EvenSteps.between(first, 1, i, count);
      efforts.add(
          context.at(
              speed,
              context.isSprint() ? "build-up-run" : "stride-run",
              context.over(distance, speed, USUAL_SPEED),
              recovery(distance, i),
              0));
    }
    return efforts;
  }

  private Distance distance(boolean brief) {
    double lane = context.request().circumstances().lane().metres();
    return Distance.ofMetres(Math.min(lane, context.isSprint() || brief ? SHORT : LONG));
  }

  /** The faster the build-up, the longer the walk back; jogging back is enough below that. */
  private Recovery recovery(Distance distance, int i) {
    boolean walk = context.isSprint();
    int back = (int) Math.ceil(distance.metres() / (walk ? WALK : JOG));
    return walk
        ? new Recovery(EvenSteps.toFive(back + MORE_REST + MORE_REST * i), Recovery.Doing.WALK_BACK)
        : new Recovery(EvenSteps.toFive(back), Recovery.Doing.JOG_BACK);
  }
}
