package dev.jubilee.core.learning;

import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanLoad;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.simulation.Body;
import dev.jubilee.core.simulation.LoadProfile;
import dev.jubilee.core.simulation.Simulation;
import dev.jubilee.core.simulation.TemperatureTrace;
import java.util.Optional;

/**
 * What a jacket that came off says of a body: the time constant of muscle with which the model
 * would have had it come off just then, as a share of the usual.
 *
 * @param usual when it comes off of the usual body, s after the beginning
 * @param factor of the time constant, {@value Physique#LEAST} to {@value Physique#MOST}
 */
public record WarmingMoment(int usual, double factor) {
  /**
   * A light sweat comes with muscle so much warmer than at rest, °C; Jubilee modelling choice: some
   * six minutes into an easy raise (common practice).
   */
  private static final double ENOUGH = 1.5;

  private static final int STEPS = 24;

  /**
   * What was seen in a warm-up.
   *
   * @param seconds after the beginning at which the jacket came off
   * @return nothing where the plan does not warm enough for it, or it came off later than it lasts
   */
  public static Optional<WarmingMoment> of(Plan plan, int seconds) {
    LoadProfile load = PlanLoad.of(plan);
    if (seconds < 1 || seconds > load.seconds()) {
      return Optional.empty();
    }
    int usual = reached(plan, load, 1);
    if (usual > load.seconds()) {
      return Optional.empty();
    }
    // The slower a body, the later: the one that fits is between two, halved until it is found.
    double quick = Math.log(Physique.LEAST);
    double slow = Math.log(Physique.MOST);
    for (int i = 0; i < STEPS; i++) {
      double middle = (quick + slow) / 2;
      if (reached(plan, load, Math.exp(middle)) < seconds) {
        quick = middle;
      } else {
        slow = middle;
      }
    }
    return Optional.of(new WarmingMoment(usual, Math.exp((quick + slow) / 2)));
  }

  /** When it comes off of a body, s after the beginning; later than the plan where it does not. */
  public static int expected(Plan plan, double factor) {
    LoadProfile load = PlanLoad.of(plan);
    return reached(plan, load, factor);
  }

  private static int reached(Plan plan, LoadProfile load, double factor) {
    TemperatureTrace trace = trace(plan, load, factor);
    for (int s = 1; s <= load.seconds(); s++) {
      if (trace.muscle(s) >= ENOUGH) {
        return s;
      }
    }
    return load.seconds() + 1;
  }

  private static TemperatureTrace trace(Plan plan, LoadProfile load, double factor) {
    Body body = Body.of(Physique.USUAL.withWarming(factor));
    return Simulation.warming(load, body, SimulatedPlan.air(plan), PlanLoad.arrival(plan, body));
  }
}
