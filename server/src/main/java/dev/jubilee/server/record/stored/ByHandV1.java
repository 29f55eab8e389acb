package dev.jubilee.server.record.stored;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.logbook.DeviceRecord.State;
import java.util.List;

/** What a coach says of a warm-up; what is absent is as devices told it, or as it was planned. */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record ByHandV1(
    List<ItemByHandV1> items,
    Integer waited,
    Integer jacketOff,
    Integer felt,
    Integer best,
    RecordV1.ResultsV1 results,
    String note) {

  /** How far an item was done; {@code seconds} of it where it was done in part. */
  public record ItemByHandV1(String id, State state, Integer seconds) {}
}
