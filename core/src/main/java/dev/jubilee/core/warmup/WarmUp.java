package dev.jubilee.core.warmup;

import dev.jubilee.core.check.Checks;
import dev.jubilee.core.check.Finding;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.prescription.TrueReasons;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.readiness.Readiness;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A finished warm-up: the plan, the state it leaves the athlete in, what a coach should know about
 * it, and why it is as it is. Whoever shows or stores one computes nothing.
 *
 * <p>Example: {@code WarmUp.prescribed(request, BuiltInLibrary.get()).readiness().verdict()}.
 *
 * @param plan the items, ending at the start
 * @param readiness the body through warm-up and wait, and the verdict at the start
 * @param findings what is wrong or worth knowing, gravest first
 * @param reasons for each item of the plan, in their order
 * @param why what made it longer, shorter, higher or lower, in sentences
 */
public record WarmUp(
    Plan plan,
    Readiness readiness,
    List<Finding> findings,
    List<Reason> reasons,
    List<String> why) {
  /** More left than this is said to be left on purpose, s. */
  private static final int LEFT_ON_PURPOSE = 90;

  public WarmUp {
    findings = List.copyOf(findings);
    reasons = List.copyOf(reasons);
    why = List.copyOf(why);
  }

  /** The warm-up for a request; the same request and library give the same. */
  public static WarmUp prescribed(PrescriptionRequest request, DrillLibrary library) {
    return computed(new Prescriber(library).simulated(request));
  }

  /**
   * A plan computed anew with just so many graded efforts; forms of the build may need one more or
   * fewer than they are told to get there.
   *
   * @param efforts 1 to {@value PrescriptionRequest#MOST_EFFORTS}
   * @return nothing where no plan has just that many
   */
  public static Optional<WarmUp> withEfforts(PlanSource before, int efforts) {
    for (int told : new int[] {efforts, efforts - 1, efforts + 1, efforts - 2, efforts + 2}) {
      if (told < 1 || told > PrescriptionRequest.MOST_EFFORTS) {
        continue;
      }
      WarmUp found = edited(before.with(before.request().withEfforts(told)), new Edit.Refit());
      if (found.plan().in(WarmUpPart.BUILD).size() == efforts) {
        return Optional.of(found);
      }
    }
    return Optional.empty();
  }

  /**
   * The warm-up after an edit.
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming what the edit may not be
   */
  public static WarmUp edited(PlanSource source, Edit edit) {
    return of(PlanEditor.edited(source, edit));
  }

  /** The warm-up that a plan is, whoever made it. */
  public static WarmUp of(Plan plan) {
    return of(SimulatedPlan.of(plan));
  }

  /** A plan just computed, not edited. */
  public static WarmUp computed(SimulatedPlan simulated) {
    return of(simulated, TrueReasons.of(simulated.plan()));
  }

  /** The same, where it is known already what the plan does to the body. */
  public static WarmUp of(SimulatedPlan simulated) {
    return of(simulated, TrueReasons.ofEdited(simulated.plan()));
  }

  private static WarmUp of(SimulatedPlan simulated, List<String> reasons) {
    Plan plan = simulated.plan();
    List<String> why = new ArrayList<>();
    why.add(length(plan));
    why.addAll(reasons);
    return new WarmUp(
        plan,
        Readiness.of(simulated),
        Checks.of(plan),
        plan.items().stream().map(item -> Reasons.of(plan, item)).toList(),
        why);
  }

  /** Whether the coach has taken note of a finding. */
  public boolean isAcknowledged(Finding finding) {
    return plan.request().seen().contains(finding.code().name());
  }

  private static String length(Plan plan) {
    String used = Bounds.clock(plan.seconds());
    int minutes = plan.request().circumstances().minutes();
    int left = plan.availableSeconds() - plan.seconds();
    if (left < 0) {
      return used + " is over the " + minutes + " min available.";
    }
    return left > LEFT_ON_PURPOSE
        ? used + " of " + minutes + " min: all this session needs."
        : used + " of " + minutes + " min used.";
  }
}
