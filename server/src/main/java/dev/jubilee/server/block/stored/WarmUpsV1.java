package dev.jubilee.server.block.stored;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** An athlete's warm-ups of a block, as they are stored for its page. */
public record WarmUpsV1(List<WarmUpV1> all) {

  public record WarmUpV1(
      UUID sessionId,
      UUID prescriptionId,
      LocalDate date,
      Sport sport,
      SessionKind kind,
      String title,
      boolean kept,
      int seconds,
      int drills,
      int efforts,
      int top,
      int contacts,
      List<String> changes) {}
}
