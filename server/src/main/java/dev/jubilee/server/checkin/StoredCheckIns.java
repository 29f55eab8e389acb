package dev.jubilee.server.checkin;

import dev.jubilee.core.checkin.TodaysChange;
import dev.jubilee.server.checkin.CheckInView.State;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.prescription.TodaysChanges;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** Check-ins as they are stored, always of one club. */
@Repository
class StoredCheckIns implements TodaysChanges {
  private static final String COLUMNS =
      "SELECT c.id, c.prescription_id, c.told_at, c.received_at, c.answers, c.coach_first, c.state,"
          + " c.decided_at, c.taken, d.name FROM check_in c LEFT JOIN coach d"
          + " ON d.id = c.decided_by AND d.club_id = c.club_id WHERE c.club_id = ? ";

  private final JdbcTemplate jdbc;
  private final Json json;

  StoredCheckIns(JdbcTemplate jdbc, Json json) {
    this.jdbc = jdbc;
    this.json = json;
  }

  /** One of them. */
  record Stored(
      UUID id,
      UUID prescriptionId,
      Instant toldAt,
      Instant receivedAt,
      CheckInInput answers,
      boolean isCoachFirst,
      State state,
      Optional<Instant> decidedAt,
      Optional<List<ChangeView>> taken,
      Optional<String> decidedBy) {}

  /** What a coach took over; a list alone would not say of which kind each change is. */
  record Taken(List<ChangeView> changes) {}

  /** Stores it, if it is new. */
  boolean insert(UUID clubId, Stored told) {
    return jdbc.update(
            "INSERT INTO check_in (id, club_id, prescription_id, told_at, received_at, answers,"
                + " coach_first, state) VALUES (?, ?, ?, ?, ?, ?::jsonb, ?, ?)"
                + " ON CONFLICT DO NOTHING",
            told.id(),
            clubId,
            told.prescriptionId(),
            Timestamp.from(told.toldAt()),
            Timestamp.from(told.receivedAt()),
            json.write(told.answers()),
            told.isCoachFirst(),
            told.state().name())
        == 1;
  }

  /** What was told before and nobody decided on counts no more. */
  void supersede(UUID clubId, UUID prescriptionId) {
    jdbc.update(
        "UPDATE check_in SET state = 'SUPERSEDED'"
            + " WHERE club_id = ? AND prescription_id = ? AND state = 'OPEN'",
        clubId,
        prescriptionId);
  }

  /** Waits for whoever else tells or decides of the same warm-up. */
  void lock(UUID clubId, UUID prescriptionId) {
    jdbc.queryForList(
        "SELECT id FROM prescription WHERE club_id = ? AND id = ? FOR UPDATE",
        clubId,
        prescriptionId);
  }

  int count(UUID clubId, UUID prescriptionId) {
    Integer count =
        jdbc.queryForObject(
            "SELECT count(*) FROM check_in WHERE club_id = ? AND prescription_id = ?",
            Integer.class,
            clubId,
            prescriptionId);
    return count == null ? 0 : count;
  }

  /** Whether it was open until now. */
  boolean decide(
      UUID clubId, UUID id, State state, UUID coachId, Instant at, List<ChangeView> taken) {
    return jdbc.update(
            "UPDATE check_in SET state = ?, decided_by = ?, decided_at = ?, taken = ?::jsonb"
                + " WHERE club_id = ? AND id = ? AND state = 'OPEN'",
            state.name(),
            coachId,
            Timestamp.from(at),
            json.write(new Taken(taken)),
            clubId,
            id)
        == 1;
  }

  Optional<Stored> find(UUID clubId, UUID id) {
    return jdbc.query(COLUMNS + "AND c.id = ?", this::stored, clubId, id).stream().findFirst();
  }

  /** The latest of a prescription. */
  Optional<Stored> latest(UUID clubId, UUID prescriptionId) {
    return jdbc
        .query(
            COLUMNS + "AND c.prescription_id = ? ORDER BY c.received_at DESC LIMIT 1",
            this::stored,
            clubId,
            prescriptionId)
        .stream()
        .findFirst();
  }

  /** Those of some prescriptions, the latest first. */
  List<Stored> of(UUID clubId, Collection<UUID> prescriptionIds) {
    return jdbc.query(
        COLUMNS + "AND c.prescription_id = ANY (?) ORDER BY c.received_at DESC LIMIT 2000",
        this::stored,
        clubId,
        prescriptionIds.toArray(UUID[]::new));
  }

  /** Whether the warm-up waits for the coach to speak with the athlete. */
  boolean isHeld(UUID clubId, UUID prescriptionId) {
    Integer held =
        jdbc.queryForObject(
            "SELECT count(*) FROM held_warm_up WHERE club_id = ? AND prescription_id = ?",
            Integer.class,
            clubId,
            prescriptionId);
    return held != null && held > 0;
  }

  @Override
  public List<TodaysChange> taken(UUID clubId, UUID prescriptionId) {
    return of(clubId, List.of(prescriptionId)).stream()
        .filter(told -> told.state() == State.TAKEN)
        .findFirst()
        .flatMap(Stored::taken)
        .orElse(List.of())
        .stream()
        .map(ChangeView::toCore)
        .toList();
  }

  private Stored stored(ResultSet row, int number) throws SQLException {
    String taken = row.getString(9);
    return new Stored(
        row.getObject(1, UUID.class),
        row.getObject(2, UUID.class),
        row.getTimestamp(3).toInstant(),
        row.getTimestamp(4).toInstant(),
        json.read(row.getString(5), CheckInInput.class),
        row.getBoolean(6),
        State.valueOf(row.getString(7)),
        Optional.ofNullable(row.getTimestamp(8)).map(Timestamp::toInstant),
        Optional.ofNullable(taken).map(t -> json.read(t, Taken.class).changes()),
        Optional.ofNullable(row.getString(10)));
  }
}
