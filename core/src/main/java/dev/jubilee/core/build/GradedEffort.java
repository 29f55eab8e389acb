package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Recovery;

/**
 * One step of the build.
 *
 * @param role the kind of effort
 * @param dose length
 * @param target what to aim at
 * @param recovery after it, before the next
 */
public record GradedEffort(Role role, Dose dose, Target target, Recovery recovery) {
  /** s; common practice is 4 to 8 s for the shortest openers. */
  private static final int SHORTEST = 4;

  int seconds() {
    return dose.seconds() + recovery.seconds();
  }

  /** As hard, at a pace that is a multiple of what it was: in another stroke. */
  GradedEffort atPaceOf(double multiple) {
    Target own = target.value() > 0 ? target.withValue(multiple * target.value()) : target;
    return new GradedEffort(role, dose, own, recovery);
  }

  /** With a share of its time, 4 s at the least; what is counted or measured stays as it is. */
  GradedEffort shortenedTo(double share) {
    if (!(dose instanceof Dose.Timed timed)) {
      return this;
    }
    int least = Math.min(SHORTEST, timed.secondsEach());
    int seconds = Math.max(least, (int) Math.round(share * timed.secondsEach()));
    return new GradedEffort(role, new Dose.Timed(seconds, timed.sides()), target, recovery);
  }

  GradedEffort recovering(int seconds) {
    return new GradedEffort(role, dose, target, recovery.withSeconds(seconds));
  }
}
