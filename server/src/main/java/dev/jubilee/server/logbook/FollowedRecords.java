package dev.jubilee.server.logbook;

import dev.jubilee.core.logbook.DeviceRecord;
import dev.jubilee.core.logbook.FollowedRecord;
import dev.jubilee.core.logbook.Standing;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What devices told of warm-ups, added up. */
@Component
public class FollowedRecords {
  private final FollowedEvents events;
  private final FollowedNowRepository now;

  FollowedRecords(FollowedEvents events, FollowedNowRepository now) {
    this.events = events;
    this.now = now;
  }

  /** How those stand of which something was told since a time. */
  public Map<UUID, Standing> changedSince(Instant since) {
    return now.findByChangedAtAfter(since).stream()
        .collect(Collectors.toMap(FollowedNowRow::getId, FollowedNowRow::standing));
  }

  /**
   * What was followed.
   *
   * @param devices by what each is known by
   * @param revision of the plan, as it was followed last; 0 where nobody told anything
   */
  public record Followed(
      FollowedRecord record,
      Map<UUID, DeviceRecord> devices,
      Map<UUID, FollowedEvents.Told> told,
      int revision) {}

  /** Of a warm-up. */
  @Transactional(readOnly = true)
  public Followed of(UUID prescriptionId) {
    Map<UUID, FollowedEvents.Told> told = events.of(prescriptionId);
    Map<UUID, DeviceRecord> devices = new LinkedHashMap<>();
    told.forEach((device, t) -> devices.put(device, DeviceRecord.of(t.events(), t.offsets())));
    int revision = told.values().stream().mapToInt(FollowedEvents.Told::revision).max().orElse(0);
    return new Followed(FollowedRecord.of(devices.values()), devices, told, revision);
  }
}
