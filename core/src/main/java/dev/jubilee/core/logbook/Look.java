package dev.jubilee.core.logbook;

import dev.jubilee.core.decision.Checkpoint;
import dev.jubilee.core.decision.Decision;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.quantity.Bounds;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * What was seen at a checkpoint, and what was decided about it.
 *
 * @param marks 1 to {@value #MOST_MARKS}
 * @param isTaken whether the decision was followed
 * @param session what took the session's place, in shorthand
 */
@RecordBuilder
public record Look(
    Checkpoint checkpoint,
    List<Mark> marks,
    Decision.Kind decided,
    Decision.Ground ground,
    boolean isTaken,
    Optional<String> session) {
  /** Marks of one look. */
  public static final int MOST_MARKS = 40;

  /** Characters of a session. */
  public static final int LONGEST_SESSION = 300;

  public Look {
    Bounds.within("marks", marks.size(), 1, MOST_MARKS, "signs");
    marks = List.copyOf(marks);
    session.ifPresent(s -> Bounds.within("session", s.length(), 1, LONGEST_SESSION, "characters"));
  }
}
