package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.intensity.Curve;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.session.SessionKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
  private static final double FIRST_TENS = 0.95;

  /** Steps end a little below the tens that follow them. */
  private static final double BELOW_TENS = 0.95;

  /*
   * Strokes a minute of races by what can be held for how long, s: 34 to 40 over 500 m, 28 to 36
   * over 2 km; common practice.
   */
  private static final double[] HELD = Curve.logs(20, 90, 420, 1200, 3600);

  private static final double[] RATES = {40, 37, 31, 27, 23};

  private final BuildContext context;

  RowBuild(BuildContext context) {
    this.context = context;
  }

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    boolean alone = brief && count == 1;
    int tens = alone ? 0 : tens(count);
    // Steps are short, so one more than the count keeps them even.
    int steps = alone || count == 1 ? 1 : context.isShort() ? 2 : Math.max(2, count + 1 - tens);
    List<GradedEffort> efforts = new ArrayList<>();
    addSteps(efforts, steps, tens > 0, brief);
    addTens(efforts, tens, brief);
    return efforts;
  }

  private int tens(int count) {
    if (context.kind() == SessionKind.THRESHOLD) {
      return 0;
    }
    return context.isShort() ? Math.max(1, count - 1) : count >= 4 ? 2 : 1;
  }

  private void addSteps(List<GradedEffort> efforts, int steps, boolean tensFollow, boolean brief) {
    double top = lastStep(tensFollow);
    double first = FirstStep.share(context, top, steps);
    for (int i = 0; i < steps; i++) {
      boolean last = i == steps - 1;
      efforts.add(
          context.at(
              top * EvenSteps.between(first, 1, i, steps),
              context.profile().effort(),
              new Dose.Timed(brief ? BRIEF_STEP : STEP, 1),
              new Recovery(last && tensFollow ? (brief ? 30 : 60) : 0, Recovery.Doing.PADDLE),
              Math.min(
                  (int) Math.round(EvenSteps.between(LOWEST_RATE, HIGHEST_RATE, i, steps)),
                  written().orElse(HIGHEST_RATE))));
    }
  }

  /** At so low a rate no more can be pulled than critical power, about 85 % of 2 km power. */
  private double lastStep(boolean tensFollow) {
    return Math.min((tensFollow ? BELOW_TENS : 1) * context.top(), context.critical());
  }

  private void addTens(List<GradedEffort> efforts, int tens, boolean brief) {
    double wanted = context.isShort() ? FIRST_TENS_OF_A_SPRINT : FIRST_TENS;
    // Never back from where the steps went.
    double steps = Math.min(1, lastStep(true) / context.top());
    double lowest = Math.max(FirstStep.shareAfterSteps(context, wanted, tens), steps);
    int rest = context.isTimed() ? context.rest(brief) : AFTER_TENS;
    int last = written().orElseGet(this::raceRate);
    for (int i = 0; i < tens; i++) {
      int rate = written().isPresent() ? last : last - (tens - 1 - i);
      double share = tens == 1 ? 1 : EvenSteps.between(lowest, 1, i, tens);
      efforts.add(
          context.at(
              context.top() * share,
              Role.RACE_TENS_ROW,
              new Dose.Timed((int) Math.round(STROKES * 60.0 / rate), 1),
              new Recovery(rest, Recovery.Doing.PADDLE),
              rate));
    }
  }

  /** What the coach wrote stands. */
  private Optional<Integer> written() {
    return context.request().session().rate();
  }

  private int raceRate() {
    double seconds = context.anchors().model().secondsHeld(context.top());
    return (int) Math.round(Curve.at(Math.log(seconds), HELD, RATES));
  }
}
