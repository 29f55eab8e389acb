package dev.jubilee.server.question;

import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.prescription.Draft;
import dev.jubilee.server.prescription.Drafts;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The turns of a question: which is due before a session today, and which were taken. */
@Service
public class QuestionTurns {
  private final QuestionRepository questions;
  private final QuestionTurnRepository turns;
  private final QuestionViews views;
  private final Prescriptions prescriptions;
  private final Drafts drafts;
  private final Sessions sessions;
  private final ClubTime clubTime;
  private final TransactionTemplate writing;

  QuestionTurns(
      QuestionRepository questions,
      QuestionTurnRepository turns,
      QuestionViews views,
      Prescriptions prescriptions,
      Drafts drafts,
      Sessions sessions,
      ClubTime clubTime,
      PlatformTransactionManager transactions) {
    this.questions = questions;
    this.turns = turns;
    this.views = views;
    this.prescriptions = prescriptions;
    this.drafts = drafts;
    this.sessions = sessions;
    this.clubTime = clubTime;
    this.writing = new TransactionTemplate(transactions);
  }

  /** What is to be tried before a session today, if anything. */
  @Transactional(readOnly = true)
  public Optional<QuestionView> dueFor(UUID clubId, UUID prescriptionId) {
    PrescriptionRow row = prescriptions.row(prescriptionId);
    return due(clubId, row).map(r -> views.of(r));
  }

  private Optional<QuestionRow> due(UUID clubId, PrescriptionRow prescription) {
    SessionDetails details = sessions.details(sessions.row(prescription.sessionId()));
    if (!details.startsAt().toLocalDate().equals(clubTime.today(clubId))
        || details.doesNotTakePlace()
        || turns.existsByPrescriptionId(prescription.id())) {
      return Optional.empty();
    }
    // Close to a race nothing is tried: the warm-up is as it was rehearsed.
    if (!prescriptions.request(prescription.id()).phase().familiar().isEmpty()) {
      return Optional.empty();
    }
    return questions.findTop100ByAthleteIdOrderByAskedOnDescId(prescription.athleteId()).stream()
        .filter(q -> q.isAbout(details.sport(), details.kind()) && isOpen(q))
        .findFirst();
  }

  /**
   * Takes the turn that is due before a session today: only now it is seen which way it is.
   *
   * @throws ConflictException where none is due
   */
  public QuestionView takeTurn(SignedIn coach, UUID prescriptionId) {
    PrescriptionRow prescription = prescriptions.row(prescriptionId);
    QuestionRow row =
        due(coach.clubId(), prescription)
            .orElseThrow(
                () -> new ConflictException("Nothing is to be tried before this session."));
    int number = turns.findByQuestionIdOrderByNumber(row.getId()).size() + 1;
    int efforts = row.question().efforts(number);
    Draft draft =
        drafts.withEfforts(
            prescriptionId,
            efforts,
            "Turn " + number + " of a question: graded efforts " + efforts);
    writing.executeWithoutResult(
        status -> {
          keep(new QuestionTurnRow(row.getId(), number, prescriptionId, efforts));
          prescriptions.keep(coach, draft);
        });
    return views.of(row);
  }

  /** Keeps a turn; the database refuses a second coach who takes the same one at once. */
  private void keep(QuestionTurnRow turn) {
    try {
      turns.saveAndFlush(turn);
    } catch (DataIntegrityViolationException e) {
      throw new ConflictException("Another coach took this turn a moment ago.");
    }
  }

  /** Enters turns that were taken. */
  @Transactional
  public void took(UUID questionId, UUID prescriptionId) {
    int number = turns.findByQuestionIdOrderByNumber(questionId).size() + 1;
    int efforts = questions.require(questionId).question().efforts(number);
    keep(new QuestionTurnRow(questionId, number, prescriptionId, efforts));
  }

  /**
   * Graded efforts of the turn after those that were taken.
   *
   * @param number from 1
   */
  @Transactional(readOnly = true)
  public int efforts(UUID questionId, int number) {
    return questions.require(questionId).question().efforts(number);
  }

  /** Whether there is a turn left to take. */
  boolean isOpen(QuestionRow row) {
    return !row.isGivenUp()
        && turns.findByQuestionIdOrderByNumber(row.getId()).size() < row.question().turns();
  }
}
