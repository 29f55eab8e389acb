package dev.jubilee.core.plan;

import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.simulation.Ambient;
import dev.jubilee.core.simulation.Arrival;
import dev.jubilee.core.simulation.Body;
import dev.jubilee.core.simulation.LoadProfile;
import dev.jubilee.core.simulation.Simulation;
import dev.jubilee.core.simulation.Trace;

/**
 * A plan and what it does to its athlete's body, so that nobody needs to simulate it again.
 *
 * @param plan the plan
 * @param load what it asks of the body, second by second
 * @param trace the body from the plan's first second to the start
 */
public record SimulatedPlan(Plan plan, LoadProfile load, Trace trace) {

  /** Simulates a plan; the same plan gives the same. */
  public static SimulatedPlan of(Plan plan) {
    LoadProfile load = PlanLoad.of(plan);
    Body body = Body.of(plan.request().athlete().physique());
    Arrival arrival = PlanLoad.arrival(plan, body);
    return new SimulatedPlan(plan, load, Simulation.run(load, body, air(plan), arrival));
  }

  /** The air the warm-up is done in. */
  public Ambient air() {
    return air(plan);
  }

  /** The air a plan is done in. */
  public static Ambient air(Plan plan) {
    return Ambient.of(plan.request().circumstances());
  }

  /** Muscle temperature above rest at the start, °C. */
  public double warmth() {
    return trace.muscle(trace.seconds());
  }

  /** How fresh at the start, 0 to 1. */
  public double freshness() {
    return trace.freshness(trace.seconds());
  }

  public boolean isWarm() {
    return warmth() >= Demand.WARM * plan.demand().warmth();
  }

  public boolean isFresh() {
    return freshness() >= Demand.FRESH;
  }
}
