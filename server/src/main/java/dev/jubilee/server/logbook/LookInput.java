package dev.jubilee.server.logbook;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.decision.Checkpoint;
import dev.jubilee.core.decision.Decision;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.decision.Sign;
import dev.jubilee.core.logbook.Look;
import dev.jubilee.core.logbook.LookBuilder;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.BodyRegion;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What was seen and decided; see {@link Look}. */
public record LookInput(
    @NotNull Checkpoint checkpoint,
    @NotEmpty @Size(max = Look.MOST_MARKS) List<@NotNull @Valid MarkInput> marks,
    @NotNull Decision.Kind decided,
    @NotNull Decision.Ground ground,
    boolean isTaken,
    @Schema(nullable = true) @Size(max = Look.LONGEST_SESSION, message = "{text.length}")
        String session) {

  /** One sign; see {@link Mark}. */
  public record MarkInput(
      @NotNull Sign sign,
      @Schema(nullable = true) BodyRegion region,
      @Schema(nullable = true) Restriction.Side side,
      int pain,
      boolean onlyFast) {
    Mark toCore() {
      return new Mark(
          sign,
          Optional.ofNullable(region),
          Optional.ofNullable(side).orElse(Restriction.Side.BOTH),
          pain,
          onlyFast);
    }

    static MarkInput of(Mark mark) {
      return new MarkInput(
          mark.sign(), mark.region().orElse(null), mark.side(), mark.pain(), mark.onlyFast());
    }
  }

  Look toCore() {
    return LookBuilder.builder()
        .checkpoint(checkpoint)
        .marks(marks(marks))
        .decided(decided)
        .ground(ground)
        .isTaken(isTaken)
        .session(Optional.ofNullable(session))
        .build();
  }

  static LookInput of(Look look) {
    return new LookInput(
        look.checkpoint(),
        look.marks().stream().map(MarkInput::of).toList(),
        look.decided(),
        look.ground(),
        look.isTaken(),
        look.session().orElse(null));
  }

  /**
   * Marks as core knows them.
   *
   * @throws OutOfRangeException naming the mark and its field
   */
  static List<Mark> marks(List<MarkInput> inputs) {
    List<Mark> marks = new ArrayList<>();
    for (int i = 0; i < inputs.size(); i++) {
      try {
        marks.add(inputs.get(i).toCore());
      } catch (OutOfRangeException e) {
        throw e.in("marks[" + i + "].");
      }
    }
    return marks;
  }
}
