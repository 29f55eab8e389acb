package dev.jubilee.server.lead;

import dev.jubilee.server.checkin.CheckIns;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.handover.ShareLinks.Link;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.live.LiveNotices;
import dev.jubilee.server.live.LiveSource;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.prescription.SquadSheet;
import dev.jubilee.server.prescription.SquadSheets;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.session.Sessions;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One device leads the warm-ups of a session, any number follow. */
@Service
public class Leads implements LiveSource {
  static final String NAME = "lead";

  /** Nobody leads for longer than this without touching anything. */
  private static final Duration FORGOTTEN = Duration.ofHours(6);

  private final JdbcTemplate jdbc;
  private final Json json;
  private final SquadSheets sheets;
  private final Sessions sessions;
  private final ShareLinks links;
  private final Prescriptions prescriptions;
  private final CheckIns checkIns;
  private final Clock clock = Clock.systemUTC();

  Leads(
      JdbcTemplate jdbc,
      Json json,
      SquadSheets sheets,
      Sessions sessions,
      ShareLinks links,
      Prescriptions prescriptions,
      CheckIns checkIns) {
    this.jdbc = jdbc;
    this.json = json;
    this.sheets = sheets;
    this.sessions = sessions;
    this.links = links;
    this.prescriptions = prescriptions;
    this.checkIns = checkIns;
  }

  /**
   * Begins to lead; whoever led before no longer does.
   *
   * @throws ConflictException where nobody has a warm-up for the session
   */
  @Transactional
  public LeadView begin(UUID clubId, UUID sessionId, UUID device) {
    SquadSheet sheet = sheets.of(clubId, sessionId);
    if (sheet.rows().isEmpty()) {
      throw new ConflictException(
          "Nobody has a warm-up for this session yet. Prescribe them first, then lead.");
    }
    LeadState state = LeadState.begun(UUID.randomUUID(), device, LeadView.count(sheet));
    jdbc.update(
        "INSERT INTO lead (session_id, club_id, lead_id, number, sheet, state, changed_at)"
            + " VALUES (?, ?, ?, ?, ?::jsonb, ?::jsonb, ?) ON CONFLICT (session_id) DO UPDATE SET"
            + " lead_id = EXCLUDED.lead_id, number = EXCLUDED.number, sheet = EXCLUDED.sheet,"
            + " state = EXCLUDED.state, changed_at = EXCLUDED.changed_at",
        sessionId,
        clubId,
        state.leadId(),
        state.number(),
        json.write(sheet),
        json.write(state),
        Timestamp.from(clock.instant()));
    LiveNotices.tell(jdbc, NAME, sessionId);
    return LeadView.of(sheet, state);
  }

  /**
   * The warm-up that is led.
   *
   * @throws NotFoundException where nobody leads it
   */
  @Transactional(readOnly = true)
  public LeadView of(UUID clubId, UUID sessionId) {
    return find(clubId, sessions.onCalendar(clubId, sessionId).id())
        .orElseThrow(Leads::nobodyLeads);
  }

  /**
   * Takes what the device that leads says.
   *
   * @return what counts by now
   * @throws ConflictException where something else was said in the meantime
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the field
   */
  @Transactional
  public LeadState change(UUID clubId, UUID sessionId, LeadState next) {
    LeadView before = of(clubId, sessionId);
    next.check(before.steps().size(), clock.instant());
    int changed =
        jdbc.update(
            "UPDATE lead SET number = ?, state = ?::jsonb, changed_at = ?"
                + " WHERE club_id = ? AND session_id = ? AND lead_id = ? AND number = ?",
            next.number(),
            json.write(next),
            Timestamp.from(clock.instant()),
            clubId,
            sessionId,
            next.leadId(),
            next.number() - 1);
    if (changed == 0) {
      throw new ConflictException("Another device has led on in the meantime.");
    }
    LiveNotices.tell(jdbc, NAME, sessionId);
    return next;
  }

  @Override
  public String name() {
    return NAME;
  }

  /** Where it stands, if it is led. */
  @Override
  @Transactional(readOnly = true)
  public Optional<LeadState> state(UUID clubId, UUID sessionId) {
    return jdbc
        .query(
            "SELECT state FROM lead WHERE club_id = ? AND session_id = ? AND changed_at > ?",
            (row, i) -> json.read(row.getString(1), LeadState.class),
            clubId,
            sessionId,
            Timestamp.from(clock.instant().minus(FORGOTTEN)))
        .stream()
        .findFirst();
  }

  /** Whose warm-up a link leads to, and of which session. */
  record Led(UUID clubId, UUID sessionId, UUID prescriptionId) {}

  /**
   * Where a link leads, if it does.
   *
   * @throws NotFoundException if it was revoked or never was
   */
  @Transactional(readOnly = true)
  public Led led(String token) {
    Link link = links.follow(token);
    prescriptions.requireOnCalendar(link.clubId(), link.prescriptionId());
    UUID sessionId = prescriptions.row(link.clubId(), link.prescriptionId()).sessionId();
    return new Led(link.clubId(), sessionId, link.prescriptionId());
  }

  /**
   * What a link's athlete is led through.
   *
   * @throws NotFoundException where nobody leads it
   */
  @Transactional(readOnly = true)
  public LeadView.LedView of(String token) {
    Led led = led(token);
    if (checkIns.isHeld(led.clubId(), led.prescriptionId())) {
      // Whoever is to speak with the coach first is led through nothing.
      throw nobodyLeads();
    }
    return find(led.clubId(), led.sessionId())
        .filter(lead -> !lead.state().isEnded())
        .map(lead -> lead.of(led.prescriptionId()))
        .orElseThrow(Leads::nobodyLeads);
  }

  private Optional<LeadView> find(UUID clubId, UUID sessionId) {
    List<LeadView> found =
        jdbc.query(
            "SELECT sheet, state FROM lead"
                + " WHERE club_id = ? AND session_id = ? AND changed_at > ?",
            (row, i) ->
                LeadView.of(
                    json.read(row.getString(1), SquadSheet.class),
                    json.read(row.getString(2), LeadState.class)),
            clubId,
            sessionId,
            Timestamp.from(clock.instant().minus(FORGOTTEN)));
    return found.stream().findFirst();
  }

  private static NotFoundException nobodyLeads() {
    return new NotFoundException("warm-up that is led");
  }
}
