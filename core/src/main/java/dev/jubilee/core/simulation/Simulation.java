package dev.jubilee.core.simulation;

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
  /** Fatigue a ground contact leaves; Jubilee modelling choice. */
  private static final double A_CONTACT = 0.0006;

  private Simulation() {}

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
    double heartStays = Math.exp(-1 / body.heartLag());
    double fatigueStays = Math.exp(-1 / Kinetics.FADES);
    MuscleTemperature muscle = new MuscleTemperature(body, air);
    for (int s = from; s < load.seconds(); s++) {
      double cost = load.cost[s];
      double speed = load.speed[s];
      trace.muscle[s + 1] =
          muscle.aSecondAfter(trace.muscle[s], cost, load.inWater[s], load.warmer[s]);
      double uptake = Math.min(1, Body.UPTAKE_AT_CRITICAL * cost);
      trace.uptake[s + 1] = uptake + (trace.uptake[s] - uptake) * uptakeStays;
      double heart = Kinetics.heartAt(cost, body);
      trace.heart[s + 1] = heart + (trace.heart[s] - heart) * heartStays;
      trace.reserve[s + 1] =
          trace.reserve[s] == 1 && speed <= 1
              ? 1
              : Kinetics.reserve(trace.reserve[s], speed, load.reserveSeconds, 1);
      double more = A_CONTACT * load.contacts[s] + Kinetics.ABOVE_CRITICAL * Math.max(0, speed - 1);
      trace.fatigue[s + 1] = Math.min(1, trace.fatigue[s] * fatigueStays + more);
    }
  }

  /** Heart rate alone, as a share of its reserve, second by second. */
  public static double[] heart(LoadProfile load, Body body, Arrival arrival) {
    double[] heart = new double[load.seconds() + 1];
    heart[0] = arrival.heart();
    double stays = Math.exp(-1 / body.heartLag());
    for (int s = 0; s < load.seconds(); s++) {
      double level = Kinetics.heartAt(load.cost[s], body);
      heart[s + 1] = level + (heart[s] - level) * stays;
    }
    return heart;
  }

  /** Muscle temperature alone, where nothing else is asked for. */
  public static TemperatureTrace warming(
      LoadProfile load, Body body, Ambient air, Arrival arrival) {
    double[] muscle = new double[load.seconds() + 1];
    muscle[0] = arrival.muscle();
    MuscleTemperature warmth = new MuscleTemperature(body, air);
    for (int s = 0; s < load.seconds(); s++) {
      muscle[s + 1] = warmth.aSecondAfter(muscle[s], load.cost[s], load.inWater[s], load.warmer[s]);
    }
    return new TemperatureTrace(muscle);
  }
}
