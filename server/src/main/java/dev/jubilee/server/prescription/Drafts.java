package dev.jubilee.server.prescription;

import dev.jubilee.core.checkin.TodaysChange;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.edit.Routine;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.warmup.WarmUp;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Computes the changes that coaches make to warm-ups; saves nothing. */
@Service
public class Drafts {
  private final Prescriptions prescriptions;
  private final Sessions sessions;
  private final Athletes athletes;
  private final TodaysChanges today;
  private final TransactionTemplate reading;

  Drafts(
      Prescriptions prescriptions,
      Sessions sessions,
      Athletes athletes,
      TodaysChanges today,
      PlatformTransactionManager transactions) {
    this.prescriptions = prescriptions;
    this.sessions = sessions;
    this.athletes = athletes;
    this.today = today;
    this.reading = new TransactionTemplate(transactions);
    this.reading.setReadOnly(true);
  }

  public Draft edited(UUID id, int baseRevision, Edit edit) {
    PlanSource before = prescriptions.source(id, baseRevision);
    return Draft.of(
        id, baseRevision, Origin.COACH, edit.words(before), WarmUp.edited(before, edit));
  }

  /**
   * Computed anew from the athlete and session as they are now, around what is locked.
   * Circumstances the coach set here stay.
   */
  public Draft refreshed(SignedIn coach, UUID id, int baseRevision) {
    PlanSource fresh =
        reading.execute(
            status -> {
              PlanSource before = prescriptions.source(id, baseRevision);
              PrescriptionRow row = prescriptions.row(id);
              SessionRow session = sessions.row(row.sessionId());
              PrescriptionRequest anew =
                  before
                      .request()
                      .with(
                          athletes.asKnown(
                              athletes.row(row.athleteId()), session.startsAt().toLocalDate()),
                          sessions.details(session).toCore());
              return before.with(TodaysChange.all(today.taken(coach.clubId(), id), anew));
            });
    return Draft.of(
        id,
        baseRevision,
        Origin.REFRESHED,
        "Updated to the athlete and session as they are now",
        WarmUp.edited(fresh, new Edit.Refit()));
  }

  /** Computed anew with what is different today, around what is locked. */
  public Draft today(UUID id, int baseRevision, List<TodaysChange> changes) {
    return Draft.of(
        id,
        baseRevision,
        Origin.CHECK_IN,
        "Took over the check-in",
        today(prescriptions.source(id, baseRevision), changes));
  }

  static WarmUp today(PlanSource before, List<TodaysChange> changes) {
    return WarmUp.edited(
        before.with(TodaysChange.all(changes, before.request())), new Edit.Refit());
  }

  /**
   * Computed anew with just so many graded efforts, around what is locked.
   *
   * @param words for the history
   * @throws ConflictException where no warm-up before this session has that many
   */
  public Draft withEfforts(UUID id, int efforts, String words) {
    int base = prescriptions.row(id).currentRevision();
    WarmUp made =
        WarmUp.withEfforts(prescriptions.source(id, base), efforts)
            .orElseThrow(
                () ->
                    new ConflictException(
                        "No warm-up before this session has just " + efforts + " graded efforts."));
    return Draft.of(id, base, Origin.QUESTION, words, made);
  }

  /** A draft from a routine, and what had to differ from it. */
  public record Applied(Draft draft, List<String> differences) {}

  /** With a routine's drills, adapted. */
  public Applied routine(UUID id, int baseRevision, String name, Routine routine) {
    Routine.Applied applied = routine.applyTo(prescriptions.source(id, baseRevision).plan());
    WarmUp made = WarmUp.of(applied.simulated());
    return new Applied(
        Draft.of(id, baseRevision, Origin.ROUTINE, "Applied " + name, made), applied.differences());
  }

  /** With a class's drills, adapted, in the room and the company of the class. */
  Draft asOneClass(UUID id, int baseRevision, Circumstances room, Routine skeleton) {
    PlanSource before = prescriptions.source(id, baseRevision);
    PlanSource inTheRoom = before.with(before.request().with(room));
    Plan own = WarmUp.edited(inTheRoom, new Edit.Refit()).plan();
    WarmUp made = WarmUp.of(skeleton.applyTo(own).simulated());
    return Draft.of(id, baseRevision, Origin.ROUTINE, "As one class", made);
  }
}
