package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Recovery;
import java.util.ArrayList;
import java.util.List;

/** Without the pool, the machine or room, effort rises by feel and stays below the sprint. */
final class BuildByFeel implements BuildForm {
  /** Lowest and highest effort on the scale of 100; common practice: firm, never flat out. */
  private static final double LOWEST = 54;

  private static final double HIGHEST = 68;

  private static final int REST = 30;

  private final BuildContext context;
  private final String drillId;
  private final int seconds;
  private final Recovery.Doing between;

  private BuildByFeel(BuildContext context, String drillId, int seconds, Recovery.Doing between) {
    this.context = context;
    this.drillId = drillId;
    this.seconds = seconds;
    this.between = between;
  }

  /** Wherever one can stand; nothing that slides where it is wet, nor what hurts. */
  static BuildForm onLand(BuildContext context) {
    if (!context.isSlippery() && context.allows("land-build")) {
      return new BuildByFeel(context, "land-build", 20, Recovery.Doing.WALK_ABOUT);
    }
    return context.allows("march-build")
        ? new BuildByFeel(context, "march-build", 20, Recovery.Doing.WALK_ABOUT)
        : BuildForm.NONE;
  }

  /** A runner without room to run. */
  static BuildForm onTheSpot(BuildContext context) {
    return context.allows("spot-run-build")
        ? new BuildByFeel(context, "spot-run-build", 12, Recovery.Doing.SHAKE_OUT)
        : onLand(context);
  }

  /** A swimmer without water. */
  static BuildForm ofStrokes(BuildContext context) {
    return context.allows("turnover-build-swim")
        ? new BuildByFeel(context, "turnover-build-swim", 10, Recovery.Doing.SHAKE_ARMS_OUT)
        : onLand(context);
  }

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    double top = Math.min(HIGHEST, context.demand().buildTop().points());
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Effort effort = Effort.of(EvenSteps.between(Math.min(LOWEST, top), top, i, count));
      efforts.add(
          new GradedEffort(
              drillId,
              new Dose.Timed(seconds, 1),
              Target.byFeel(effort),
              new Recovery(REST, between)));
    }
    return efforts;
  }
}
