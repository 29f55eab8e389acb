package dev.jubilee.core.prescription;

import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.plan.Tuning;
import dev.jubilee.core.selection.Menu;

/**
 * Computes a warm-up: inputs → anchors → demand → a plan for the place, or one place after another.
 *
 * <p>Example: {@code new Prescriber(BuiltInLibrary.get()).prescribe(request)}.
 */
public final class Prescriber {
  /** Named in every stored prescription, so that one knows what computed it. */
  public static final String ENGINE_VERSION = "17";

  private final DrillLibrary library;
  private final InOnePlace inOnePlace;

  public Prescriber(DrillLibrary library) {
    this.library = library;
    this.inOnePlace = new InOnePlace(library);
  }

  /**
   * The plan for a request; never null, and never longer than the minutes unless locked force it.
   */
  public Plan prescribe(PrescriptionRequest request) {
    return simulated(request, anchors(request)).plan();
  }

  /** The same, with what it does to the body. */
  public SimulatedPlan simulated(PrescriptionRequest request) {
    return simulated(request, anchors(request));
  }

  /**
   * The same, for an athlete whose figures are known already.
   *
   * @param anchors of the request's athlete in the session's sport
   */
  public SimulatedPlan simulated(PrescriptionRequest request, Anchors anchors) {
    Demand demand = request.with(Tuning.NONE).demand(anchors);
    return request.circumstances().isStaged()
        ? new Stages(inOnePlace, library, request, anchors, demand).simulated()
        : inOnePlace.tuned(request, anchors, demand);
  }

  /** The choice among drills that a request comes down to, for those who want to check it. */
  public Menu menu(PrescriptionRequest request) {
    return inOnePlace.menu(request, anchors(request));
  }

  private static Anchors anchors(PrescriptionRequest request) {
    return PlanSource.anchors(request);
  }
}
