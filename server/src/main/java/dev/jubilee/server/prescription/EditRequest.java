package dev.jubilee.server.prescription;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Plan;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * One thing a coach does to a plan.
 *
 * @param baseRevision the revision it was decided on; any other is a conflict
 * @param action what to do; the other fields as it needs them
 */
public record EditRequest(
    int baseRevision,
    Action action,
    @Schema(nullable = true) String itemId,
    @Schema(nullable = true) String drillId,
    @Schema(nullable = true) Integer amount,
    @Schema(nullable = true) PrescriptionView.CircumstancesView circumstances,
    @Schema(nullable = true) Approach approach,
    @Schema(nullable = true) Lock lock,
    @Schema(nullable = true) String finding) {

  /** Kinds of edit. */
  public enum Action {
    REMOVE,
    ADD,
    SWAP,
    DOSE,
    MOVE,
    LOCK,
    SEEN,
    REFIT,
    CIRCUMSTANCES,
    APPROACH
  }

  Plan applyTo(Plan plan, PlanEditor editor) {
    return switch (Required.field("action", action)) {
      case REMOVE -> editor.remove(plan, item());
      case ADD -> editor.add(plan, drill());
      case SWAP -> editor.swap(plan, item(), drill());
      case DOSE -> editor.dose(plan, item(), Required.field("amount", amount));
      case MOVE -> editor.move(plan, item(), Required.field("amount", amount));
      case LOCK -> editor.lock(plan, item(), Required.field("lock", lock));
      case SEEN -> editor.seen(plan, Required.field("finding", finding));
      case REFIT -> editor.refit(plan);
      case CIRCUMSTANCES ->
          editor.under(plan, Required.field("circumstances", circumstances).toCore());
      case APPROACH -> editor.like(plan, Required.field("approach", approach));
    };
  }

  /** What was done, in words, for undo and history. */
  String words(Plan before, Plan after) {
    return switch (action) {
      case REMOVE -> "Removed " + before.item(itemId).name();
      case ADD -> "Added " + before.library().require(drillId).name();
      case SWAP ->
          "Swapped "
              + before.item(itemId).name()
              + " for "
              + before.library().require(drillId).name();
      case DOSE -> "Changed the dose of " + before.item(itemId).name();
      case MOVE -> "Moved " + before.item(itemId).name();
      case LOCK -> (lock.keepsDrill() ? "Locked " : "Unlocked ") + before.item(itemId).name();
      case SEEN -> "Took note of a check";
      case REFIT -> "Re-fitted";
      case CIRCUMSTANCES -> "Changed the circumstances";
      case APPROACH -> "Changed the approach";
    };
  }

  private String item() {
    return Required.field("itemId", itemId);
  }

  private String drill() {
    return Required.field("drillId", drillId);
  }
}
