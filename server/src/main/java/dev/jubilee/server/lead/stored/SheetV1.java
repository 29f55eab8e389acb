package dev.jubilee.server.lead.stored;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.TargetMetric;
import dev.jubilee.server.session.stored.SessionV1;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/** The sheet that a warm-up is led by, as it was when leading began. */
public record SheetV1(SessionV1 session, List<ColumnV1> columns, List<RowV1> rows) {

  public record ColumnV1(
      UUID athleteId,
      UUID prescriptionId,
      String name,
      Level level,
      LocalDateTime startsAt,
      int seconds) {}

  public record RowV1(WarmUpPart block, String name, List<CellV1> cells) {}

  public record CellV1(
      String itemId, String name, Phrase dose, TargetV1 target, int recoverySeconds, int seconds) {}

  public record TargetV1(
      TargetMetric metric,
      double value,
      double perceivedExertion,
      int percentOfTop,
      int heartLow,
      int heartHigh,
      int ratePerMinute,
      @JsonInclude(JsonInclude.Include.NON_DEFAULT) int gradient,
      double spread) {}
}
