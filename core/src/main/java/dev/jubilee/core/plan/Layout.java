package dev.jubilee.core.plan;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The order of a plan's parts. On foot: release, raise, mobilise, activate, drills, build. With a
 * machine or water: a pulse and the drills on land, then on to it for the rest, so that it is
 * changed to once.
 */
public final class Layout {

  /**
   * A part of the plan.
   *
   * @param block its items' block
   * @param apparatus whether its items are on a machine or in water
   * @param fixed its set-up when it is there whatever drills are chosen
   */
  public record Part(WarmUpPart block, boolean apparatus, Optional<SetUp> fixed) {

    public boolean holds(Drill drill) {
      return drill.block() == block && SetUp.onApparatus(drill) == apparatus;
    }
  }

  private Layout() {}

  /** All parts, empty or not, in order. */
  public static List<Part> order(Approach.First first) {
    List<Part> parts = new ArrayList<>();
    parts.add(part(WarmUpPart.RELEASE, false));
    boolean jointsFirst = first == Approach.First.JOINTS;
    parts.add(part(jointsFirst ? WarmUpPart.MOBILISE : WarmUpPart.RAISE, false));
    parts.add(part(jointsFirst ? WarmUpPart.RAISE : WarmUpPart.MOBILISE, false));
    parts.add(part(WarmUpPart.ACTIVATE, false));
    parts.add(part(WarmUpPart.DRILL, false));
    parts.add(part(WarmUpPart.MOBILISE, true));
    parts.add(part(WarmUpPart.RAISE, true));
    parts.add(part(WarmUpPart.ACTIVATE, true));
    parts.add(part(WarmUpPart.DRILL, true));
    parts.add(part(WarmUpPart.BUILD, false));
    parts.add(part(WarmUpPart.BUILD, true));
    parts.add(part(WarmUpPart.TRANSITION, false));
    return parts;
  }

  private static Part part(WarmUpPart block, boolean apparatus) {
    return new Part(block, apparatus, Optional.empty());
  }
}
