package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Role;
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

  /** However few there are, the first is no leap from moving about; Jubilee modelling choice. */
  private static final double HIGHEST_FIRST = 62;

  /** Between pushes that are near a sprinter's best, s; common practice. */
  private static final int LONG_REST = 90;

  private final BuildContext context;
  private final Role role;
  private final int seconds;
  private final Recovery.Doing between;
  private final double highest;
  private final int rest;

  private BuildByFeel(BuildContext context, Role role, int seconds, Recovery.Doing between) {
    this(context, role, seconds, between, HIGHEST, REST);
  }

  private BuildByFeel(
      BuildContext context,
      Role role,
      int seconds,
      Recovery.Doing between,
      double highest,
      int rest) {
    this.context = context;
    this.role = role;
    this.seconds = seconds;
    this.between = between;
    this.highest = highest;
    this.rest = rest;
  }

  /** Wherever one can stand; nothing that slides where it is wet, nor what hurts. */
  static BuildForm onLand(BuildContext context) {
    if (!context.isSlippery() && context.allows(Role.LAND_BUILD)) {
      return new BuildByFeel(context, Role.LAND_BUILD, 20, Recovery.Doing.WALK_ABOUT);
    }
    if (context.allows(Role.MARCH_BUILD)) {
      return new BuildByFeel(context, Role.MARCH_BUILD, 20, Recovery.Doing.WALK_ABOUT);
    }
    return context.allows(Role.PUSH_BUILD_SEATED) ? ofPushes(context) : BuildForm.NONE;
  }

  /** In a chair; whoever races in one goes as high as the session does, and rests as long. */
  private static BuildForm ofPushes(BuildContext context) {
    boolean isTheSport =
        context.sport().isOnFoot() && !context.request().session().kind().isOnLand();
    return new BuildByFeel(
        context,
        Role.PUSH_BUILD_SEATED,
        context.isSprint() ? 10 : 20,
        Recovery.Doing.SHAKE_ARMS_OUT,
        isTheSport ? Effort.SPRINT.points() : HIGHEST,
        isTheSport && context.isShort() ? LONG_REST : REST);
  }

  /** A runner without room to run. */
  static BuildForm onTheSpot(BuildContext context) {
    return context.allows(Role.SPOT_RUN_BUILD)
        ? new BuildByFeel(context, Role.SPOT_RUN_BUILD, 12, Recovery.Doing.SHAKE_OUT)
        : onLand(context);
  }

  /** A swimmer without water. */
  static BuildForm ofStrokes(BuildContext context) {
    return context.allows(Role.TURNOVER_BUILD_SWIM)
        ? new BuildByFeel(context, Role.TURNOVER_BUILD_SWIM, 10, Recovery.Doing.SHAKE_ARMS_OUT)
        : onLand(context);
  }

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    double most = Math.min(highest, EvenSteps.reached(HIGHEST_FIRST, count));
    double top = Math.min(most, context.demand().buildTop().points());
    List<GradedEffort> efforts = new ArrayList<>();
    double first = EvenSteps.lowest(Math.min(LOWEST, top), top, count, points -> points);
    for (int i = 0; i < count; i++) {
      Effort effort = Effort.of(EvenSteps.between(first, top, i, count));
      efforts.add(
          new GradedEffort(
              role,
              new Dose.Timed(seconds, 1),
              Target.byFeel(effort),
              new Recovery(rest, between)));
    }
    return efforts;
  }
}
