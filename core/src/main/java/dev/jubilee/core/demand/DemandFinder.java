package dev.jubilee.core.demand;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.session.Session;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * From session, athlete and circumstances to what the warm-up must do: what the kind of session
 * asks for, then each {@link Adjustment} in its order, then the training block.
 */
public final class DemandFinder {
  private final DemandContext context;

  public DemandFinder(
      Session session,
      Athlete athlete,
      Anchors anchors,
      Circumstances circumstances,
      Approach approach,
      TrainingPhase phase) {
    // Ground, kit and weather count where the build is.
    Circumstances where =
        circumstances.isStaged()
            ? circumstances.asIfAllIn(Demand.stageOfTheBuild(session, circumstances))
            : circumstances;
    context = new DemandContext(session, athlete, anchors, where, approach, phase);
  }

  /** What is asked of a warm-up; the same inputs give the same. */
  public Demand demand() {
    return demandWithout(Set.of());
  }

  /** What would be asked without some of what is told to the coach. */
  public Demand demandWithout(Set<Told> told) {
    Set<Integer> left = told.stream().map(Told::adjustment).collect(Collectors.toSet());
    DemandDraft draft = KindOfSession.draft(context);
    for (int i = 0; i < Adjustments.ALL.size(); i++) {
      draft = left.contains(i) ? draft : Adjustments.ALL.get(i).adjust(draft, context);
    }
    return context.phase().applyTo(finished(draft), context.session(), context.anchors());
  }

  /** What is told of things whose doing is in the demand, in their order. */
  public List<Told> told() {
    List<Told> told = new ArrayList<>();
    DemandDraft draft = KindOfSession.draft(context);
    for (int i = 0; i < Adjustments.ALL.size(); i++) {
      Adjustment adjustment = Adjustments.ALL.get(i);
      List<String> before = draft.why();
      draft = adjustment.adjust(draft, context);
      List<String> said = new ArrayList<>(draft.why());
      said.removeAll(before);
      if (!said.isEmpty() && !adjustment.isDoneElsewhere(context)) {
        told.add(new Told(i, said));
      }
    }
    return told;
  }

  private static Demand finished(DemandDraft draft) {
    Map<WarmUpPart, Integer> menu = new EnumMap<>(WarmUpPart.class);
    menu.put(WarmUpPart.MOBILISE, (int) Math.round(draft.mobilise()));
    menu.put(WarmUpPart.ACTIVATE, (int) Math.round(draft.activate()));
    menu.put(WarmUpPart.DRILL, (int) Math.round(draft.drill()));
    return DemandBuilder.builder()
        .firstEffort(draft.firstEffort())
        .buildTop(draft.buildTop())
        .raiseSeconds((int) Math.round(draft.raise()))
        .menuSeconds(menu)
        .efforts(draft.hasBuild() ? draft.efforts() : 0)
        .effortSeconds(draft.effortSeconds())
        .restSeconds(draft.restSeconds())
        .primingSeconds(draft.priming())
        .transitionSeconds(draft.transition())
        .needs(Map.copyOf(draft.needs()))
        .contacts(draft.contacts())
        .warmth(draft.warmth())
        .why(draft.why())
        .forRegions(draft.forRegions())
        .build();
  }
}
