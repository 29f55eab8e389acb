package dev.jubilee.server.prescription;

import dev.jubilee.core.checkin.TodaysChange;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.decision.Checkpoint;
import dev.jubilee.core.decision.Decisions;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.decision.Situation;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.Alternatives;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.edit.InHand;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.edit.Routine;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanDifference;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.warmup.WarmUp;
import dev.jubilee.server.approach.Approaches;
import dev.jubilee.server.athlete.AthleteProfile;
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
 * What coaches do with prescriptions. What is computed is computed between two transactions: the
 * one that reads and the one that writes, which looks once more whether the plan is still the one
 * that was read.
 */
@Service
public class Prescriptions {
  private final PrescriptionRepository prescriptions;
  private final RevisionRepository revisions;
  private final Sessions sessions;
  private final Athletes athletes;
  private final ShareLinks handOvers;
  private final Snapshots snapshots;
  private final Libraries libraries;
  private final Approaches approaches;
  private final TodaysChanges today;
  private final TransactionTemplate reading;
  private final TransactionTemplate writing;

  Prescriptions(
      PrescriptionRepository prescriptions,
      RevisionRepository revisions,
      Sessions sessions,
      Athletes athletes,
      ShareLinks handOvers,
      Snapshots snapshots,
      Libraries libraries,
      Approaches approaches,
      TodaysChanges today,
      PlatformTransactionManager transactions) {
    this.prescriptions = prescriptions;
    this.revisions = revisions;
    this.sessions = sessions;
    this.athletes = athletes;
    this.handOvers = handOvers;
    this.snapshots = snapshots;
    this.libraries = libraries;
    this.approaches = approaches;
    this.today = today;
    this.writing = new TransactionTemplate(transactions);
    this.reading = new TransactionTemplate(transactions);
    this.reading.setReadOnly(true);
  }

  /** The athlete's prescription for the session; computed now if there is none. */
  public PrescriptionView prescribe(SignedIn coach, UUID sessionId, UUID athleteId) {
    Asked asked = reading.execute(status -> asked(coach, sessionId, athleteId));
    if (asked.existing().isPresent()) {
      return asked.existing().get();
    }
    Computed computed = Computed.of(WarmUp.prescribed(asked.request(), asked.library()));
    return writing.execute(
        status ->
            prescriptions
                .findBySessionIdAndAthleteId(sessionId, athleteId)
                .map(this::view)
                .orElseGet(
                    () ->
                        store(
                            coach,
                            new PrescriptionRow(
                                UUID.randomUUID(), coach.clubId(), sessionId, athleteId),
                            new Snapshots.Step(null, Origin.PRESCRIBED, "Prescribed"),
                            computed)));
  }

  /** What there is already, or what it takes to compute it. */
  private record Asked(
      Optional<PrescriptionView> existing, PrescriptionRequest request, DrillLibrary library) {}

  private Asked asked(SignedIn coach, UUID sessionId, UUID athleteId) {
    SessionRow session = sessions.onCalendar(sessionId);
    AthleteRow athlete = athletes.row(athleteId);
    Optional<PrescriptionView> existing =
        prescriptions.findBySessionIdAndAthleteId(sessionId, athleteId).map(this::view);
    SessionDetails details = sessions.details(session);
    PrescriptionRequest request =
        PrescriptionRequest.of(
                athletes.asKnown(athlete, session.startsAt().toLocalDate()),
                details.toCore(),
                details.circumstances())
            .with(approaches.of(coach))
            .after(lastTime(session, athleteId, details));
    return new Asked(existing, request, libraries.of(coach.clubId()));
  }

  @Transactional(readOnly = true)
  public PrescriptionView one(UUID id) {
    return view(row(id));
  }

  public PrescriptionView edit(SignedIn coach, UUID id, EditRequest request) {
    Edit edit = request.toCore();
    PlanSource before = source(id, request.baseRevision());
    Computed after = Computed.of(WarmUp.edited(before, edit));
    return revise(coach, id, request.baseRevision(), Origin.COACH, edit.words(before), after);
  }

  /** What an edit would lead to; nothing is stored. */
  public PlanView preview(SignedIn coach, UUID id, EditRequest request) {
    PlanSource before = source(id, request.baseRevision());
    return PlanViews.of(WarmUp.edited(before, request.toCore()));
  }

  /**
   * Computes anew from the athlete and session as they are now, around what is locked.
   * Circumstances the coach set here stay.
   */
  public PrescriptionView refresh(SignedIn coach, UUID id, int baseRevision) {
    PlanSource fresh =
        reading.execute(
            status -> {
              PrescriptionRow row = based(id, baseRevision);
              PlanSource before = source(row);
              SessionRow session = sessions.row(row.sessionId());
              PrescriptionRequest anew =
                  before
                      .request()
                      .with(
                          athletes.asKnown(
                              athletes.row(row.athleteId()), session.startsAt().toLocalDate()))
                      .with(sessions.details(session).toCore());
              return before.with(TodaysChange.all(today.taken(coach.clubId(), id), anew));
            });
    Computed after = Computed.of(WarmUp.edited(fresh, new Edit.Refit()));
    return revise(
        coach,
        id,
        baseRevision,
        Origin.REFRESHED,
        "Updated to the athlete and session as they are now",
        after);
  }

  /**
   * Computes anew with what is different today, around what is locked.
   *
   * @param decided what is written with the new revision, or not at all
   */
  public void takeToday(
      SignedIn coach, UUID id, int baseRevision, List<TodaysChange> changes, Runnable decided) {
    PlanSource before = source(id, baseRevision);
    Computed after = Computed.of(today(before, changes));
    writing.executeWithoutResult(
        status -> {
          decided.run();
          revise(coach, id, baseRevision, Origin.CHECK_IN, "Took over the check-in", after);
        });
  }

  /**
   * Computes anew with just so many graded efforts, around what is locked.
   *
   * @param words for the history
   * @param decided what is written with the new revision, or not at all
   * @throws ConflictException where no warm-up before this session has that many
   */
  public void withEfforts(SignedIn coach, UUID id, int efforts, String words, Runnable decided) {
    PrescriptionRow current = reading.execute(status -> row(id));
    int base = current.currentRevision();
    PlanSource before = source(id, base);
    Computed after =
        Computed.of(
            WarmUp.withEfforts(before, efforts)
                .orElseThrow(
                    () ->
                        new ConflictException(
                            "No warm-up before this session has just "
                                + efforts
                                + " graded efforts.")));
    writing.executeWithoutResult(
        status -> {
          decided.run();
          revise(coach, id, base, Origin.QUESTION, words, after);
        });
  }

  /** Whether a warm-up before the same session can have just so many graded efforts. */
  public boolean canHaveEfforts(UUID id, int efforts) {
    PlanSource now = reading.execute(status -> source(row(id)));
    return WarmUp.withEfforts(now, efforts).isPresent();
  }

  private static WarmUp today(PlanSource before, List<TodaysChange> changes) {
    return WarmUp.edited(
        before.with(TodaysChange.all(changes, before.request())), new Edit.Refit());
  }

  /** What each of some changes for today would make of the plan, and all of them together. */
  public Differences differences(UUID id, List<TodaysChange> changes) {
    PlanSource before = reading.execute(status -> source(row(id)));
    Plan plan = before.plan();
    Plan all = today(before, changes).plan();
    return new Differences(
        PlanDifference.between(plan, all),
        changes.stream()
            .map(c -> changes.size() == 1 ? all : today(before, List.of(c)).plan())
            .map(after -> PlanDifference.between(plan, after))
            .toList(),
        PlanViews.of(WarmUp.of(all)));
  }

  /**
   * What changes lead to.
   *
   * @param together of all of them
   * @param each of each alone, in their order
   * @param after the plan with all of them
   */
  public record Differences(List<String> together, List<List<String>> each, PlanView after) {}

  /** What a plan was computed from. */
  public PrescriptionRequest request(UUID id) {
    return reading.execute(status -> source(row(id)).request());
  }

  /** What a careful coach would decide about what was seen. */
  public InHandPlans.Decided decide(
      UUID id, Checkpoint checkpoint, List<Mark> earlier, List<Mark> marks) {
    Plan plan = reading.execute(status -> source(row(id))).plan();
    return InHandPlans.Decided.of(
        plan, Decisions.of(new Situation(plan, checkpoint, earlier), marks));
  }

  private PlanSource source(UUID id, int baseRevision) {
    return reading.execute(status -> source(based(id, baseRevision)));
  }

  private PrescriptionView revise(
      SignedIn coach, UUID id, int baseRevision, Origin origin, String words, Computed after) {
    return writing.execute(
        status -> {
          PrescriptionRow row = based(id, baseRevision);
          return store(coach, row, new Snapshots.Step(row.currentRevision(), origin, words), after);
        });
  }

  @Transactional
  public PrescriptionView undo(UUID id, int baseRevision) {
    PrescriptionRow row = based(id, baseRevision);
    Integer parent = revision(row, row.currentRevision()).parent();
    if (parent == null) {
      throw new ConflictException("There is nothing to undo.");
    }
    row.pointTo(parent);
    prescriptions.saveAndFlush(row);
    return view(row);
  }

  @Transactional
  public PrescriptionView redo(UUID id, int baseRevision) {
    PrescriptionRow row = based(id, baseRevision);
    RevisionRow next =
        revisions
            .findFirstByPrescriptionIdAndParentOrderByNumberDesc(id, row.currentRevision())
            .orElseThrow(() -> new ConflictException("There is nothing to redo."));
    row.pointTo(next.number());
    prescriptions.saveAndFlush(row);
    return view(row);
  }

  /** What could take an item's place; the best first. */
  public List<Alternatives.Alternative> alternatives(UUID id, String itemId) {
    Plan plan = reading.execute(status -> source(row(id))).plan();
    PlanItem item = plan.item(itemId);
    return item.block() == WarmUpPart.TRANSITION
        ? List.of()
        : Alternatives.forItem(plan, item, new PlanEditor(plan.library()));
  }

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

  /** An athlete's warm-up for a session, if one is prescribed. */
  @Transactional(readOnly = true)
  public Optional<PrescriptionView> find(UUID sessionId, UUID athleteId) {
    return prescriptions.findBySessionIdAndAthleteId(sessionId, athleteId).map(this::view);
  }

  /** What is left when minutes are lost before it begins; empty where too little is. */
  public Optional<InHand.Left> late(UUID id, int minutes) {
    return InHand.late(reading.execute(status -> source(row(id))), 0, minutes);
  }

  /** What may be needed when the warm-up runs. */
  public InHandPlans inHand(UUID id) {
    PrescriptionRow row = reading.execute(status -> row(id));
    PlanSource source = reading.execute(status -> source(row));
    return InHandPlans.of(source, row.currentRevision());
  }

  /** A revision as it was computed; the current one where there is none of that number. */
  @Transactional(readOnly = true)
  public Plan plan(UUID clubId, UUID id, int number) {
    PrescriptionRow row = row(id);
    String inputs =
        revisions
            .findInputs(id, number)
            .or(() -> revisions.findInputs(id, row.currentRevision()))
            .orElseThrow(() -> new NotFoundException("revision"));
    return snapshots.source(clubId, inputs).plan();
  }

  /** The plan as it was in a revision. */
  @Transactional(readOnly = true)
  public PlanView revision(UUID clubId, UUID id, int number) {
    row(id);
    return revisions
        .findByPrescriptionIdAndNumber(id, number)
        .map(snapshots::outcome)
        .orElseThrow(() -> new NotFoundException("revision"));
  }

  /** The present drills, to be given a name. */
  @Transactional(readOnly = true)
  public Routine routine(UUID id) {
    PrescriptionRow row = row(id);
    return Routine.of(source(row).plan());
  }

  /** Gives the athlete a routine's drills, adapted. */
  public AppliedRoutine apply(
      SignedIn coach, UUID id, int baseRevision, String name, Routine routine) {
    Routine.Applied applied = routine.applyTo(source(id, baseRevision).plan());
    Computed after = Computed.of(WarmUp.of(applied.simulated()));
    return new AppliedRoutine(
        revise(coach, id, baseRevision, Origin.ROUTINE, "Applied " + name, after),
        applied.differences());
  }

  /** Gives the athlete a class's drills, adapted, in the room and the company of the class. */
  public PrescriptionView asOneClass(
      SignedIn coach, UUID id, int baseRevision, Circumstances room, Routine skeleton) {
    PlanSource before = source(id, baseRevision);
    PlanSource inTheRoom = before.with(before.request().with(room));
    Plan own = WarmUp.edited(inTheRoom, new Edit.Refit()).plan();
    Computed after = Computed.of(WarmUp.of(skeleton.applyTo(own).simulated()));
    return revise(coach, id, baseRevision, Origin.ROUTINE, "As one class", after);
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

  /** A plan made from a routine and what had to differ. */
  public record AppliedRoutine(PrescriptionView view, List<String> differences) {}

  /** Drills of the athlete's last warm-up before a session of the same kind. */
  private Set<String> lastTime(SessionRow session, UUID athleteId, SessionDetails details) {
    return prescriptions
        .findLast(athleteId, session.startsAt(), details.sport().name(), details.kind().name())
        .map(row -> revision(row, row.currentRevision()))
        .map(snapshots::outcome)
        .map(p -> p.items().stream().map(PlanView.ItemView::drillId).collect(Collectors.toSet()))
        .orElse(Set.of());
  }

  public PrescriptionRow row(UUID id) {
    return prescriptions.findById(id).orElseThrow(() -> new NotFoundException("prescription"));
  }

  private PrescriptionView view(PrescriptionRow row) {
    RevisionRow revision = revision(row, row.currentRevision());
    PrescriptionRequest request = snapshots.source(row.clubId(), revision.inputs()).request();
    PlanView plan = snapshots.outcome(revision);
    boolean canRedo = revisions.existsByPrescriptionIdAndParent(row.id(), revision.number());
    return view(row, revision, canRedo, request, plan);
  }

  private PrescriptionView view(
      PrescriptionRow row,
      RevisionRow revision,
      boolean canRedo,
      PrescriptionRequest request,
      PlanView plan) {
    SessionRow session = sessions.row(row.sessionId());
    AthleteRow athlete = athletes.row(row.athleteId());
    AthleteProfile profile = athletes.profile(athlete);
    SessionDetails details = sessions.details(session);
    return new PrescriptionView(
        row.id(),
        revision.number(),
        revision.parent() != null,
        canRedo,
        revision.edit(),
        new PrescriptionView.AthleteSummary(athlete.id(), profile.name(), profile.level()),
        session.id(),
        details,
        details.startOf(row.athleteId()).plusMinutes(request.circumstances().slipped()),
        PrescriptionView.CircumstancesView.of(request.circumstances()),
        request.approach(),
        plan,
        handOvers.shown(row.id(), details.startOf(row.athleteId())).orElse(null));
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

  private PrescriptionRow based(UUID id, int baseRevision) {
    PrescriptionRow row = row(id);
    if (row.currentRevision() != baseRevision) {
      throw new ConflictException(
          "This plan was changed elsewhere in the meantime. The newer version is shown;"
              + " repeat your change if it is still wanted.");
    }
    return row;
  }

  /** A warm-up and how it is shown; what takes time is done with no connection held. */
  private record Computed(WarmUp warmUp, PlanView shown) {
    static Computed of(WarmUp warmUp) {
      return new Computed(warmUp, PlanViews.of(warmUp));
    }
  }

  private PrescriptionView store(
      SignedIn coach, PrescriptionRow row, Snapshots.Step step, Computed computed) {
    RevisionRow revision = snapshots.next(coach, row, step, computed.warmUp(), computed.shown());
    prescriptions.saveAndFlush(row);
    revisions.saveAndFlush(revision);
    return view(row, revision, false, computed.warmUp().plan().request(), computed.shown());
  }

  private RevisionRow revision(PrescriptionRow row, int number) {
    return revisions.findByPrescriptionIdAndNumber(row.id(), number).orElseThrow();
  }

  private PlanSource source(PrescriptionRow row) {
    String stored = revisions.findInputs(row.id(), row.currentRevision()).orElseThrow();
    return snapshots.source(row.clubId(), stored);
  }
}
