package dev.jubilee.core.prescription;

import dev.jubilee.core.drill.Block;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.session.Approach;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The order of a plan's parts. On foot: release, raise, mobilise, activate, drills, build. With a
 * machine or water: a pulse and the drills on land, then on to it for the rest, so that it is
 * changed to once.
 */
final class Layout {

  /**
   * A part of the plan.
   *
   * @param block its items' block
   * @param apparatus whether its items are on a machine or in water
   * @param fixed its set-up when it is there whatever drills are chosen
   */
  record Part(Block block, boolean apparatus, Optional<SetUp> fixed) {

    boolean holds(Drill drill) {
      return drill.block() == block && SetUp.onApparatus(drill) == apparatus;
    }
  }

  private Layout() {}

  /** All parts, empty or not, in order. */
  static List<Part> order(Approach.First first) {
    List<Part> parts = new ArrayList<>();
    parts.add(part(Block.RELEASE, false));
    boolean jointsFirst = first == Approach.First.JOINTS;
    parts.add(part(jointsFirst ? Block.MOBILISE : Block.RAISE, false));
    parts.add(part(jointsFirst ? Block.RAISE : Block.MOBILISE, false));
    parts.add(part(Block.ACTIVATE, false));
    parts.add(part(Block.DRILL, false));
    parts.add(part(Block.MOBILISE, true));
    parts.add(part(Block.RAISE, true));
    parts.add(part(Block.ACTIVATE, true));
    parts.add(part(Block.DRILL, true));
    parts.add(part(Block.BUILD, false));
    parts.add(part(Block.BUILD, true));
    parts.add(part(Block.TRANSITION, false));
    return parts;
  }

  private static Part part(Block block, boolean apparatus) {
    return new Part(block, apparatus, Optional.empty());
  }
}
