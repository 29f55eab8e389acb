package dev.jubilee.server.logbook;

import dev.jubilee.core.logbook.FollowEvent;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.json.Json;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** Stores what devices tell, each event once, and gives it back as it was told. */
@Repository
class FollowedEvents {
  /** More devices than one athlete, a coach and a helper use. */
  private static final int MOST_DEVICES = 12;

  /** Looks of coaches at one warm-up. */
  private static final int MOST_LOOKS = 200;

  private final JdbcTemplate jdbc;
  private final Json json;

  FollowedEvents(JdbcTemplate jdbc, Json json) {
    this.jdbc = jdbc;
    this.json = json;
  }

  /**
   * What one device told.
   *
   * @param offsets of its clock in each run, ms
   * @param revision the last that it followed
   */
  record Told(List<FollowEvent> events, Map<Integer, Long> offsets, int revision) {}

  /** Stores what is new among the events. */
  void store(UUID clubId, UUID prescriptionId, EventBatch batch, Instant now) {
    refuseManyDevices(clubId, prescriptionId, batch.device());
    Timestamp received = Timestamp.from(now);
    // Whoever sends the same twice at once waits in the same order, and nobody for ever.
    List<EventBatch.Event> inOrder =
        batch.events().stream()
            .sorted(Comparator.comparingInt(EventBatch.Event::sequence))
            .toList();
    jdbc.batchUpdate(
        "INSERT INTO followed_event"
            + " (prescription_id, device, sequence, club_id, revision, event, received_at)"
            + " VALUES (?, ?, ?, ?, ?, ?::jsonb, ?) ON CONFLICT DO NOTHING",
        inOrder,
        inOrder.size(),
        (row, event) -> {
          row.setObject(1, prescriptionId);
          row.setObject(2, batch.device());
          row.setInt(3, event.sequence());
          row.setObject(4, clubId);
          row.setInt(5, batch.revision());
          row.setString(6, json.write(event));
          row.setTimestamp(7, received);
        });
    jdbc.update(
        "INSERT INTO followed_clock (prescription_id, device, run, club_id, offset_millis)"
            + " VALUES (?, ?, ?, ?, ?) ON CONFLICT (prescription_id, device, run)"
            + " DO UPDATE SET offset_millis ="
            + " LEAST(followed_clock.offset_millis, EXCLUDED.offset_millis)",
        prescriptionId,
        batch.device(),
        batch.run(),
        clubId,
        now.toEpochMilli() - batch.sentAt());
  }

  /** Stands for the coaches at one warm-up, beside the devices that follow it. */
  static UUID coachs(UUID prescriptionId) {
    return UUID.nameUUIDFromBytes(
        ("coaches of " + prescriptionId).getBytes(StandardCharsets.UTF_8));
  }

  /** Stores what a coach saw, after what coaches saw before. */
  void storeCoachs(UUID clubId, UUID prescriptionId, int revision, LookInput look, Instant now) {
    UUID device = coachs(prescriptionId);
    jdbc.queryForList(
        "SELECT id FROM prescription WHERE club_id = ? AND id = ? FOR UPDATE",
        clubId,
        prescriptionId);
    Integer last =
        jdbc.queryForObject(
            "SELECT coalesce(max(sequence), 0) FROM followed_event"
                + " WHERE club_id = ? AND prescription_id = ? AND device = ?",
            Integer.class,
            clubId,
            prescriptionId,
            device);
    int sequence = Bounds.within("looks", last == null ? 1 : last + 1, 1, MOST_LOOKS, "");
    EventBatch.Event event =
        new EventBatch.Event(
            sequence,
            1,
            now.toEpochMilli(),
            FollowEvent.Kind.LOOKED,
            null,
            null,
            null,
            null,
            null,
            null,
            look);
    jdbc.update(
        "INSERT INTO followed_event"
            + " (prescription_id, device, sequence, club_id, revision, event, received_at)"
            + " VALUES (?, ?, ?, ?, ?, ?::jsonb, ?)",
        prescriptionId,
        device,
        sequence,
        clubId,
        revision,
        json.write(event),
        Timestamp.from(now));
  }

  private void refuseManyDevices(UUID clubId, UUID prescriptionId, UUID device) {
    Integer others =
        jdbc.queryForObject(
            "SELECT count(DISTINCT device) FROM followed_clock"
                + " WHERE club_id = ? AND prescription_id = ? AND device <> ?",
            Integer.class,
            clubId,
            prescriptionId,
            device);
    if (others != null && others >= MOST_DEVICES) {
      throw new OutOfRangeException(
          "device", "another device", "at most " + MOST_DEVICES + " for one warm-up");
    }
  }

  /** Everything told of a warm-up, by device, the one that told first before the others. */
  Map<UUID, Told> of(UUID clubId, UUID prescriptionId) {
    Map<UUID, Map<Integer, Long>> offsets = new HashMap<>();
    jdbc.query(
        "SELECT device, run, offset_millis FROM followed_clock"
            + " WHERE prescription_id = ? AND club_id = ?",
        row -> {
          offsets
              .computeIfAbsent(row.getObject(1, UUID.class), k -> new HashMap<>())
              .put(row.getInt(2), row.getLong(3));
        },
        prescriptionId,
        clubId);
    Map<UUID, Told> told = new LinkedHashMap<>();
    jdbc.query(
        "SELECT device, event, revision FROM followed_event"
            + " WHERE prescription_id = ? AND club_id = ? ORDER BY received_at, sequence LIMIT "
            + FollowEvent.MOST,
        row -> {
          UUID device = row.getObject(1, UUID.class);
          FollowEvent event = json.read(row.getString(2), EventBatch.Event.class).toCore();
          Told before = told.get(device);
          List<FollowEvent> events = before == null ? new ArrayList<>() : before.events();
          events.add(event);
          told.put(device, new Told(events, offsets.getOrDefault(device, Map.of()), row.getInt(3)));
        },
        prescriptionId,
        clubId);
    return told;
  }
}
