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

  int seconds() {
    return dose.seconds() + recovery.seconds();
  }

  /** As hard, at a pace that is a multiple of what it was: in another stroke. */
  GradedEffort atPaceOf(double multiple) {
    Target own = target.value() > 0 ? target.withValue(multiple * target.value()) : target;
    return new GradedEffort(role, dose, own, recovery);
  }

  GradedEffort recovering(int seconds) {
    return new GradedEffort(role, dose, target, recovery.withSeconds(seconds));
  }
}
