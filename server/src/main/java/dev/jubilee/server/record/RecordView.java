package dev.jubilee.server.record;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.logbook.DeviceRecord.State;
import dev.jubilee.core.logbook.Happening.SkipReason;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.record.stored.RecordV1;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * What was done of a warm-up.
 *
 * @param startsAt first effort, where the club is
 * @param isRecorded false where nobody told anything yet: then it stands as it was planned
 * @param isFollowed whether a device told of it
 * @param isByHand whether a coach said something
 * @param waited s from the end of the warm-up to the first effort
 * @param jacketOff s after the beginning
 * @param felt 1 to 5
 */
public record RecordView(
    UUID prescriptionId,
    UUID athleteId,
    UUID sessionId,
    LocalDateTime startsAt,
    Sport sport,
    SessionKind kind,
    String title,
    Place place,
    int temperature,
    boolean isRecorded,
    boolean isFollowed,
    boolean isByHand,
    CountsView planned,
    CountsView done,
    @Schema(nullable = true) Integer waited,
    @Schema(nullable = true) Integer jacketOff,
    @Schema(nullable = true) Integer felt,
    @Schema(nullable = true) Integer bestEffort,
    @Schema(nullable = true) RecordInput.EffortResults results,
    String note,
    List<RecordedItem> items) {

  /**
   * What coaches count.
   *
   * @param top the hardest effort, 0 to 100
   * @param seconds by part
   */
  public record CountsView(
      int mobility,
      int drills,
      int efforts,
      int contacts,
      int top,
      int total,
      Map<WarmUpPart, Integer> seconds) {
    static CountsView of(RecordV1.CountsV1 c) {
      return new CountsView(
          c.mobility(),
          c.drills(),
          c.efforts(),
          c.contacts(),
          c.top(),
          c.toCore().total(),
          c.seconds());
    }
  }

  /**
   * One item.
   *
   * @param planned s
   * @param seconds that were done
   * @param effort 0 to 100, for drawing
   */
  public record RecordedItem(
      String id,
      WarmUpPart block,
      String name,
      int planned,
      State state,
      int seconds,
      int effort,
      @Schema(nullable = true) SkipReason reason) {
    static RecordedItem of(RecordV1.ItemV1 i) {
      return new RecordedItem(
          i.id(), i.block(), i.name(), i.planned(), i.state(), i.seconds(), i.effort(), i.reason());
    }
  }

  /** Of a record that is kept. */
  public static RecordView of(Kept kept) {
    return of(kept, true);
  }

  static RecordView of(Kept kept, boolean isRecorded) {
    RecordV1 f = kept.figures();
    return new RecordView(
        kept.prescriptionId(),
        kept.athleteId(),
        kept.sessionId(),
        kept.startsAt(),
        kept.sport(),
        kept.kind(),
        f.title(),
        f.place(),
        f.temperature(),
        isRecorded,
        f.isFollowed(),
        kept.byHand().isPresent(),
        CountsView.of(f.planned()),
        CountsView.of(f.done()),
        f.waited(),
        f.jacketOff(),
        f.felt(),
        f.best(),
        f.results() == null
            ? null
            : new RecordInput.EffortResults(f.results().unit(), f.results().efforts()),
        f.note() == null ? "" : f.note(),
        f.items().stream().map(RecordedItem::of).toList());
  }
}
