package dev.jubilee.server.question;

import dev.jubilee.core.learning.Question;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.statistics.PairedRandomization;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.prescription.Draft;
import dev.jubilee.server.prescription.Drafts;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.prescription.Previews;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.record.Kept;
import dev.jubilee.server.record.Records;
import dev.jubilee.server.record.stored.RecordV1;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Questions that coaches try properly: drawn by chance, taken on the day, answered at the end. */
@Service
public class Questions {
  /** Of one athlete, ever. */
  private static final int MOST = 100;

  private static final double[] EFFECTS = {0.5, 0.8, 1, 1.5};

  private final QuestionRepository questions;
  private final QuestionTurnRepository turns;
  private final Athletes athletes;
  private final Prescriptions prescriptions;
  private final Drafts drafts;
  private final Previews previews;
  private final Sessions sessions;
  private final Records records;
  private final ClubTime clubTime;
  private final Clock clock;
  private final TransactionTemplate writing;
  private final SecureRandom chance = new SecureRandom();

  Questions(
      QuestionRepository questions,
      QuestionTurnRepository turns,
      Athletes athletes,
      Prescriptions prescriptions,
      Drafts drafts,
      Previews previews,
      Sessions sessions,
      Records records,
      ClubTime clubTime,
      Clock clock,
      PlatformTransactionManager transactions) {
    this.questions = questions;
    this.turns = turns;
    this.athletes = athletes;
    this.prescriptions = prescriptions;
    this.drafts = drafts;
    this.previews = previews;
    this.sessions = sessions;
    this.records = records;
    this.clubTime = clubTime;
    this.clock = clock;
    this.writing = new TransactionTemplate(transactions);
  }

  /**
   * Asks a question of an athlete; one at a time before each kind of session.
   *
   * @throws OutOfRangeException naming the field: also where the athlete’s last warm-up before such
   *     a session could not have had so many efforts
   */
  public QuestionView ask(SignedIn coach, UUID athleteId, QuestionInput input) {
    input.toCore(0);
    Optional<UUID> last = records.last(athleteId, input.sport(), input.kind());
    last.ifPresent(
        id -> {
          requirePossible(id, "first", input.first());
          requirePossible(id, "second", input.second());
        });
    return writing.execute(status -> ask(coach, athleteId, input, chance.nextLong()));
  }

  private void requirePossible(UUID prescription, String field, int efforts) {
    if (!previews.canHaveEfforts(prescription, efforts)) {
      String possible =
          IntStream.rangeClosed(1, PrescriptionRequest.MOST_EFFORTS)
              .filter(n -> previews.canHaveEfforts(prescription, n))
              .mapToObj(Integer::toString)
              .collect(Collectors.joining(", "));
      throw new OutOfRangeException(
          field, efforts, "what their last warm-up could have: " + possible);
    }
  }

  /** The same as chance decided before. */
  @Transactional
  public QuestionView ask(SignedIn coach, UUID athleteId, QuestionInput input, long seed) {
    athletes.row(athleteId);
    Question question = input.toCore(seed);
    List<QuestionRow> all = questions.findTop100ByAthleteIdOrderByAskedOnDescId(athleteId);
    boolean isAsked =
        all.stream().anyMatch(q -> q.isAbout(input.sport(), input.kind()) && isOpen(q));
    if (isAsked) {
      throw new ConflictException(
          "A question about these sessions is under way. End it first, or wait for its answer.");
    }
    if (all.size() >= MOST) {
      throw new ConflictException("There are " + MOST + " questions already, which is the most.");
    }
    QuestionRow row =
        questions.saveAndFlush(
            new QuestionRow(
                athleteId,
                input.sport(),
                input.kind(),
                question,
                today(coach.clubId()),
                coach.coachId()));
    return view(row);
  }

  private LocalDate today(UUID clubId) {
    return clubTime.today(clubId);
  }

  /** All of an athlete, newest first. */
  @Transactional(readOnly = true)
  public List<QuestionView> of(UUID athleteId) {
    athletes.row(athleteId);
    return questions.findTop100ByAthleteIdOrderByAskedOnDescId(athleteId).stream()
        .map(q -> view(q))
        .toList();
  }

  @Transactional(readOnly = true)
  public QuestionView one(UUID id) {
    return view(row(id));
  }

  /** Stops it before its end: then there is no answer. */
  @Transactional
  public QuestionView giveUp(UUID id) {
    QuestionRow row = row(id);
    row.giveUp(clock.instant());
    return view(row);
  }

  /** Takes away one of which no turn was taken. */
  @Transactional
  public void remove(UUID id) {
    QuestionRow row = row(id);
    if (!turns.findByQuestionIdOrderByNumber(id).isEmpty()) {
      throw new ConflictException("A turn of it was taken: it can be ended, and stays.");
    }
    questions.delete(row);
  }

  /** What is to be tried before a session today, if anything. */
  @Transactional(readOnly = true)
  public Optional<QuestionView> dueFor(UUID clubId, UUID prescriptionId) {
    PrescriptionRow row = prescriptions.row(prescriptionId);
    return due(clubId, row).map(r -> view(r));
  }

  private Optional<QuestionRow> due(UUID clubId, PrescriptionRow prescription) {
    SessionDetails details = sessions.details(sessions.row(prescription.sessionId()));
    if (!details.startsAt().toLocalDate().equals(today(clubId))
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
    return one(row.getId());
  }

  /** Keeps a turn; whoever takes the same one at once is refused by the database. */
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
    int efforts = row(questionId).question().efforts(number);
    keep(new QuestionTurnRow(questionId, number, prescriptionId, efforts));
  }

  /**
   * Graded efforts of the turn after those that were taken.
   *
   * @param number from 1
   */
  @Transactional(readOnly = true)
  public int efforts(UUID questionId, int number) {
    return row(questionId).question().efforts(number);
  }

  /** How many pairs effects of several sizes need. */
  public static QuestionView.PowerView power() {
    return Needed.VIEW;
  }

  /** Found once: it takes a second. */
  private static final class Needed {
    private static final QuestionView.PowerView VIEW =
        new QuestionView.PowerView(
            Stream.of(EFFECTS[0], EFFECTS[1], EFFECTS[2], EFFECTS[3])
                .map(e -> new QuestionView.PairsNeeded(e, pairs(e)))
                .toList());

    private static Integer pairs(double effect) {
      int needed = PairedRandomization.pairsFor(effect);
      return needed > PairedRandomization.MOST_PAIRS ? null : needed;
    }
  }

  private boolean isOpen(QuestionRow row) {
    return !row.isGivenUp()
        && turns.findByQuestionIdOrderByNumber(row.getId()).size() < row.question().turns();
  }

  private QuestionRow row(UUID id) {
    return questions.findById(id).orElseThrow(() -> new NotFoundException("question"));
  }

  private QuestionView view(QuestionRow row) {
    Question question = row.question();
    List<Question.Turn> answers = new ArrayList<>();
    List<QuestionView.TurnView> views = new ArrayList<>();
    List<QuestionTurnRow> taken = turns.findByQuestionIdOrderByNumber(row.getId());
    boolean isOver = taken.size() == question.turns() && !row.isGivenUp();
    for (QuestionTurnRow turn : taken) {
      Optional<Kept> kept = records.find(turn.prescriptionId());
      Optional<Double> value = kept.flatMap(k -> value(k.figures(), question.measure()));
      answers.add(new Question.Turn(turn.number(), value));
      views.add(
          new QuestionView.TurnView(
              turn.number(),
              sessions
                  .row(prescriptions.row(turn.prescriptionId()).sessionId())
                  .startsAt()
                  .toLocalDate(),
              turn.prescriptionId(),
              turn.efforts(),
              value.isPresent(),
              isOver ? value.orElse(null) : null));
    }
    Optional<Question.Answer> answer = isOver ? question.answer(answers) : Optional.empty();
    return new QuestionView(
        row.getId(),
        row.athleteId(),
        row.sport(),
        row.kind(),
        question.first(),
        question.second(),
        question.measure(),
        question.pairs(),
        question.turns(),
        row.askedOn(),
        row.isGivenUp(),
        PairedRandomization.power(1, question.pairs()),
        views,
        answer.map(a -> QuestionView.AnswerView.of(a, question.measure())).orElse(null));
  }

  private static Optional<Double> value(RecordV1 figures, Question.Measure measure) {
    return switch (measure) {
      case FELT -> Optional.ofNullable(figures.felt()).map(Integer::doubleValue);
      case BEST_EFFORT -> Optional.ofNullable(figures.best()).map(Integer::doubleValue);
      case SECONDS -> mean(figures.results(), true);
      case OUTPUT -> mean(figures.results(), false);
    };
  }

  private static Optional<Double> mean(RecordV1.ResultsV1 results, boolean isTime) {
    if (results == null || (results.unit() == RecordV1.Unit.SECONDS) != isTime) {
      return Optional.empty();
    }
    return Optional.of(
        results.efforts().stream().mapToDouble(Double::doubleValue).average().orElse(0));
  }
}
