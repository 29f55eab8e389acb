package dev.jubilee.core.shorthand;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.sport.Stroke;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/** A line of a session: one effort some times over, or a set of lines. */
public sealed interface Step {
  int times();

  /** After each time; after the last one too when something follows. */
  Rest rest();

  Step after(Rest rest);

  /**
   * One kind of effort.
   *
   * @param times 1 to 60
   * @param aim how hard, where it is said
   * @param rate strokes, steps or pedal turns a minute, where it is said: 10 to 250
   * @param extras words that change how it is done, not how hard: kick, pull, strides
   */
  @RecordBuilder
  record Piece(
      int times,
      Extent amount,
      Optional<Aim> aim,
      Optional<Stroke> stroke,
      Optional<Integer> rate,
      List<String> extras,
      Rest rest)
      implements Step {
    public Piece {
      Bounds.within("repeats", times, 1, 60, "times");
      rate.ifPresent(r -> Bounds.within("rate", r, 10, 250, "a minute"));
      extras = List.copyOf(extras);
    }

    @Override
    public Piece after(Rest other) {
      return StepPieceBuilder.builder(this).rest(other).build();
    }
  }

  /**
   * Lines that belong together.
   *
   * @param times 1 to 20
   */
  record Group(int times, List<Step> steps, Rest rest) implements Step {
    public Group {
      Bounds.within("sets", times, 1, 20, "times");
      steps = List.copyOf(steps);
    }

    @Override
    public Group after(Rest other) {
      return new Group(times, steps, other);
    }
  }
}
