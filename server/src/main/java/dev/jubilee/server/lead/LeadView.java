package dev.jubilee.server.lead;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.server.prescription.SquadSheet;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;

/**
 * A warm-up that is led, as its coach sees it.
 *
 * @param sheet as it was when leading began
 * @param steps what is done together, a row of the sheet each
 */
public record LeadView(SquadSheet sheet, List<LeadStep> steps, LeadState state) {

  /**
   * What is done together until the last is done with it.
   *
   * @param itemId of one athlete's own plan; null where they do without, and on the coach's sheet
   */
  public record LeadStep(
      WarmUpPart block, String name, int seconds, @Schema(nullable = true) String itemId) {}

  /** The same as one athlete follows it. */
  public record LedView(List<LeadStep> steps, LeadState state) {}

  static LeadView of(SquadSheet sheet, LeadState state) {
    List<LeadStep> steps =
        sheet.rows().stream()
            .map(row -> new LeadStep(row.block(), row.name(), row.seconds(), null))
            .toList();
    return new LeadView(sheet, steps, state);
  }

  /** What the athlete of a prescription follows; nothing where they came later than the lead. */
  LedView of(UUID prescriptionId) {
    List<UUID> columns = sheet.columns().stream().map(SquadSheet.Column::prescriptionId).toList();
    int column = columns.indexOf(prescriptionId);
    return new LedView(
        sheet.rows().stream()
            .map(
                row -> {
                  String itemId = column < 0 ? "" : row.cells().get(column).itemId();
                  return new LeadStep(
                      row.block(), row.name(), row.seconds(), itemId.isEmpty() ? null : itemId);
                })
            .toList(),
        state);
  }
}
