package dev.jubilee.server.prescription;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.server.approach.ApproachView;
import dev.jubilee.server.problem.Limits;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * One thing a coach does to a plan.
 *
 * @param baseRevision the revision it was decided on; any other is a conflict
 * @param edit what to do
 */
public record EditRequest(int baseRevision, @NotNull @Valid EditView edit) {

  Edit toCore() {
    return edit.toCore();
  }

  /** An edit as it is sent, a record a kind. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "action")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = RemoveEdit.class, name = "REMOVE"),
    @JsonSubTypes.Type(value = AddEdit.class, name = "ADD"),
    @JsonSubTypes.Type(value = SwapEdit.class, name = "SWAP"),
    @JsonSubTypes.Type(value = DoseEdit.class, name = "DOSE"),
    @JsonSubTypes.Type(value = MoveEdit.class, name = "MOVE"),
    @JsonSubTypes.Type(value = LockEdit.class, name = "LOCK"),
    @JsonSubTypes.Type(value = AcknowledgeEdit.class, name = "ACKNOWLEDGE"),
    @JsonSubTypes.Type(value = RefitEdit.class, name = "REFIT"),
    @JsonSubTypes.Type(value = CircumstancesEdit.class, name = "CIRCUMSTANCES"),
    @JsonSubTypes.Type(value = ApproachEdit.class, name = "APPROACH"),
    @JsonSubTypes.Type(value = StartSlippedEdit.class, name = "START_SLIPPED")
  })
  @Schema(
      oneOf = {
        RemoveEdit.class,
        AddEdit.class,
        SwapEdit.class,
        DoseEdit.class,
        MoveEdit.class,
        LockEdit.class,
        AcknowledgeEdit.class,
        RefitEdit.class,
        CircumstancesEdit.class,
        ApproachEdit.class,
        StartSlippedEdit.class
      },
      discriminatorProperty = "action",
      discriminatorMapping = {
        @DiscriminatorMapping(value = "REMOVE", schema = RemoveEdit.class),
        @DiscriminatorMapping(value = "ADD", schema = AddEdit.class),
        @DiscriminatorMapping(value = "SWAP", schema = SwapEdit.class),
        @DiscriminatorMapping(value = "DOSE", schema = DoseEdit.class),
        @DiscriminatorMapping(value = "MOVE", schema = MoveEdit.class),
        @DiscriminatorMapping(value = "LOCK", schema = LockEdit.class),
        @DiscriminatorMapping(value = "ACKNOWLEDGE", schema = AcknowledgeEdit.class),
        @DiscriminatorMapping(value = "REFIT", schema = RefitEdit.class),
        @DiscriminatorMapping(value = "CIRCUMSTANCES", schema = CircumstancesEdit.class),
        @DiscriminatorMapping(value = "APPROACH", schema = ApproachEdit.class),
        @DiscriminatorMapping(value = "START_SLIPPED", schema = StartSlippedEdit.class)
      })
  public sealed interface EditView {
    Edit toCore();

    static EditView of(Edit edit) {
      return edit.accept(
          new Edit.Visitor<EditView>() {
            @Override
            public EditView remove(Edit.Remove e) {
              return new RemoveEdit(e.itemId());
            }

            @Override
            public EditView add(Edit.Add e) {
              return new AddEdit(e.drillId());
            }

            @Override
            public EditView swap(Edit.Swap e) {
              return new SwapEdit(e.itemId(), e.drillId());
            }

            @Override
            public EditView changeDose(Edit.ChangeDose e) {
              return new DoseEdit(e.itemId(), e.amount());
            }

            @Override
            public EditView move(Edit.Move e) {
              return new MoveEdit(e.itemId(), e.places());
            }

            @Override
            public EditView changeLock(Edit.ChangeLock e) {
              return new LockEdit(e.itemId(), e.lock());
            }

            @Override
            public EditView acknowledge(Edit.Acknowledge e) {
              return new AcknowledgeEdit(e.finding());
            }

            @Override
            public EditView refit(Edit.Refit e) {
              return new RefitEdit();
            }

            @Override
            public EditView changeCircumstances(Edit.ChangeCircumstances e) {
              return new CircumstancesEdit(CircumstancesView.of(e.circumstances()));
            }

            @Override
            public EditView changeApproach(Edit.ChangeApproach e) {
              return new ApproachEdit(ApproachView.of(e.approach()));
            }

            @Override
            public EditView startSlipped(Edit.StartSlipped e) {
              return new StartSlippedEdit(e.minutes());
            }
          });
    }
  }

  /** Takes an item out. */
  public record RemoveEdit(
      @NotBlank @Size(max = Limits.KEY, message = "{text.length}") String itemId)
      implements EditView {
    @Override
    public Edit toCore() {
      return new Edit.Remove(itemId);
    }
  }

  /** Puts a drill in. */
  public record AddEdit(@NotBlank @Size(max = Limits.KEY, message = "{text.length}") String drillId)
      implements EditView {
    @Override
    public Edit toCore() {
      return new Edit.Add(drillId);
    }
  }

  /** Puts a drill in an item's place. */
  public record SwapEdit(
      @NotBlank @Size(max = Limits.KEY, message = "{text.length}") String itemId,
      @NotBlank @Size(max = Limits.KEY, message = "{text.length}") String drillId)
      implements EditView {
    @Override
    public Edit toCore() {
      return new Edit.Swap(itemId, drillId);
    }
  }

  /** Gives an item another amount, in its own unit. */
  public record DoseEdit(
      @NotBlank @Size(max = Limits.KEY, message = "{text.length}") String itemId, int amount)
      implements EditView {
    @Override
    public Edit toCore() {
      return new Edit.ChangeDose(itemId, amount);
    }
  }

  /** Moves an item by so many places, below 0 for earlier. */
  public record MoveEdit(
      @NotBlank @Size(max = Limits.KEY, message = "{text.length}") String itemId, int places)
      implements EditView {
    @Override
    public Edit toCore() {
      return new Edit.Move(itemId, places);
    }
  }

  /** Says what of an item stays. */
  public record LockEdit(
      @NotBlank @Size(max = Limits.KEY, message = "{text.length}") String itemId,
      @NotNull Lock lock)
      implements EditView {
    @Override
    public Edit toCore() {
      return new Edit.ChangeLock(itemId, lock);
    }
  }

  /** Notes that a finding was seen; {@code finding} is its code. */
  public record AcknowledgeEdit(
      @NotBlank @Size(max = Limits.KEY, message = "{text.length}") String finding)
      implements EditView {
    @Override
    public Edit toCore() {
      return new Edit.Acknowledge(finding);
    }
  }

  /** Computes anew around what is locked. */
  public record RefitEdit() implements EditView {
    @Override
    public Edit toCore() {
      return new Edit.Refit();
    }
  }

  /** Changes where, with what and how long. */
  public record CircumstancesEdit(@NotNull @Valid CircumstancesView circumstances)
      implements EditView {
    @Override
    public Edit toCore() {
      return new Edit.ChangeCircumstances(circumstances.toCore());
    }
  }

  /** Changes the school. */
  public record ApproachEdit(@NotNull @Valid ApproachView approach) implements EditView {
    @Override
    public Edit toCore() {
      return new Edit.ChangeApproach(approach.toCore());
    }
  }

  /** The warm-up is done, and the start comes so many minutes later, 3 to 90. */
  public record StartSlippedEdit(int minutes) implements EditView {
    @Override
    public Edit toCore() {
      return new Edit.StartSlipped(minutes);
    }
  }
}
