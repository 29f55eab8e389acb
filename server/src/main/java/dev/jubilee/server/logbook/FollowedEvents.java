package dev.jubilee.server.logbook;

import dev.jubilee.core.decision.Mark;
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
    stand(clubId, prescriptionId, inOrder, now.toEpochMilli() - batch.sentAt());
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
    stand(clubId, prescriptionId, List.of(event), 0);
  }

  /** How it stands, in whatever order it is told. */
  private void stand(UUID clubId, UUID prescriptionId, List<EventBatch.Event> events, long offset) {
    Standing told = new Standing();
    events.forEach(event -> told.take(event, Instant.ofEpochMilli(event.at() + offset)));
    jdbc.update(
        "INSERT INTO followed_now AS n (prescription_id, club_id, on_way_at, begun_at, item, item_at,"
            + " ended_at, started_at, decided, decided_at, changed_at)"
            + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, now())"
            + " ON CONFLICT (prescription_id) DO UPDATE SET"
            + " on_way_at = GREATEST(n.on_way_at, EXCLUDED.on_way_at),"
            + " begun_at = LEAST(n.begun_at, EXCLUDED.begun_at),"
            + " item = CASE WHEN n.item_at IS NULL OR EXCLUDED.item_at >= n.item_at"
            + " THEN EXCLUDED.item ELSE n.item END,"
            + " item_at = GREATEST(n.item_at, EXCLUDED.item_at),"
            + " ended_at = GREATEST(n.ended_at, EXCLUDED.ended_at),"
            + " started_at = LEAST(n.started_at, EXCLUDED.started_at),"
            + " decided = CASE WHEN n.decided_at IS NULL OR EXCLUDED.decided_at >= n.decided_at"
            + " THEN EXCLUDED.decided ELSE n.decided END,"
            + " decided_at = GREATEST(n.decided_at, EXCLUDED.decided_at),"
            + " changed_at = now()",
        prescriptionId,
        clubId,
        timestamp(told.onWay),
        timestamp(told.begun),
        told.item,
        timestamp(told.itemAt),
        timestamp(told.ended),
        timestamp(told.started),
        told.decided,
        timestamp(told.decidedAt));
  }

  private static Timestamp timestamp(Instant at) {
    return at == null ? null : Timestamp.from(at);
  }

  /** What some events say of how it stands. */
  private static final class Standing {
    private Instant onWay;
    private Instant begun;
    private String item;
    private Instant itemAt;
    private Instant ended;
    private Instant started;
    private String decided;
    private Instant decidedAt;

    void take(EventBatch.Event event, Instant at) {
      switch (event.kind()) {
        case BEGUN -> begun = begun == null || at.isBefore(begun) ? at : begun;
        case ITEM_STARTED -> {
          if (itemAt == null || !at.isBefore(itemAt)) {
            item = event.item();
            itemAt = at;
          }
        }
        case ON_THE_WAY -> onWay = at;
        case ENDED -> ended = at;
        case START_GIVEN -> started = at;
        case LOOKED -> {
          decided = event.look().decided().name();
          decidedAt = at;
        }
        default -> {
          // Says nothing of where one is.
        }
      }
    }
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

  /** What was marked, by warm-up. */
  Map<UUID, List<Mark>> marks(UUID clubId, List<UUID> prescriptionIds) {
    Map<UUID, List<Mark>> marks = new HashMap<>();
    jdbc.query(
        "SELECT prescription_id, event FROM followed_event"
            + " WHERE club_id = ? AND prescription_id = ANY (?) AND event ->> 'kind' = 'LOOKED'"
            + " ORDER BY received_at LIMIT 10000",
        row -> {
          EventBatch.Event event = json.read(row.getString(2), EventBatch.Event.class);
          marks
              .computeIfAbsent(row.getObject(1, UUID.class), k -> new ArrayList<>())
              .addAll(event.look().toCore().marks());
        },
        clubId,
        prescriptionIds.toArray(UUID[]::new));
    return marks;
  }
}
