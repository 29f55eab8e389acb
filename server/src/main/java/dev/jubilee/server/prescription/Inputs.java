package dev.jubilee.server.prescription;

import dev.jubilee.core.athlete.AnchorFinder;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import java.util.List;

/** Inputs of a revision, enough to edit it or to compute it again. */
record Inputs(PrescriptionRequest request, List<PlanItem> items) {

  static Inputs of(Plan plan) {
    return new Inputs(plan.request(), plan.items());
  }

  /** The plan that these were stored from. */
  Plan plan(DrillLibrary library) {
    Anchors anchors = AnchorFinder.anchors(request.athlete(), request.session().sport());
    return new Plan(request, anchors, request.demand(anchors), library, items);
  }
}
