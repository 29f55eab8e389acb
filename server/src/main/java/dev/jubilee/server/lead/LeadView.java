package dev.jubilee.server.lead;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.server.prescription.SquadSheet;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * A warm-up that is led, as its coach sees it.
 *
 * @param sheet as it was when leading began
 * @param steps what is done together
 */
public record LeadView(SquadSheet sheet, List<LeadStep> steps, LeadState state) {

  /**
   * What is done together until the last is done with it: one row of the sheet, or the whole raise,
   * which each does at a pace of their own.
   *
   * @param rows of the sheet, by their place
   * @param itemIds of one athlete's own plan, in order; empty where they do without, and on the
   *     coach's sheet
   */
  public record LeadStep(
      WarmUpPart block, String name, int seconds, List<Integer> rows, List<String> itemIds) {}

  /** The same as one athlete follows it. */
  public record LedView(List<LeadStep> steps, LeadState state) {}

  static LeadView of(SquadSheet sheet, LeadState state) {
    return new LeadView(sheet, steps(sheet, -1), state);
  }

  /** What the athlete of a prescription follows; nothing where they came later than the lead. */
  LedView of(UUID prescriptionId) {
    List<UUID> columns = sheet.columns().stream().map(SquadSheet.Column::prescriptionId).toList();
    return new LedView(steps(sheet, columns.indexOf(prescriptionId)), state);
  }

  /** How many steps leading a sheet has. */
  static int count(SquadSheet sheet) {
    return steps(sheet, -1).size();
  }

  private static List<LeadStep> steps(SquadSheet sheet, int column) {
    List<LeadStep> steps = new ArrayList<>();
    for (List<Integer> rows : together(sheet)) {
      List<SquadSheet.Row> all = rows.stream().map(sheet.rows()::get).toList();
      List<String> own =
          column < 0
              ? List.of()
              : all.stream()
                  .map(row -> row.cells().get(column).itemId())
                  .filter(id -> !id.isEmpty())
                  .toList();
      int seconds =
          IntStream.range(0, sheet.columns().size())
              .map(c -> all.stream().mapToInt(row -> row.cells().get(c).seconds()).sum())
              .max()
              .orElse(0);
      steps.add(new LeadStep(all.get(0).block(), all.get(0).name(), seconds, rows, own));
    }
    return steps;
  }

  private static List<List<Integer>> together(SquadSheet sheet) {
    List<List<Integer>> groups = new ArrayList<>();
    WarmUpPart before = null;
    for (int row = 0; row < sheet.rows().size(); row++) {
      WarmUpPart block = sheet.rows().get(row).block();
      if (block == WarmUpPart.RAISE && block == before) {
        groups.get(groups.size() - 1).add(row);
      } else {
        groups.add(new ArrayList<>(List.of(row)));
      }
      before = block;
    }
    return groups;
  }
}
