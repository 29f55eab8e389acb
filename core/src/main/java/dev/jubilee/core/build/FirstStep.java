package dev.jubilee.core.build;

import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.profile.SportProfile;
import dev.jubilee.core.session.SessionKind;

/** Where the steps begin, as a share of the pace or power at which they end. */
final class FirstStep {
  private FirstStep() {}

  /**
   * Where they begin: after a heavy stretch not below it, and where they are few not a leap below
   * the next.
   *
   * @param top where they end, W or m/s
   * @param count of steps, 1 or more
   */
  static double share(BuildContext context, double top, int count) {
    double heavy =
        context.demand().primingSeconds() > 0
            ? context.profile().heavy() * context.critical() / top
            : 0;
    return withoutLeap(context, Math.max(usual(context), Math.min(1, heavy)), top, count);
  }

  /**
   * Where efforts begin that come after steps up to critical intensity.
   *
   * @param usual share of the top, where that is no leap
   * @param count of these efforts, 1 or more
   */
  static double shareAfterSteps(BuildContext context, double usual, int count) {
    double top = context.top();
    double next =
        context.anchors().model().intensityAt(Effort.of(Effort.CRITICAL + EvenSteps.LEAP));
    return withoutLeap(context, Math.min(usual, Math.min(1, next / top)), top, count);
  }

  private static double withoutLeap(BuildContext context, double first, double top, int count) {
    CriticalModel model = context.anchors().model();
    return EvenSteps.lowest(first, 1, count, share -> model.effortOf(share * top).points());
  }

  /** A sprint that may not go beyond threshold is led up to as a threshold session is. */
  private static double usual(BuildContext context) {
    SportProfile sport = context.profile();
    if (context.isShort() && context.top() <= context.critical()) {
      return sport.firstStep(SessionKind.THRESHOLD);
    }
    if (context.isSprint()) {
      return sport.firstStep(SessionKind.SPRINT);
    }
    return context.isShort()
        ? sport.firstStepBeforeShort(context.kind())
        : sport.firstStep(context.kind());
  }
}
