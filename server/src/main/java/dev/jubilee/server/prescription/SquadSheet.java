package dev.jubilee.server.prescription;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.sport.Level;
import dev.jubilee.server.session.SessionDetails;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/**
 * One skeleton for a group, each athlete's own version, dose and target side by side.
 *
 * @param columns an athlete each
 * @param rows in the order of the warm-up
 */
public record SquadSheet(SessionDetails session, List<Column> columns, List<Row> rows) {

  /**
   * An athlete and how long their warm-up takes.
   *
   * @param startsAt own first effort, in the club's local time
   * @param seconds until then
   */
  public record Column(
      UUID athleteId,
      UUID prescriptionId,
      String name,
      Level level,
      LocalDateTime startsAt,
      int seconds) {}

  /**
   * One movement or effort.
   *
   * @param block part of the warm-up
   * @param name what most of them do
   * @param cells one for each column, empty where an athlete does without
   */
  public record Row(WarmUpPart block, String name, List<Cell> cells) {}

  /**
   * What one athlete does.
   *
   * @param itemId of their own plan; empty where they do without
   * @param seconds it takes them, with changes of side and recoveries
   */
  public record Cell(
      String itemId,
      String name,
      Phrase dose,
      PlanView.TargetView target,
      int recoverySeconds,
      int seconds) {}
}
