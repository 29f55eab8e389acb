package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.plan.Recovery;
import java.util.ArrayList;
import java.util.List;

/** Steps of power toward the session; sprints get short openers after two steps. */
final class RideBuild implements BuildForm {
  private static final int STEP = 60;
  private static final int LAST_STEP = 45;
  private static final int BRIEF_STEP = 30;
  private static final int CADENCE = 90;
  private static final int CLIMBING = 75;

  /** After a step above critical power, s; common practice. */
  private static final int AFTER_STEP = 60;

  /** Share of critical power beyond which steps of a minute cost much; Jubilee modelling choice. */
  private static final double WELL_ABOVE = 1.1;

  private static final int STEPS_BEFORE_OPENERS = 2;
  private static final int OPENER = 8;
  private static final double FIRST_OPENER = 0.62;
  private static final int OPENER_CADENCE = 105;

  private final BuildContext context;

  RideBuild(BuildContext context) {
    this.context = context;
  }

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    int openers = hasOpeners() ? Math.max(1, brief ? count - STEPS_BEFORE_OPENERS : count - 1) : 0;
    int steps = openers == 0 ? count : Math.min(STEPS_BEFORE_OPENERS, count - 1);
    List<GradedEffort> efforts = new ArrayList<>();
    addSteps(efforts, steps, openers > 0, brief);
    addOpeners(efforts, openers, brief);
    return efforts;
  }

  /** Where minutes at the event's own power would spend what it needs. */
  private boolean hasOpeners() {
    boolean isFarAbove = context.isTimed() && context.top() > WELL_ABOVE * context.critical();
    return (context.isShort() || isFarAbove) && context.allows(Role.OPENER_RIDE);
  }

  private void addSteps(
      List<GradedEffort> efforts, int steps, boolean openersFollow, boolean brief) {
    // Minutes far above critical power are no steps, with openers or without.
    double top =
        hasOpeners() || context.isShort()
            ? Math.min(context.critical(), context.top())
            : context.top();
    double first = FirstStep.share(context, top, steps);
    for (int i = 0; i < steps; i++) {
      boolean last = i == steps - 1;
      int seconds = brief ? BRIEF_STEP : last && steps > 2 ? LAST_STEP : STEP;
      double watts = top * EvenSteps.between(first, 1, i, steps);
      boolean isRecovered = watts > context.critical() || (last && openersFollow);
      efforts.add(
          context.at(
              watts,
              context.profile().effort(),
              new Dose.Timed(seconds, 1),
              new Recovery(isRecovered ? AFTER_STEP : 0, Recovery.Doing.SPIN),
              cadence()));
    }
  }

  /** As one climbs, so one steps up to it; common practice. */
  private int cadence() {
    return context.request().circumstances().conditions().isUphill() ? CLIMBING : CADENCE;
  }

  private void addOpeners(List<GradedEffort> efforts, int openers, boolean brief) {
    int seconds = context.isTimed() ? context.demand().effortSeconds() : OPENER;
    // They begin above where the steps ended.
    double steps = Math.min(1, context.critical() / context.top());
    double usual = Math.max(FIRST_OPENER, steps + (1 - steps) / openers);
    double first = FirstStep.shareAfterSteps(context, usual, openers);
    for (int i = 0; i < openers; i++) {
      efforts.add(
          context.at(
              context.top() * EvenSteps.between(first, 1, i, openers),
              Role.OPENER_RIDE,
              new Dose.Timed(seconds, 1),
              new Recovery(context.rest(brief), Recovery.Doing.SPIN),
              OPENER_CADENCE));
    }
  }
}
