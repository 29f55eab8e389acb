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

  /** Wherever one can stand; nothing that slides where it is wet. */
  static BuildByFeel onLand(BuildContext context) {
    return new BuildByFeel(
        context,
        context.isSlippery() ? "march-build" : "land-build",
        20,
        Recovery.Doing.WALK_ABOUT);
  }

  /** A runner without room to run. */
  static BuildByFeel onTheSpot(BuildContext context) {
    return new BuildByFeel(context, "spot-run-build", 12, Recovery.Doing.SHAKE_OUT);
  }

  /** A swimmer without water. */
  static BuildByFeel ofStrokes(BuildContext context) {
    return new BuildByFeel(context, "turnover-build-swim", 10, Recovery.Doing.SHAKE_ARMS_OUT);
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
