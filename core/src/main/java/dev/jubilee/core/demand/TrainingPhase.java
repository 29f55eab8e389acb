package dev.jubilee.core.demand;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.session.Session;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Where in a training block a session stands, and what that makes of the usual warm-up.
 *
 * @param words the reason a coach reads; empty outside a block
 * @param volume % of the usual time for drills, 30 to 100
 * @param top most share of top speed or power in the build, 0.7 to 1
 * @param efforts more or fewer graded efforts than usual, −2 to 2
 * @param contacts most ground contacts
 * @param doses % of the usual dose by ladder, 50 to 150; 100 where a ladder is absent
 * @param familiar ids of the only drills to choose from; empty when all may be chosen
 */
@RecordBuilder
public record TrainingPhase(
    String words,
    int volume,
    double top,
    int efforts,
    int contacts,
    Map<String, Integer> doses,
    Set<String> familiar) {

  /** Outside any block: all as usual. */
  public static final TrainingPhase NONE =
      TrainingPhaseBuilder.builder()
          .words("")
          .volume(100)
          .top(1)
          .efforts(0)
          .contacts(Integer.MAX_VALUE)
          .doses(Map.of())
          .familiar(Set.of())
          .build();

  public TrainingPhase {
    Bounds.within("volume", volume, 30, 100, "%");
    Bounds.within("top", top, 0.7, 1, "of top speed");
    Bounds.within("efforts", efforts, -2, 2, "efforts");
    doses = Map.copyOf(doses);
    doses.forEach((ladder, percent) -> Bounds.within("dose", percent, 50, 150, "%"));
    familiar = Set.copyOf(familiar);
  }

  /** The demand as it is in this phase. */
  Demand applyTo(Demand demand, Session session, Anchors anchors) {
    if (equals(NONE)) {
      return demand;
    }
    Map<WarmUpPart, Integer> menu = new EnumMap<>(WarmUpPart.class);
    demand.menuSeconds().forEach((block, seconds) -> menu.put(block, seconds * volume / 100));
    List<String> why = new ArrayList<>(demand.why());
    why.add(words);
    return DemandBuilder.builder(demand)
        .buildTop(top(demand, session, anchors))
        .menuSeconds(menu)
        .efforts(demand.efforts() == 0 ? 0 : Math.max(1, demand.efforts() + efforts))
        .contacts(Math.min(demand.contacts(), contacts))
        .why(why)
        .build();
  }

  /** Lower early in a block, but sessions below a sprint are always led up to as they begin. */
  private Effort top(Demand demand, Session session, Anchors anchors) {
    Effort most = anchors.shareOfTop(top);
    boolean isSprint = session.kind().isSprinted();
    Effort cap = isSprint || most.isAbove(demand.firstEffort()) ? most : demand.firstEffort();
    return demand.buildTop().isAbove(cap) ? cap : demand.buildTop();
  }

  /** The same with another share of the usual time for drills, %. */
  public TrainingPhase withVolume(int other) {
    return TrainingPhaseBuilder.builder(this).volume(other).build();
  }

  /** A usual amount as this phase has it. */
  public double amount(String ladder, double usual) {
    return usual * doses.getOrDefault(ladder, 100) / 100;
  }
}
