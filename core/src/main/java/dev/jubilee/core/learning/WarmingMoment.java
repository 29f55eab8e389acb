package dev.jubilee.core.learning;

import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.drill.WarmUpPart;
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
 * @param most of a body whose jacket comes off as the plan ends: of slower ones it is never seen
 */
public record WarmingMoment(int usual, double factor, double most) {
  /**
   * A raise is there to bring about a light sweat (common practice): it comes with so much of the
   * warmth that its end has in store for the usual body; Jubilee modelling choice.
   */
  private static final double OF_THE_RAISE = 0.8;

  private static final int STEPS = 14;

  /**
   * What was seen in a warm-up.
   *
   * @param seconds after the beginning at which the jacket came off
   * @return nothing where there is no raise, or it came off later than the plan lasts
   */
  public static Optional<WarmingMoment> of(Plan plan, int seconds) {
    LoadProfile load = PlanLoad.of(plan);
    if (seconds < 1 || seconds > load.seconds()) {
      return Optional.empty();
    }
    double enough = enough(plan, load);
    int usual = reached(plan, load, 1, enough);
    if (usual > load.seconds() || enough <= trace(plan, load, 1).muscle(0)) {
      return Optional.empty();
    }
    return Optional.of(
        new WarmingMoment(
            usual,
            bodyOf(plan, load, seconds, enough),
            bodyOf(plan, load, load.seconds() + 1, enough)));
  }

  /** The slower a body, the later: the one that fits is between two, halved until it is found. */
  private static double bodyOf(Plan plan, LoadProfile load, int seconds, double enough) {
    double quick = Math.log(Physique.LEAST);
    double slow = Math.log(Physique.MOST);
    for (int i = 0; i < STEPS; i++) {
      double middle = (quick + slow) / 2;
      if (reached(plan, load, Math.exp(middle), enough) < seconds) {
        quick = middle;
      } else {
        slow = middle;
      }
    }
    return Math.exp((quick + slow) / 2);
  }

  /** When it comes off of a body, s after the beginning; later than the plan where it does not. */
  public static int expected(Plan plan, double factor) {
    LoadProfile load = PlanLoad.of(plan);
    return reached(plan, load, factor, enough(plan, load));
  }

  /** Muscle temperature with which the jacket comes off, °C above rest. */
  private static double enough(Plan plan, LoadProfile load) {
    TemperatureTrace usual = trace(plan, load, 1);
    int end = 0;
    for (int i = 0; i < plan.items().size(); i++) {
      if (plan.items().get(i).block() == WarmUpPart.RAISE) {
        end = plan.seconds() - plan.startsBefore(i) + plan.items().get(i).seconds();
      }
    }
    double most = usual.muscle(Math.min(end, load.seconds()));
    return usual.muscle(0) + OF_THE_RAISE * (most - usual.muscle(0));
  }

  private static int reached(Plan plan, LoadProfile load, double factor, double enough) {
    TemperatureTrace trace = trace(plan, load, factor);
    for (int s = 1; s <= load.seconds(); s++) {
      if (trace.muscle(s) >= enough) {
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
