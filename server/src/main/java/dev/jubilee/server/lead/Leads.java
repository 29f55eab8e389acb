package dev.jubilee.server.lead;

import dev.jubilee.server.checkin.CheckIns;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.handover.ShareLinks.Link;
import dev.jubilee.server.live.LiveSource;
import dev.jubilee.server.postgres.Locks;
import dev.jubilee.server.postgres.Notices;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.prescription.SquadSheet;
import dev.jubilee.server.prescription.SquadSheets;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.session.Sessions;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One device leads the warm-ups of a session, any number follow. */
@Service
public class Leads implements LiveSource {
  static final String NAME = "lead";

  /** Nobody leads for longer than this without touching anything. */
  private static final Duration FORGOTTEN = Duration.ofHours(6);

  private final LeadRepository repository;
  private final Notices notices;
  private final SquadSheets sheets;
  private final Sessions sessions;
  private final ShareLinks links;
  private final Prescriptions prescriptions;
  private final CheckIns checkIns;
  private final Locks locks;
  private final Clock clock;

  Leads(
      LeadRepository repository,
      Notices notices,
      SquadSheets sheets,
      Sessions sessions,
      ShareLinks links,
      Prescriptions prescriptions,
      CheckIns checkIns,
      Locks locks,
      Clock clock) {
    this.repository = repository;
    this.notices = notices;
    this.sheets = sheets;
    this.sessions = sessions;
    this.links = links;
    this.prescriptions = prescriptions;
    this.checkIns = checkIns;
    this.locks = locks;
    this.clock = clock;
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
    // Of two devices that begin at once the later one leads.
    locks.hold(sessionId.getLeastSignificantBits());
    LeadRow row = repository.findById(sessionId).orElseGet(() -> new LeadRow(sessionId));
    row.begin(sheet, state, clock.instant());
    repository.saveAndFlush(row);
    notices.tell(NAME, sessionId);
    return LeadView.of(sheet, state);
  }

  /**
   * The warm-up that is led.
   *
   * @throws NotFoundException where nobody leads it
   */
  @Transactional(readOnly = true)
  public LeadView of(UUID clubId, UUID sessionId) {
    return find(sessions.onCalendar(sessionId).id()).orElseThrow(Leads::nobodyLeads);
  }

  /**
   * Takes what the device that leads says.
   *
   * @return what counts by now
   * @throws ConflictException where something else was said in the meantime
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the field
   */
  @Transactional
  public LeadState change(UUID sessionId, LeadState next) {
    sessions.onCalendar(sessionId);
    LeadRow row = repository.lock(sessionId).filter(this::isRecent).orElseThrow(Leads::nobodyLeads);
    next.check(LeadView.count(row.sheet()), clock.instant());
    if (!row.isFollowedBy(next)) {
      throw new ConflictException("Another device has led on in the meantime.");
    }
    row.leadOn(next, clock.instant());
    repository.flush();
    notices.tell(NAME, sessionId);
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
    return repository.findById(sessionId).filter(this::isRecent).map(LeadRow::state);
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
    prescriptions.requireOnCalendar(link.prescriptionId());
    UUID sessionId = prescriptions.row(link.prescriptionId()).sessionId();
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
    if (checkIns.isHeld(led.prescriptionId())) {
      // Whoever is to speak with the coach first is led through nothing.
      throw nobodyLeads();
    }
    return find(led.sessionId())
        .filter(lead -> !lead.state().isEnded())
        .map(lead -> lead.of(led.prescriptionId()))
        .orElseThrow(Leads::nobodyLeads);
  }

  private Optional<LeadView> find(UUID sessionId) {
    return repository
        .findById(sessionId)
        .filter(this::isRecent)
        .map(row -> LeadView.of(row.sheet(), row.state()));
  }

  private boolean isRecent(LeadRow row) {
    return row.isChangedSince(clock.instant().minus(FORGOTTEN));
  }

  private static NotFoundException nobodyLeads() {
    return new NotFoundException("warm-up that is led");
  }
}
