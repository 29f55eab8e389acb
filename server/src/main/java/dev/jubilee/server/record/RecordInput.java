package dev.jubilee.server.record;

import dev.jubilee.core.logbook.DeviceRecord.State;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.record.stored.ByHandV1;
import dev.jubilee.server.record.stored.RecordV1;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * What a coach says of a warm-up; whatever is absent is as devices told it, or as it was planned.
 *
 * @param items that were not done as planned
 * @param waited s from the end of the warm-up to the first effort, 0 to 3 h
 * @param jacketOff s after the beginning, 1 s to 2 h
 * @param felt how ready, 1 to 5
 * @param bestEffort number of the session's best effort, 1 to 100; found from the results otherwise
 */
public record RecordInput(
    @Size(max = 200) List<@NotNull @Valid ItemByHand> items,
    @Schema(nullable = true) Integer waited,
    @Schema(nullable = true) Integer jacketOff,
    @Schema(nullable = true) Integer felt,
    @Schema(nullable = true) Integer bestEffort,
    @Schema(nullable = true) @Valid EffortResults results,
    @Schema(nullable = true) @Size(max = 500, message = "{text.length}") String note) {

  private static final int LONGEST_WAIT = 3 * 3600;
  private static final int LATEST_JACKET = 2 * 3600;
  private static final double BEST_RESULT = 100_000;

  /**
   * An item that was not done as planned.
   *
   * @param seconds of it, where it was done in part, 0 to 6 h
   */
  public record ItemByHand(
      @NotNull @Size(max = 200) String id,
      @NotNull State state,
      @Schema(nullable = true) Integer seconds) {}

  /** Of the session's efforts, in their order, up to 100. */
  public record EffortResults(
      @NotNull RecordV1.Unit unit,
      @NotNull @Size(min = 1, max = 100) List<@NotNull Double> efforts) {}

  /**
   * As it is stored.
   *
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  ByHandV1 toStored() {
    within("waited", waited, 0, LONGEST_WAIT, "s");
    within("jacketOff", jacketOff, 1, LATEST_JACKET, "s");
    within("felt", felt, 1, 5, "");
    within("bestEffort", bestEffort, 1, 100, "");
    List<ItemByHand> said = items == null ? List.of() : items;
    for (int i = 0; i < said.size(); i++) {
      within("items[" + i + "].seconds", said.get(i).seconds(), 0, 6 * 3600, "s");
    }
    if (results != null) {
      for (int i = 0; i < results.efforts().size(); i++) {
        double result = results.efforts().get(i);
        Bounds.within("results.efforts[" + i + "]", result, 0.01, BEST_RESULT, "");
      }
    }
    return new ByHandV1(
        said.stream().map(i -> new ByHandV1.ItemByHandV1(i.id(), i.state(), i.seconds())).toList(),
        waited,
        jacketOff,
        felt,
        bestEffort,
        results == null ? null : new RecordV1.ResultsV1(results.unit(), results.efforts()),
        note);
  }

  private static void within(String field, Integer value, int least, int most, String unit) {
    if (value != null) {
      Bounds.within(field, value, least, most, unit);
    }
  }
}
