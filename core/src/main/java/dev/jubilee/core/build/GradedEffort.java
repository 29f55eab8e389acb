package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.intensity.Target;

/**
 * One step of the build.
 *
 * @param drillId library id of the kind of effort
 * @param dose length
 * @param target what to aim at
 * @param recoverySeconds after it, before the next
 * @param recoveryNote what to do meanwhile
 */
public record GradedEffort(
    String drillId, Dose dose, Target target, int recoverySeconds, String recoveryNote) {

  int seconds() {
    return dose.seconds() + recoverySeconds;
  }
}
