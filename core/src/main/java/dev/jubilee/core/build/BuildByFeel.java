package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;

/** Without the pool, the machine or room, effort rises by feel and stays below the sprint. */
final class BuildByFeel implements BuildForm {
  /** Lowest and highest effort on the scale of 100; common practice: firm, never flat out. */
  private static final double LOWEST = 54;

  private static final double HIGHEST = 68;

  private static final int REST = 30;

  /** Between pushes that are near a sprinter's best, s; common practice. */
  private static final int LONG_REST = 90;

  private final BuildContext context;
  private final String drillId;
  private final int seconds;
  private final Recovery.Doing between;
  private final double highest;
  private final int rest;

  private BuildByFeel(BuildContext context, String drillId, int seconds, Recovery.Doing between) {
    this(context, drillId, seconds, between, HIGHEST, REST);
  }

  private BuildByFeel(
      BuildContext context,
      String drillId,
      int seconds,
      Recovery.Doing between,
      double highest,
      int rest) {
    this.context = context;
    this.drillId = drillId;
    this.seconds = seconds;
    this.between = between;
    this.highest = highest;
    this.rest = rest;
  }

  /** Wherever one can stand; nothing that slides where it is wet, nor what hurts. */
  static BuildForm onLand(BuildContext context) {
    if (!context.isSlippery() && context.allows("land-build")) {
      return new BuildByFeel(context, "land-build", 20, Recovery.Doing.WALK_ABOUT);
    }
    if (context.allows("march-build")) {
      return new BuildByFeel(context, "march-build", 20, Recovery.Doing.WALK_ABOUT);
    }
    return context.allows("push-build-seated") ? ofPushes(context) : BuildForm.NONE;
  }

  /** In a chair; whoever races in one goes as high as the session does, and rests as long. */
  private static BuildForm ofPushes(BuildContext context) {
    boolean isTheSport =
        context.sport() == Sport.RUN && !context.request().session().kind().isOnLand();
    return new BuildByFeel(
        context,
        "push-build-seated",
        context.isSprint() ? 10 : 20,
        Recovery.Doing.SHAKE_ARMS_OUT,
        isTheSport ? Effort.SPRINT.points() : HIGHEST,
        isTheSport && context.isShort() ? LONG_REST : REST);
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
    double top = Math.min(highest, context.demand().buildTop().points());
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Effort effort = Effort.of(EvenSteps.between(Math.min(LOWEST, top), top, i, count));
      efforts.add(
          new GradedEffort(
              drillId,
              new Dose.Timed(seconds, 1),
              Target.byFeel(effort),
              new Recovery(rest, between)));
    }
    return efforts;
  }
}
