package dev.jubilee.server.board;

import dev.jubilee.core.decision.Decision;
import dev.jubilee.server.board.BoardView.BoardNow;
import dev.jubilee.server.board.BoardView.BoardState;
import dev.jubilee.server.checkin.CheckInView;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.live.LiveSource;
import dev.jubilee.server.prescription.Sketch;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** How a club's warm-ups of these days stand, told live to every open board. */
@Component
class BoardStates implements LiveSource {
  static final String NAME = "board";

  /** What was told of longer ago is no longer live. */
  private static final String RECENT = "interval '30 hours'";

  private static final String STATES =
      "SELECT p.id, c.state, h.prescription_id IS NOT NULL, n.begun_at, n.item,"
          + " n.item_at, n.ended_at, n.started_at, n.decided, r.sketch, n.on_way_at"
          + " FROM prescription p"
          + " LEFT JOIN followed_now n ON n.prescription_id = p.id AND n.club_id = p.club_id"
          + " AND n.changed_at > now() - "
          + RECENT
          + " LEFT JOIN LATERAL (SELECT state FROM check_in c"
          + " WHERE c.club_id = p.club_id AND c.prescription_id = p.id"
          + " AND c.received_at > now() - "
          + RECENT
          + " ORDER BY c.received_at DESC LIMIT 1) c ON true"
          + " LEFT JOIN held_warm_up h ON h.prescription_id = p.id AND h.club_id = p.club_id"
          + " LEFT JOIN prescription_revision r ON r.prescription_id = p.id"
          + " AND r.number = p.current_revision AND n.item IS NOT NULL"
          + " WHERE p.club_id = ? AND (n.prescription_id IS NOT NULL OR c.state IS NOT NULL)"
          + " AND (p.id IN (SELECT prescription_id FROM followed_now WHERE club_id = ?"
          + " AND changed_at > now() - "
          + RECENT
          + ") OR p.id IN (SELECT prescription_id FROM check_in WHERE club_id = ?"
          + " AND received_at > now() - "
          + RECENT
          + "))";

  private final JdbcTemplate jdbc;
  private final Json json;
  private final ClubRepository clubs;

  BoardStates(JdbcTemplate jdbc, Json json, ClubRepository clubs) {
    this.jdbc = jdbc;
    this.json = json;
    this.clubs = clubs;
  }

  @Override
  public String name() {
    return NAME;
  }

  /** The id is the club's. */
  @Override
  @Transactional(readOnly = true)
  public Optional<BoardNow> state(UUID clubId, UUID id) {
    return Optional.of(now(clubId));
  }

  @Transactional(readOnly = true)
  public BoardNow now(UUID clubId) {
    ZoneId zone = clubs.findById(clubId).orElseThrow().zone();
    List<BoardState> states =
        jdbc.query(STATES, (row, i) -> state(row, zone), clubId, clubId, clubId);
    return new BoardNow(calendar(clubId), states);
  }

  private BoardState state(ResultSet row, ZoneId zone) throws SQLException {
    String checkIn = row.getString(2);
    String item = row.getString(5);
    String decided = row.getString(9);
    return new BoardState(
        row.getObject(1, UUID.class),
        checkIn == null ? null : CheckInView.State.valueOf(checkIn),
        row.getBoolean(3),
        local(row.getTimestamp(11), zone),
        local(row.getTimestamp(4), zone),
        before(item, row.getString(10)),
        item,
        local(row.getTimestamp(6), zone),
        local(row.getTimestamp(7), zone),
        local(row.getTimestamp(8), zone),
        decided == null ? null : Decision.Kind.valueOf(decided));
  }

  private Integer before(String item, String sketch) {
    if (item == null || sketch == null) {
      return null;
    }
    List<Sketch.SketchItem> items = json.read(sketch, Sketch.class).items();
    return items == null
        ? null
        : items.stream()
            .filter(i -> i.id().equals(item))
            .map(Sketch.SketchItem::before)
            .findFirst()
            .orElse(null);
  }

  private static OffsetDateTime local(Timestamp at, ZoneId zone) {
    return at == null ? null : at.toInstant().atZone(zone).toOffsetDateTime();
  }

  /** Changes with every session and every warm-up of these days. */
  private String calendar(UUID clubId) {
    return jdbc.queryForObject(
        "SELECT concat_ws('-', count(*), coalesce(sum(s.version), 0),"
            + " coalesce(sum((SELECT sum(p.current_revision) FROM prescription p"
            + " WHERE p.club_id = s.club_id AND p.session_id = s.id)), 0),"
            + " (SELECT coalesce(sum(k.count), 0) FROM kit_stock k WHERE k.club_id = ?))"
            + " FROM training_session s WHERE s.club_id = ?"
            + " AND s.starts_at > now()::timestamp - interval '2 days'"
            + " AND s.starts_at < now()::timestamp + interval '15 days'",
        String.class,
        clubId,
        clubId);
  }
}
