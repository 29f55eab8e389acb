package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;

/** Steps of power toward the session; sprints get short openers after two steps. */
final class RideBuild implements BuildForm {
  private static final int STEP = 60;
  private static final int LAST_STEP = 45;
  private static final int BRIEF_STEP = 30;
  private static final int CADENCE = 90;

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
    int openers = context.isSprint() ? Math.max(1, count - STEPS_BEFORE_OPENERS) : 0;
    List<GradedEffort> efforts = new ArrayList<>();
    addSteps(efforts, count - openers, openers > 0, brief);
    addOpeners(efforts, openers);
    return efforts;
  }

  private void addSteps(
      List<GradedEffort> efforts, int steps, boolean openersFollow, boolean brief) {
    double top = context.isSprint() ? context.critical() : context.top();
    SessionKind kind = context.kind();
    for (int i = 0; i < steps; i++) {
      boolean last = i == steps - 1;
      int seconds = brief ? BRIEF_STEP : last && steps > 2 ? LAST_STEP : STEP;
      efforts.add(
          context.at(
              top * EvenSteps.between(FirstStep.share(Sport.RIDE, kind), 1, i, steps),
              "pressure-step-ride",
              new Dose.Timed(seconds, 1),
              new Recovery(last && openersFollow ? 60 : 0, Recovery.Doing.SPIN),
              CADENCE));
    }
  }

  private void addOpeners(List<GradedEffort> efforts, int openers) {
    for (int i = 0; i < openers; i++) {
      efforts.add(
          context.at(
              context.top() * EvenSteps.between(FIRST_OPENER, 1, i, openers),
              "opener-ride",
              new Dose.Timed(OPENER, 1),
              new Recovery(52 + 10 * i, Recovery.Doing.SPIN),
              OPENER_CADENCE));
    }
  }
}
