package dev.jubilee.core.plan;

import dev.jubilee.core.athlete.AnchorFinder;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.intensity.Anchors;
import java.util.List;

/**
 * What a plan must be remembered by; all else follows from it.
 *
 * @param request what it was computed from
 * @param items in order, as they were computed and edited
 * @param library the drills it was chosen from
 */
public record PlanSource(PrescriptionRequest request, List<PlanItem> items, DrillLibrary library) {
  public PlanSource {
    items = List.copyOf(items);
  }

  public static PlanSource of(Plan plan) {
    return new PlanSource(plan.request(), plan.items(), plan.library());
  }

  /** The same items for another request. */
  public PlanSource with(PrescriptionRequest other) {
    return new PlanSource(other, items, library);
  }

  /** The athlete's figures in the session's sport. */
  public Anchors anchors() {
    return anchors(request);
  }

  /** The figures of a request's athlete in the session's sport, at its altitude. */
  public static Anchors anchors(PrescriptionRequest request) {
    return AnchorFinder.anchors(request.athlete(), request.session())
        .at(request.circumstances().conditions().altitude());
  }

  /** The plan that is remembered, not computed anew. */
  public Plan plan() {
    Anchors anchors = anchors();
    return new Plan(request, anchors, request.demand(anchors), library, items);
  }

  /** What is to be computed around: items that are locked, a raise or build as a whole. */
  public PrescriptionRequest aroundLocked() {
    List<PlanItem> locked =
        items.stream()
            .filter(i -> i.lock().keepsDrill() || (!i.block().isChosen() && isWholeLocked(i)))
            .toList();
    return request.with(locked, request.excluded());
  }

  private boolean isWholeLocked(PlanItem item) {
    return items.stream().anyMatch(i -> i.block() == item.block() && i.lock().keepsDrill());
  }

  /**
   * The item with an id.
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException if there is none
   */
  public PlanItem item(String id) {
    return PlanItem.find(items, id);
  }
}
