package dev.jubilee.core.build;

import dev.jubilee.core.profile.SportProfile;
import dev.jubilee.core.session.SessionKind;

/** Where the steps begin, as a share of the pace or power at which they end. */
final class FirstStep {
  private FirstStep() {}

  /** A sprint that may not go beyond threshold is led up to as a threshold session is. */
  static double share(BuildContext context) {
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
