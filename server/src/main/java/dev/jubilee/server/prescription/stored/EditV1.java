package dev.jubilee.server.prescription.stored;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.server.prescription.stored.SnapshotV1.ApproachV1;
import dev.jubilee.server.prescription.stored.SnapshotV1.CircumstancesV1;

/** What one click would have done about a finding, as it lies in the database. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "action")
@JsonSubTypes({
  @JsonSubTypes.Type(value = EditV1.RemoveV1.class, name = "REMOVE"),
  @JsonSubTypes.Type(value = EditV1.AddV1.class, name = "ADD"),
  @JsonSubTypes.Type(value = EditV1.SwapV1.class, name = "SWAP"),
  @JsonSubTypes.Type(value = EditV1.DoseChangeV1.class, name = "DOSE"),
  @JsonSubTypes.Type(value = EditV1.MoveV1.class, name = "MOVE"),
  @JsonSubTypes.Type(value = EditV1.LockV1.class, name = "LOCK"),
  @JsonSubTypes.Type(value = EditV1.AcknowledgeV1.class, name = "ACKNOWLEDGE"),
  @JsonSubTypes.Type(value = EditV1.RefitV1.class, name = "REFIT"),
  @JsonSubTypes.Type(value = EditV1.CircumstancesChangeV1.class, name = "CIRCUMSTANCES"),
  @JsonSubTypes.Type(value = EditV1.ApproachChangeV1.class, name = "APPROACH"),
  @JsonSubTypes.Type(value = EditV1.StartSlippedV1.class, name = "START_SLIPPED")
})
@SuppressWarnings("MissingJavadoc")
public sealed interface EditV1 {
  Edit toCore();

  static EditV1 of(Edit edit) {
    return edit.accept(
        new Edit.Visitor<EditV1>() {
          @Override
          public EditV1 remove(Edit.Remove e) {
            return new RemoveV1(e.itemId());
          }

          @Override
          public EditV1 add(Edit.Add e) {
            return new AddV1(e.drillId());
          }

          @Override
          public EditV1 swap(Edit.Swap e) {
            return new SwapV1(e.itemId(), e.drillId());
          }

          @Override
          public EditV1 changeDose(Edit.ChangeDose e) {
            return new DoseChangeV1(e.itemId(), e.amount());
          }

          @Override
          public EditV1 move(Edit.Move e) {
            return new MoveV1(e.itemId(), e.places());
          }

          @Override
          public EditV1 changeLock(Edit.ChangeLock e) {
            return new LockV1(e.itemId(), e.lock());
          }

          @Override
          public EditV1 acknowledge(Edit.Acknowledge e) {
            return new AcknowledgeV1(e.finding());
          }

          @Override
          public EditV1 refit(Edit.Refit e) {
            return new RefitV1();
          }

          @Override
          public EditV1 changeCircumstances(Edit.ChangeCircumstances e) {
            return new CircumstancesChangeV1(CircumstancesV1.of(e.circumstances()));
          }

          @Override
          public EditV1 changeApproach(Edit.ChangeApproach e) {
            return new ApproachChangeV1(ApproachV1.of(e.approach()));
          }

          @Override
          public EditV1 startSlipped(Edit.StartSlipped e) {
            return new StartSlippedV1(e.minutes());
          }
        });
  }

  record RemoveV1(String itemId) implements EditV1 {
    @Override
    public Edit toCore() {
      return new Edit.Remove(itemId);
    }
  }

  record AddV1(String drillId) implements EditV1 {
    @Override
    public Edit toCore() {
      return new Edit.Add(drillId);
    }
  }

  record SwapV1(String itemId, String drillId) implements EditV1 {
    @Override
    public Edit toCore() {
      return new Edit.Swap(itemId, drillId);
    }
  }

  record DoseChangeV1(String itemId, int amount) implements EditV1 {
    @Override
    public Edit toCore() {
      return new Edit.ChangeDose(itemId, amount);
    }
  }

  record MoveV1(String itemId, int places) implements EditV1 {
    @Override
    public Edit toCore() {
      return new Edit.Move(itemId, places);
    }
  }

  record LockV1(String itemId, Lock lock) implements EditV1 {
    @Override
    public Edit toCore() {
      return new Edit.ChangeLock(itemId, lock);
    }
  }

  record AcknowledgeV1(String finding) implements EditV1 {
    @Override
    public Edit toCore() {
      return new Edit.Acknowledge(finding);
    }
  }

  record RefitV1() implements EditV1 {
    @Override
    public Edit toCore() {
      return new Edit.Refit();
    }
  }

  record CircumstancesChangeV1(CircumstancesV1 circumstances) implements EditV1 {
    @Override
    public Edit toCore() {
      return new Edit.ChangeCircumstances(circumstances.toCore());
    }
  }

  record ApproachChangeV1(ApproachV1 approach) implements EditV1 {
    @Override
    public Edit toCore() {
      return new Edit.ChangeApproach(approach.toCore());
    }
  }

  record StartSlippedV1(int minutes) implements EditV1 {
    @Override
    public Edit toCore() {
      return new Edit.StartSlipped(minutes);
    }
  }
}
