package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;

/**
 * A pressure build, a step every 30 s up to the day's power at a nearly constant rate, then tens at
 * the rate of the race; common practice.
 */
final class RowBuild implements BuildForm {
  private static final int STEP = 30;
  private static final int BRIEF_STEP = 20;
  private static final int LOWEST_RATE = 20;
  private static final int HIGHEST_RATE = 23;

  private static final int STROKES = 10;
  private static final int AFTER_TENS = 50;
  private static final double FIRST_TENS_OF_A_SPRINT = 0.75;

  /** Steps end a little below the tens that follow them. */
  private static final double BELOW_TENS = 0.95;

  /** Before a sprint steps stay near critical power; the tens go above. */
  private static final double STEPS_OF_A_SPRINT = 1.1;

  private final BuildContext context;

  RowBuild(BuildContext context) {
    this.context = context;
  }

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    boolean alone = brief && count == 1;
    int tens = alone ? 0 : tens(count);
    // Steps are short, so one more than the count keeps them even.
    int steps = alone ? 1 : Math.max(count == 1 ? 1 : 2, count + 1 - tens);
    List<GradedEffort> efforts = new ArrayList<>();
    addSteps(efforts, steps, tens > 0, brief);
    addTens(efforts, tens);
    return efforts;
  }

  private int tens(int count) {
    return switch (context.kind()) {
      case THRESHOLD -> 0;
      case SPRINT -> Math.max(1, count - 2);
      default -> count >= 4 ? 2 : 1;
    };
  }

  private void addSteps(List<GradedEffort> efforts, int steps, boolean tensFollow, boolean brief) {
    double session = context.top();
    double top =
        context.isSprint()
            ? Math.min(session, STEPS_OF_A_SPRINT * context.critical())
            : tensFollow ? BELOW_TENS * session : session;
    double first = FirstStep.share(Sport.ROW, context.kind());
    for (int i = 0; i < steps; i++) {
      boolean last = i == steps - 1;
      efforts.add(
          context.at(
              top * EvenSteps.between(first, 1, i, steps),
              "pressure-step-row",
              new Dose.Timed(brief ? BRIEF_STEP : STEP, 1),
              new Recovery(last && tensFollow ? (brief ? 30 : 60) : 0, Recovery.Doing.PADDLE),
              (int) Math.round(EvenSteps.between(LOWEST_RATE, HIGHEST_RATE, i, steps))));
    }
  }

  private void addTens(List<GradedEffort> efforts, int tens) {
    for (int i = 0; i < tens; i++) {
      int rate = rate(i);
      double share = context.isSprint() ? EvenSteps.between(FIRST_TENS_OF_A_SPRINT, 1, i, tens) : 1;
      efforts.add(
          context.at(
              context.top() * share,
              "race-tens-row",
              new Dose.Timed((int) Math.round(STROKES * 60.0 / rate), 1),
              new Recovery(AFTER_TENS, Recovery.Doing.PADDLE),
              rate));
    }
  }

  private int rate(int i) {
    return context.isSprint() ? 34 + i : context.kind() == SessionKind.INTERVALS ? 26 : 30;
  }
}
