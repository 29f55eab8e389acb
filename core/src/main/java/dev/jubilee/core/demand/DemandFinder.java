package dev.jubilee.core.demand;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.session.Session;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * From session, athlete and circumstances to what the warm-up must do: what the kind of session
 * asks for, then each {@link Adjustment} in its order, then the training block.
 */
public final class DemandFinder {
  private DemandFinder() {}

  /** What is asked of a warm-up; the same inputs give the same. */
  public static Demand demand(
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
    DemandContext context =
        DemandContextBuilder.builder()
            .session(session)
            .athlete(athlete)
            .anchors(anchors)
            .circumstances(where)
            .approach(approach)
            .phase(phase)
            .build();
    return phase.applyTo(withTrueReasons(context), session, anchors);
  }

  /** Of the sentences only those of adjustments without which the demand would be another. */
  private static Demand withTrueReasons(DemandContext context) {
    Map<Adjustment, List<String>> said = new LinkedHashMap<>();
    DemandDraft draft = KindOfSession.draft(context);
    for (Adjustment adjustment : Adjustments.ALL) {
      DemandDraft before = draft;
      draft = adjustment.adjust(before, context);
      List<String> more = new ArrayList<>(draft.why());
      more.removeAll(before.why());
      if (!more.isEmpty() && !adjustment.isDoneElsewhere()) {
        said.put(adjustment, more);
      }
    }
    Demand whole = finished(draft);
    List<String> why = new ArrayList<>(whole.why());
    said.forEach(
        (adjustment, sentences) -> {
          Demand without = finished(without(adjustment, context));
          if (isSameWork(whole, without, context.circumstances())) {
            why.removeAll(sentences);
          }
        });
    return DemandBuilder.builder(whole).why(why).build();
  }

  private static DemandDraft without(Adjustment one, DemandContext context) {
    DemandDraft draft = KindOfSession.draft(context);
    for (Adjustment adjustment : Adjustments.ALL) {
      draft = adjustment == one ? draft : adjustment.adjust(draft, context);
    }
    return draft;
  }

  private static boolean isSameWork(Demand one, Demand other, Circumstances circumstances) {
    return work(one, circumstances).equals(work(other, circumstances));
  }

  /** All but the reasons, with a raise no longer than does good. */
  private static Demand work(Demand demand, Circumstances circumstances) {
    return DemandBuilder.builder(demand)
        .raiseSeconds(Math.min(demand.raiseSeconds(), circumstances.longestRaise()))
        .why(List.of())
        .forRegions(List.of())
        .build();
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
