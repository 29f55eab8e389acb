package dev.jubilee.core.edit;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import java.util.ArrayList;
import java.util.List;

/**
 * One thing a coach does to a plan. Either it changes items of the plan that stands, or it changes
 * what the plan is computed from, and the plan is computed anew around what is locked.
 */
public sealed interface Edit {

  /** What was done, in words, for undo and history. */
  String words(PlanSource before);

  <T> T accept(Visitor<T> visitor);

  /** Kinds of edit; a new one does not compile until each of these can be answered for it. */
  interface Visitor<T> {
    T remove(Remove edit);

    T add(Add edit);

    T swap(Swap edit);

    T changeDose(ChangeDose edit);

    T move(Move edit);

    T changeLock(ChangeLock edit);

    T acknowledge(Acknowledge edit);

    T refit(Refit edit);

    T changeCircumstances(ChangeCircumstances edit);

    T changeApproach(ChangeApproach edit);

    T startSlipped(StartSlipped edit);
  }

  /** An edit of single items; the rest of the plan stays as it is. */
  sealed interface OfItems extends Edit {
    /**
     * The plan after the edit.
     *
     * @throws dev.jubilee.core.quantity.OutOfRangeException naming what the plan does not have or
     *     the drill does not allow
     */
    Plan applyTo(Plan plan, PlanEditor editor);
  }

  /** An edit of what the plan is computed from. */
  sealed interface OfRequest extends Edit {
    PrescriptionRequest applyTo(PlanSource before);
  }

  /** Takes an item out. */
  record Remove(String itemId) implements OfItems {
    @Override
    public Plan applyTo(Plan plan, PlanEditor editor) {
      return editor.remove(plan, itemId);
    }

    @Override
    public String words(PlanSource before) {
      return "Removed " + before.item(itemId).name();
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.remove(this);
    }
  }

  /** Puts a drill in at the end of its part. */
  record Add(String drillId) implements OfItems {
    @Override
    public Plan applyTo(Plan plan, PlanEditor editor) {
      return editor.add(plan, drillId);
    }

    @Override
    public String words(PlanSource before) {
      return "Added " + before.library().require(drillId).name();
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.add(this);
    }
  }

  /** Puts another drill in an item's place. */
  record Swap(String itemId, String drillId) implements OfItems {
    @Override
    public Plan applyTo(Plan plan, PlanEditor editor) {
      return editor.swap(plan, itemId, drillId);
    }

    @Override
    public String words(PlanSource before) {
      return "Swapped "
          + before.item(itemId).name()
          + " for "
          + before.library().require(drillId).name();
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.swap(this);
    }
  }

  /** Gives an item another amount, in the unit of its dose. */
  record ChangeDose(String itemId, int amount) implements OfItems {
    @Override
    public Plan applyTo(Plan plan, PlanEditor editor) {
      return editor.dose(plan, itemId, amount);
    }

    @Override
    public String words(PlanSource before) {
      return "Changed the dose of " + before.item(itemId).name();
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.changeDose(this);
    }
  }

  /** Moves an item by so many places, below 0 for earlier. */
  record Move(String itemId, int places) implements OfItems {
    @Override
    public Plan applyTo(Plan plan, PlanEditor editor) {
      return editor.move(plan, itemId, places);
    }

    @Override
    public String words(PlanSource before) {
      return "Moved " + before.item(itemId).name();
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.move(this);
    }
  }

  /** Says how much of an item computing anew keeps. */
  record ChangeLock(String itemId, Lock lock) implements OfItems {
    @Override
    public Plan applyTo(Plan plan, PlanEditor editor) {
      return editor.lock(plan, itemId, lock);
    }

    @Override
    public String words(PlanSource before) {
      return (lock.keepsDrill() ? "Locked " : "Unlocked ") + before.item(itemId).name();
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.changeLock(this);
    }
  }

  /** Notes that the coach has seen a finding. */
  record Acknowledge(String finding) implements OfItems {
    @Override
    public Plan applyTo(Plan plan, PlanEditor editor) {
      return editor.seen(plan, finding);
    }

    @Override
    public String words(PlanSource before) {
      return "Acknowledged a check";
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.acknowledge(this);
    }
  }

  /** Computes anew from the same. */
  record Refit() implements OfRequest {
    @Override
    public PrescriptionRequest applyTo(PlanSource before) {
      return before.aroundLocked();
    }

    @Override
    public String words(PlanSource before) {
      return "Re-fitted";
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.refit(this);
    }
  }

  /** Other minutes, place, kit, weather or wait. */
  record ChangeCircumstances(Circumstances circumstances) implements OfRequest {
    @Override
    public PrescriptionRequest applyTo(PlanSource before) {
      return before.aroundLocked().with(circumstances);
    }

    @Override
    public String words(PlanSource before) {
      return "Changed the circumstances";
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.changeCircumstances(this);
    }
  }

  /** Another school. */
  record ChangeApproach(Approach approach) implements OfRequest {
    @Override
    public PrescriptionRequest applyTo(PlanSource before) {
      return before.aroundLocked().with(approach);
    }

    @Override
    public String words(PlanSource before) {
      return "Changed the approach";
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.changeApproach(this);
    }
  }

  /**
   * The warm-up is done, and the start comes so many minutes later: what keeps warm until then.
   *
   * @param minutes from the start as it was to the start as it is, 3 to 90
   */
  record StartSlipped(int minutes) implements OfRequest {
    @Override
    public PrescriptionRequest applyTo(PlanSource before) {
      Circumstances.requireMinutes(minutes);
      Circumstances circumstances = before.request().circumstances().asSaid();
      List<PriorExercise> done = new ArrayList<>();
      for (PriorExercise earlier : circumstances.before()) {
        done.add(earlier.earlierBy(minutes));
      }
      done.add(asDone(before));
      return before
          .request()
          .with(circumstances.slippedBy(minutes, done))
          .with(List.of(), before.request().excluded());
    }

    /** The warm-up that was planned, as something that lies behind. */
    private PriorExercise asDone(PlanSource before) {
      int settling = 0;
      int working = 0;
      boolean isBuilt = false;
      for (PlanItem item : before.items()) {
        if (item.block() == WarmUpPart.TRANSITION) {
          settling += item.seconds();
        } else {
          working += item.seconds();
        }
        isBuilt |= item.block() == WarmUpPart.BUILD;
      }
      return new PriorExercise(
          PriorExercise.Kind.WARM_UP,
          PriorExercise.Movement.of(before.request().session().sport()),
          isBuilt ? PriorExercise.Hardness.HARD : PriorExercise.Hardness.STEADY,
          Math.max(1, Math.round(working / 60f)),
          minutes + Math.round(settling / 60f));
    }

    @Override
    public String words(PlanSource before) {
      return "The start slipped by " + minutes + " min";
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.startSlipped(this);
    }
  }
}
