package dev.jubilee.core.prescription;

import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.demand.Told;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.plan.DosedDrill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Tuning;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;

/**
 * Why a plan is as it is. What was taken into account is said only where the plan without it would
 * be another: a raise that would be longer in the cold, but is as long as it may be anyway, is not.
 * Of two things each of which is enough, the first one made stays.
 */
public final class TrueReasons {
  private final InOnePlace inOnePlace;
  private final PrescriptionRequest request;
  private final Anchors anchors;
  private final Demand demand;
  private final List<Drill> candidates;

  /** Whether lengths were found by computing more than once, so that only all of it tells. */
  private final boolean isWhole;

  private TrueReasons(Plan plan) {
    inOnePlace = new InOnePlace(plan.library());
    request = plan.request().with(Tuning.NONE);
    anchors = plan.anchors();
    demand = request.demand(anchors);
    candidates = inOnePlace.candidates(request);
    isWhole = !plan.request().tuning().equals(Tuning.NONE) || request.circumstances().fill();
  }

  /** The sentences for a plan just computed; in several places all that was taken into account. */
  public static List<String> of(Plan computed) {
    return new TrueReasons(computed).sentences(computed, computed::items);
  }

  /** The same for one that may have been edited since: edits do not change why it was computed. */
  public static List<String> ofEdited(Plan plan) {
    TrueReasons reasons = new TrueReasons(plan);
    return reasons.sentences(plan, () -> reasons.items(reasons.demand));
  }

  private List<String> sentences(Plan plan, Supplier<List<PlanItem>> computed) {
    List<String> why = new ArrayList<>(plan.demand().why());
    if (!request.circumstances().isStaged()) {
      idle(computed).forEach(one -> why.removeAll(one.sentences()));
    }
    why.addAll(plan.whyRegions());
    return why;
  }

  /** What could as well not have been told, all of it together. */
  private Set<Told> idle(Supplier<List<PlanItem>> computed) {
    List<Told> told = new ArrayList<>(request.told(anchors));
    if (told.isEmpty()) {
      return Set.of();
    }
    Collections.reverse(told);
    Predicate<Demand> isSame = isWhole ? sameItems(computed.get()) : sameDraft(computed);
    Set<Told> idle = new HashSet<>();
    for (Told one : told) {
      Set<Told> without = new HashSet<>(idle);
      without.add(one);
      Demand other = request.demandWithout(without, anchors);
      if (work(other).equals(work(demand)) || isSame.test(other)) {
        idle = without;
      }
    }
    return idle;
  }

  private Predicate<Demand> sameItems(List<PlanItem> items) {
    return other -> items(other).equals(items);
  }

  private Predicate<Demand> sameDraft(Supplier<List<PlanItem>> computed) {
    Draft own = draft(demand);
    return other -> {
      Draft without = draft(other);
      if (without.skeleton().equals(own.skeleton())) {
        return drills(without).equals(drills(own));
      }
      // A shorter raise may leave the athlete cold, and then be made as long as this one.
      return raise(without) < raise(own) && items(other).equals(computed.get());
    };
  }

  private static int raise(Draft draft) {
    return draft.skeleton().items().stream()
        .filter(item -> item.block() == WarmUpPart.RAISE)
        .mapToInt(PlanItem::seconds)
        .sum();
  }

  private List<PlanItem> items(Demand of) {
    return inOnePlace.tuned(request, anchors, of, candidates).plan().items();
  }

  private Draft draft(Demand of) {
    return inOnePlace.draft(request, anchors, of, candidates);
  }

  private static List<DosedDrill> drills(Draft draft) {
    return draft.menu(Set.of()).chosen();
  }

  /** All but the reasons. */
  private static Demand work(Demand demand) {
    return demand.with(demand.raiseSeconds(), demand.transitionSeconds(), List.of());
  }
}
