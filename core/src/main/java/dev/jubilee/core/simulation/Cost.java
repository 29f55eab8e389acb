package dev.jubilee.core.simulation;

/**
 * What a load takes out of the athlete before the start.
 *
 * @param deepest least that is left of W′ or D′ at any time, 0 to 1
 * @param aboveCritical seconds above critical intensity
 */
public record Cost(double deepest, int aboveCritical) {
  /** A warm-up that goes deeper than this is a workout; Jubilee modelling choice. */
  public static final double DEEPEST = 0.6;

  /** Time above critical intensity that a build may take, s; Jubilee modelling choice. */
  public static final int LONGEST_ABOVE = 150;

  /** Of a load whose body was simulated, up to its last second. */
  public static Cost of(LoadProfile load, Trace trace) {
    double deepest = 1;
    int above = 0;
    for (int s = 0; s < load.seconds(); s++) {
      deepest = Math.min(deepest, trace.reserve(s + 1));
      if (load.speed[s] > 1) {
        above++;
      }
    }
    return new Cost(deepest, above);
  }

  public boolean isBounded() {
    return deepest >= DEEPEST && aboveCritical <= LONGEST_ABOVE;
  }
}
