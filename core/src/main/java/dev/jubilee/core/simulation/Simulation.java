package dev.jubilee.core.simulation;

import dev.jubilee.core.intensity.Anchors;

/**
 * Warm-up and wait in steps of one second. LoadProfile is constant within a second, so each
 * quantity follows its differential equation exactly:
 *
 * <ul>
 *   <li>muscle temperature, oxygen uptake and heart rate: dx/dt = (level − x) / time constant;
 *   <li>W′ or D′ (Skiba et al. 2012, 2015, differential form): above critical it falls by what is
 *       done above it, below it refills as dW/dt = (1 − W / W′)(critical − intensity);
 *   <li>fatigue: grows with contacts and with what is done above critical, fades exponentially.
 * </ul>
 */
public final class Simulation {
  /** Time constant with which fatigue fades, s: power is best 3 to 10 min after (Tillin 2009). */
  private static final double FADES = 240;

  /** Fatigue a ground contact leaves; Jubilee modelling choice. */
  private static final double A_CONTACT = 0.0006;

  /** Fatigue a second at twice the critical intensity leaves; Jubilee modelling choice. */
  private static final double ABOVE_CRITICAL = 0.0025;

  private Simulation() {}

  /** Share of the heart-rate reserve to which a steady cost leads. */
  static double heartAt(double cost) {
    return Math.min(1, Anchors.RESERVE_AT_CRITICAL * cost);
  }

  /**
   * What lingers after some time of one intensity without contacts, exactly: it grows at a steady
   * rate and fades with what there is.
   */
  static double fatigueAfter(double now, double speed, double seconds) {
    double level = ABOVE_CRITICAL * Math.max(0, speed - 1) * FADES;
    return Math.min(1, level + (now - level) * Math.exp(-seconds / FADES));
  }

  /** The body of one who comes rested, from the first second of a load to its last. */
  public static Trace run(LoadProfile load, Body body, Ambient air) {
    return run(load, body, air, Arrival.rested(body, air));
  }

  /** The body from the first second of a load to its last. */
  public static Trace run(LoadProfile load, Body body, Ambient air, Arrival arrival) {
    Trace trace = new Trace(load.seconds());
    trace.muscle[0] = arrival.muscle();
    trace.uptake[0] = arrival.uptake();
    trace.heart[0] = arrival.heart();
    trace.reserve[0] = arrival.reserve();
    trace.fatigue[0] = arrival.fatigue();
    follow(trace, 0, load, body, air);
    return trace;
  }

  /**
   * The body beyond what was simulated; the same as if all had been at once.
   *
   * @param before of the first seconds of the same load
   * @param load from the very beginning, at least as long
   */
  public static Trace goOn(Trace before, LoadProfile load, Body body, Ambient air) {
    Trace trace = before.thenUpTo(load.seconds());
    follow(trace, before.seconds(), load, body, air);
    return trace;
  }

  private static void follow(Trace trace, int from, LoadProfile load, Body body, Ambient air) {
    double uptakeStays = Math.exp(-1 / body.uptake());
    double heartStays = Math.exp(-1 / Body.HEART);
    double fatigueStays = Math.exp(-1 / FADES);
    MuscleTemperature muscle = new MuscleTemperature(body, air);
    for (int s = from; s < load.seconds(); s++) {
      double cost = load.cost[s];
      double speed = load.speed[s];
      trace.muscle[s + 1] = muscle.after(trace.muscle[s], cost, load.inWater[s]);
      double uptake = Math.min(1, Body.UPTAKE_AT_CRITICAL * cost);
      trace.uptake[s + 1] = uptake + (trace.uptake[s] - uptake) * uptakeStays;
      double heart = heartAt(cost);
      trace.heart[s + 1] = heart + (trace.heart[s] - heart) * heartStays;
      trace.reserve[s + 1] =
          trace.reserve[s] == 1 && speed <= 1
              ? 1
              : reserve(trace.reserve[s], speed, load.reserveSeconds, 1);
      double more = A_CONTACT * load.contacts[s] + ABOVE_CRITICAL * Math.max(0, speed - 1);
      trace.fatigue[s + 1] = Math.min(1, trace.fatigue[s] * fatigueStays + more);
    }
  }

  /** Muscle temperature alone, where nothing else is asked for. */
  public static TemperatureTrace warming(
      LoadProfile load, Body body, Ambient air, Arrival arrival) {
    double[] muscle = new double[load.seconds() + 1];
    muscle[0] = arrival.muscle();
    MuscleTemperature warmth = new MuscleTemperature(body, air);
    for (int s = 0; s < load.seconds(); s++) {
      muscle[s + 1] = warmth.after(muscle[s], load.cost[s], load.inWater[s]);
    }
    return new TemperatureTrace(muscle);
  }

  /**
   * The balance after some time of one intensity, exactly; never below empty.
   *
   * @param left of W′ or D′, 0 to 1
   * @param speed intensity as a share of critical
   * @param reserveSeconds W′ or D′ over critical intensity, s; without any, the first second above
   *     critical empties it
   */
  public static double reserve(double left, double speed, double reserveSeconds, double seconds) {
    if (reserveSeconds <= 0) {
      return speed > 1 ? 0 : 1;
    }
    if (speed > 1) {
      return Math.max(0, left - seconds * (speed - 1) / reserveSeconds);
    }
    return 1 + (left - 1) * Math.exp(-seconds * (1 - speed) / reserveSeconds);
  }
}
