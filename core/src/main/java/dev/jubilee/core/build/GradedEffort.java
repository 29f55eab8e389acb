package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Recovery;

/**
 * One step of the build.
 *
 * @param drillId library id of the kind of effort
 * @param dose length
 * @param target what to aim at
 * @param recovery after it, before the next
 */
public record GradedEffort(String drillId, Dose dose, Target target, Recovery recovery) {

  int seconds() {
    return dose.seconds() + recovery.seconds();
  }

  /** As hard, at a pace that is a multiple of what it was: in another stroke. */
  GradedEffort atPaceOf(double multiple) {
    Target own = target.value() > 0 ? target.withValue(multiple * target.value()) : target;
    return new GradedEffort(drillId, dose, own, recovery);
  }

  GradedEffort recovering(int seconds) {
    return new GradedEffort(drillId, dose, target, recovery.withSeconds(seconds));
  }
}
