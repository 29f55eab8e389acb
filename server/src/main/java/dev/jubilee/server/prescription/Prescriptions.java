package dev.jubilee.server.prescription;

import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.core.warmup.WarmUp;
import dev.jubilee.server.approach.Approaches;
import dev.jubilee.server.athlete.AthleteRow;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Warm-ups as they are kept: given for the first time, found, revised, undone. What is computed is
 * computed between two transactions: the one that reads and the one that writes, which looks once
 * more whether the plan is still the one that was read.
 */
@Service
public class Prescriptions {
  private final PrescriptionRepository prescriptions;
  private final RevisionRepository revisions;
  private final Sessions sessions;
  private final Athletes athletes;
  private final ShareLinks links;
  private final Snapshots snapshots;
  private final Libraries libraries;
  private final Approaches approaches;
  private final TransactionTemplate reading;
  private final TransactionTemplate writing;

  Prescriptions(
      PrescriptionRepository prescriptions,
      RevisionRepository revisions,
      Sessions sessions,
      Athletes athletes,
      ShareLinks links,
      Snapshots snapshots,
      Libraries libraries,
      Approaches approaches,
      PlatformTransactionManager transactions) {
    this.prescriptions = prescriptions;
    this.revisions = revisions;
    this.sessions = sessions;
    this.athletes = athletes;
    this.links = links;
    this.snapshots = snapshots;
    this.libraries = libraries;
    this.approaches = approaches;
    this.writing = new TransactionTemplate(transactions);
    this.reading = new TransactionTemplate(transactions);
    this.reading.setReadOnly(true);
  }

  /** The athlete's prescription for the session; computed now if there is none. */
  public Prescription prescribe(SignedIn coach, UUID sessionId, UUID athleteId) {
    Asked asked = reading.execute(status -> asked(coach, sessionId, athleteId));
    if (asked.existing().isPresent()) {
      return asked.existing().get();
    }
    WarmUp made = WarmUp.prescribed(asked.request(), asked.library());
    UUID id = UUID.randomUUID();
    Draft first = Draft.of(id, 0, Origin.PRESCRIBED, "Prescribed", made);
    return writing.execute(
        status ->
            find(sessionId, athleteId)
                .orElseGet(
                    () ->
                        store(
                            coach,
                            new PrescriptionRow(id, coach.clubId(), sessionId, athleteId),
                            first)));
  }

  /** What there is already, or what it takes to compute it. */
  private record Asked(
      Optional<Prescription> existing, PrescriptionRequest request, DrillLibrary library) {}

  private Asked asked(SignedIn coach, UUID sessionId, UUID athleteId) {
    SessionRow session = sessions.onCalendar(sessionId);
    AthleteRow athlete = athletes.row(athleteId);
    SessionDetails details = sessions.details(session);
    PrescriptionRequest request =
        PrescriptionRequest.of(
                athletes.asKnown(athlete, session.startsAt().toLocalDate()),
                details.toCore(),
                details.circumstances())
            .with(approaches.of(coach))
            .after(lastTime(session, athleteId, details));
    return new Asked(find(sessionId, athleteId), request, libraries.of(coach.clubId()));
  }

  /** Drills of the athlete's last warm-up before a session of the same kind. */
  private Set<String> lastTime(SessionRow session, UUID athleteId, SessionDetails details) {
    return prescriptions
        .findLast(athleteId, session.startsAt(), details.sport().name(), details.kind().name())
        .map(row -> source(row, row.currentRevision()))
        .map(p -> p.items().stream().map(PlanItem::drillId).collect(Collectors.toSet()))
        .orElse(Set.of());
  }

  /**
   * Makes a draft the warm-up that counts.
   *
   * @throws ConflictException where the warm-up was changed since it was computed
   */
  @Transactional
  public Prescription keep(SignedIn coach, Draft draft) {
    return store(coach, based(draft.prescriptionId(), draft.baseRevision()), draft);
  }

  private Prescription store(SignedIn coach, PrescriptionRow row, Draft draft) {
    RevisionRow revision = snapshots.next(coach, row, draft);
    prescriptions.saveAndFlush(row);
    revisions.saveAndFlush(revision);
    return prescription(row, revision, false, draft.warmUp().plan().request(), draft.given());
  }

  @Transactional(readOnly = true)
  public Prescription one(UUID id) {
    return prescription(row(id));
  }

  /** An athlete's warm-up for a session, if one is prescribed. */
  @Transactional(readOnly = true)
  public Optional<Prescription> find(UUID sessionId, UUID athleteId) {
    return prescriptions.findBySessionIdAndAthleteId(sessionId, athleteId).map(this::prescription);
  }

  private Prescription prescription(PrescriptionRow row) {
    RevisionRow revision = revision(row, row.currentRevision());
    PlanSource source = snapshots.source(row.clubId(), revision.inputs());
    boolean canRedo = revisions.existsByPrescriptionIdAndParent(row.id(), revision.number());
    return prescription(
        row, revision, canRedo, source.request(), snapshots.given(revision, source.items()));
  }

  private Prescription prescription(
      PrescriptionRow row,
      RevisionRow revision,
      boolean canRedo,
      PrescriptionRequest request,
      GivenWarmUp warmUp) {
    SessionRow session = sessions.row(row.sessionId());
    AthleteRow athlete = athletes.row(row.athleteId());
    SessionDetails details = sessions.details(session);
    LocalDateTime startsAt = details.startOf(row.athleteId());
    return new Prescription(
        row.id(),
        revision.number(),
        revision.parent() != null,
        canRedo,
        revision.edit(),
        athlete.id(),
        athletes.profile(athlete),
        session.id(),
        details,
        startsAt.plusMinutes(request.circumstances().slipped()),
        request,
        warmUp,
        links.shown(row.id(), startsAt));
  }

  @Transactional
  public Prescription undo(UUID id, int baseRevision) {
    PrescriptionRow row = based(id, baseRevision);
    Integer parent = revision(row, row.currentRevision()).parent();
    if (parent == null) {
      throw new ConflictException("There is nothing to undo.");
    }
    return pointTo(row, parent);
  }

  @Transactional
  public Prescription redo(UUID id, int baseRevision) {
    PrescriptionRow row = based(id, baseRevision);
    return revisions
        .findFirstByPrescriptionIdAndParentOrderByNumberDesc(id, row.currentRevision())
        .map(next -> pointTo(row, next.number()))
        .orElseThrow(() -> new ConflictException("There is nothing to redo."));
  }

  private Prescription pointTo(PrescriptionRow row, int revision) {
    row.pointTo(revision);
    prescriptions.saveAndFlush(row);
    return prescription(row);
  }

  /**
   * A step in a prescription's history.
   *
   * @param number to ask for the plan by
   * @param edit what made it
   * @param at when
   * @param current whether it is the one that counts
   */
  public record RevisionSummary(int number, String edit, Instant at, boolean current) {}

  /** All revisions, newest first. */
  @Transactional(readOnly = true)
  public List<RevisionSummary> revisions(UUID id) {
    PrescriptionRow row = row(id);
    return revisions.findByPrescriptionIdOrderByNumberDesc(id).stream()
        .map(
            r ->
                new RevisionSummary(
                    r.number(), r.edit(), r.createdAt(), r.number() == row.currentRevision()))
        .toList();
  }

  /** The warm-up as it was in a revision. */
  @Transactional(readOnly = true)
  public GivenWarmUp revision(UUID id, int number) {
    row(id);
    return revisions
        .findByPrescriptionIdAndNumber(id, number)
        .map(snapshots::given)
        .orElseThrow(() -> new NotFoundException("revision"));
  }

  /** A revision as it was computed; the current one where there is none of that number. */
  @Transactional(readOnly = true)
  public Plan plan(UUID id, int number) {
    PrescriptionRow row = row(id);
    return revisions
        .findInputs(id, number)
        .map(inputs -> snapshots.source(row.clubId(), inputs))
        .orElseGet(() -> source(row, row.currentRevision()))
        .plan();
  }

  /** What the warm-up as it is now is computed from. */
  @Transactional(readOnly = true)
  public PlanSource source(UUID id) {
    PrescriptionRow row = row(id);
    return source(row, row.currentRevision());
  }

  /**
   * The same, for somebody who saw a revision.
   *
   * @throws ConflictException where that is the current one no longer
   */
  @Transactional(readOnly = true)
  public PlanSource source(UUID id, int baseRevision) {
    return source(based(id, baseRevision), baseRevision);
  }

  private PlanSource source(PrescriptionRow row, int number) {
    return snapshots.source(row.clubId(), revisions.findInputs(row.id(), number).orElseThrow());
  }

  /** What a plan was computed from. */
  @Transactional(readOnly = true)
  public PrescriptionRequest request(UUID id) {
    return source(id).request();
  }

  public PrescriptionRow row(UUID id) {
    return prescriptions.findById(id).orElseThrow(() -> new NotFoundException("prescription"));
  }

  private RevisionRow revision(PrescriptionRow row, int number) {
    return revisions.findByPrescriptionIdAndNumber(row.id(), number).orElseThrow();
  }

  private PrescriptionRow based(UUID id, int baseRevision) {
    PrescriptionRow row = row(id);
    if (row.currentRevision() != baseRevision) {
      throw new ConflictException(
          "This plan was changed elsewhere in the meantime. The newer version is shown;"
              + " repeat your change if it is still wanted.");
    }
    return row;
  }

  /** Waits for those who tell or decide something of the same warm-up at the same time. */
  public void lock(UUID id) {
    prescriptions.lock(id);
  }

  /** When the athlete of a prescription starts, where the club is. */
  public LocalDateTime startsAt(UUID id) {
    PrescriptionRow row = row(id);
    return sessions.details(sessions.row(row.sessionId())).startOf(row.athleteId());
  }

  /**
   * Refuses a prescription whose session was removed.
   *
   * @throws NotFoundException then
   */
  public void requireOnCalendar(UUID id) {
    sessions.onCalendar(row(id).sessionId());
  }
}
