package dev.jubilee.core.plan;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The order of a plan's parts. On foot: release, raise, mobilise, activate, drills, build. With a
 * machine or water: a pulse and the drills on land, then on to it for the rest, so that it is
 * changed to once. The school that puts the joints first moves each slowly and by itself at the
 * very beginning; whatever else is mobilised waits for the raise, as it swings, kicks or goes deep.
 */
public final class Layout {

  /**
   * A part of the plan.
   *
   * @param block its items' block
   * @param apparatus whether its items are on a machine or in water
   * @param share of the block's drills
   * @param fixed its set-up when it is there whatever drills are chosen
   */
  public record Part(WarmUpPart block, boolean apparatus, Share share, Optional<SetUp> fixed) {

    public boolean holds(Drill drill) {
      return drill.block() == block && SetUp.onApparatus(drill) == apparatus && share.holds(drill);
    }

    public Part with(SetUp setUp) {
      return new Part(block, apparatus, share, Optional.of(setUp));
    }
  }

  /** Which drills of a block a part holds. */
  public enum Share {
    ALL(drill -> true),
    OF_ONE_JOINT(drill -> drill.joint().isPresent()),
    OTHERS(drill -> drill.joint().isEmpty()),
    /** Walked and skipped before anything is fast. */
    OF_BARRIERS(Drill::isForBarriers),
    WITHOUT_BARRIERS(drill -> !drill.isForBarriers());

    @SuppressWarnings("ImmutableEnumChecker")
    private final Predicate<Drill> holds;

    Share(Predicate<Drill> holds) {
      this.holds = holds;
    }

    boolean holds(Drill drill) {
      return holds.test(drill);
    }
  }

  private static final Map<Approach.First, List<Part>> ORDERS = new EnumMap<>(Approach.First.class);

  static {
    for (Approach.First first : Approach.First.values()) {
      ORDERS.put(first, parts(first));
    }
  }

  private Layout() {}

  /** All parts, empty or not, in order. */
  public static List<Part> order(Approach.First first) {
    return ORDERS.get(first);
  }

  /** The part in which a drill stands. */
  public static Part of(Drill drill, Approach.First first) {
    return order(first).stream().filter(p -> p.holds(drill)).findFirst().orElseThrow();
  }

  private static List<Part> parts(Approach.First first) {
    boolean jointsFirst = first == Approach.First.JOINTS;
    List<Part> parts = new ArrayList<>();
    parts.add(part(WarmUpPart.RELEASE, false));
    if (jointsFirst) {
      parts.add(new Part(WarmUpPart.MOBILISE, false, Share.OF_ONE_JOINT, Optional.empty()));
    }
    parts.add(part(WarmUpPart.RAISE, false));
    Share mobilised = jointsFirst ? Share.OTHERS : Share.ALL;
    parts.add(new Part(WarmUpPart.MOBILISE, false, mobilised, Optional.empty()));
    parts.add(part(WarmUpPart.ACTIVATE, false));
    parts.add(new Part(WarmUpPart.DRILL, false, Share.OF_BARRIERS, Optional.empty()));
    parts.add(new Part(WarmUpPart.DRILL, false, Share.WITHOUT_BARRIERS, Optional.empty()));
    parts.add(part(WarmUpPart.MOBILISE, true));
    parts.add(part(WarmUpPart.RAISE, true));
    parts.add(part(WarmUpPart.ACTIVATE, true));
    parts.add(part(WarmUpPart.DRILL, true));
    parts.add(part(WarmUpPart.BUILD, false));
    parts.add(part(WarmUpPart.BUILD, true));
    parts.add(part(WarmUpPart.TRANSITION, false));
    return List.copyOf(parts);
  }

  private static Part part(WarmUpPart block, boolean apparatus) {
    return new Part(block, apparatus, Share.ALL, Optional.empty());
  }
}
