package dev.jubilee.core.block;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.SimulatedPlan;
import java.util.List;

/**
 * The warm-up for a session of a block.
 *
 * @param planned the session
 * @param simulated its warm-up, and what it does to the body
 * @param changes what differs from the last warm-up for a session of the same kind, in words
 */
public record Prescribed(Planned planned, SimulatedPlan simulated, List<String> changes) {
  public Prescribed {
    changes = List.copyOf(changes);
  }

  /** The warm-up itself. */
  public Plan plan() {
    return simulated.plan();
  }

  /** Highest effort of the build, % of top speed or power; 0 without a build. */
  public int top() {
    return plan().topPercent();
  }

  /** How many drills, raise and build apart. */
  public int drills() {
    return (int) plan().items().stream().filter(BlockPrescriber::isDrill).count();
  }

  /** How many graded efforts. */
  public int efforts() {
    return plan().in(WarmUpPart.BUILD).size();
  }
}
