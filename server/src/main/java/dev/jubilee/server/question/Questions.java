package dev.jubilee.server.question;

import dev.jubilee.core.learning.Question;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.statistics.PairedRandomization;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.record.Records;
import dev.jubilee.server.record.stored.RecordV1;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import java.security.SecureRandom;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
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

  private final JdbcTemplate jdbc;
  private final Athletes athletes;
  private final Prescriptions prescriptions;
  private final Sessions sessions;
  private final Records records;
  private final ClubRepository clubs;
  private final TransactionTemplate writing;
  private final SecureRandom chance = new SecureRandom();

  Questions(
      JdbcTemplate jdbc,
      Athletes athletes,
      Prescriptions prescriptions,
      Sessions sessions,
      Records records,
      ClubRepository clubs,
      PlatformTransactionManager transactions) {
    this.jdbc = jdbc;
    this.athletes = athletes;
    this.prescriptions = prescriptions;
    this.sessions = sessions;
    this.records = records;
    this.clubs = clubs;
    this.writing = new TransactionTemplate(transactions);
  }

  private record Row(
      UUID id,
      UUID athleteId,
      Sport sport,
      SessionKind kind,
      Question question,
      LocalDate askedOn,
      boolean isGivenUp) {}

  private record Taken(int number, UUID prescriptionId, int efforts) {}

  /**
   * Asks a question of an athlete; one at a time before each kind of session.
   *
   * @throws OutOfRangeException naming the field: also where the athlete’s last warm-up before such
   *     a session could not have had so many efforts
   */
  public QuestionView ask(SignedIn coach, UUID athleteId, QuestionInput input) {
    input.toCore(0);
    Optional<UUID> last = records.last(coach.clubId(), athleteId, input.sport(), input.kind());
    last.ifPresent(
        id -> {
          requirePossible(coach.clubId(), id, "first", input.first());
          requirePossible(coach.clubId(), id, "second", input.second());
        });
    return writing.execute(status -> ask(coach, athleteId, input, chance.nextLong()));
  }

  private void requirePossible(UUID clubId, UUID prescription, String field, int efforts) {
    if (!prescriptions.canHaveEfforts(clubId, prescription, efforts)) {
      String possible =
          IntStream.rangeClosed(1, PrescriptionRequest.MOST_EFFORTS)
              .filter(n -> prescriptions.canHaveEfforts(clubId, prescription, n))
              .mapToObj(Integer::toString)
              .collect(Collectors.joining(", "));
      throw new OutOfRangeException(
          field, efforts, "what their last warm-up could have: " + possible);
    }
  }

  /** The same as chance decided before. */
  @Transactional
  public QuestionView ask(SignedIn coach, UUID athleteId, QuestionInput input, long seed) {
    athletes.row(coach.clubId(), athleteId);
    Question question = input.toCore(seed);
    List<Row> all = rows(coach.clubId(), athleteId);
    boolean isAsked =
        all.stream()
            .filter(r -> r.sport() == input.sport() && r.kind() == input.kind())
            .anyMatch(r -> isOpen(coach.clubId(), r));
    if (isAsked) {
      throw new ConflictException(
          "A question about these sessions is under way. End it first, or wait for its answer.");
    }
    if (all.size() >= MOST) {
      throw new ConflictException("There are " + MOST + " questions already, which is the most.");
    }
    UUID id = UUID.randomUUID();
    jdbc.update(
        "INSERT INTO question (id, club_id, athlete_id, sport, kind, first_efforts,"
            + " second_efforts, measure, pairs, seed, asked_on, asked_by)"
            + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
        id,
        coach.clubId(),
        athleteId,
        input.sport().name(),
        input.kind().name(),
        question.first(),
        question.second(),
        question.measure().name(),
        question.pairs(),
        seed,
        today(coach.clubId()),
        coach.coachId());
    return one(coach.clubId(), id);
  }

  private LocalDate today(UUID clubId) {
    return LocalDate.now(clubs.findById(clubId).orElseThrow().zone());
  }

  /** All of an athlete, newest first. */
  @Transactional(readOnly = true)
  public List<QuestionView> of(UUID clubId, UUID athleteId) {
    athletes.row(clubId, athleteId);
    return rows(clubId, athleteId).stream().map(r -> view(clubId, r)).toList();
  }

  @Transactional(readOnly = true)
  public QuestionView one(UUID clubId, UUID id) {
    return view(clubId, row(clubId, id));
  }

  /** Stops it before its end: then there is no answer. */
  @Transactional
  public QuestionView giveUp(UUID clubId, UUID id) {
    row(clubId, id);
    jdbc.update(
        "UPDATE question SET given_up_at = now()"
            + " WHERE club_id = ? AND id = ? AND given_up_at IS NULL",
        clubId,
        id);
    return one(clubId, id);
  }

  /** Takes away one of which no turn was taken. */
  @Transactional
  public void remove(UUID clubId, UUID id) {
    row(clubId, id);
    if (!taken(clubId, id).isEmpty()) {
      throw new ConflictException("A turn of it was taken: it can be ended, and stays.");
    }
    jdbc.update("DELETE FROM question WHERE club_id = ? AND id = ?", clubId, id);
  }

  /** What is to be tried before a session today, if anything. */
  @Transactional(readOnly = true)
  public Optional<QuestionView> dueFor(UUID clubId, UUID prescriptionId) {
    PrescriptionRow row = prescriptions.row(clubId, prescriptionId);
    return due(clubId, row).map(r -> view(clubId, r));
  }

  private Optional<Row> due(UUID clubId, PrescriptionRow prescription) {
    SessionDetails details = sessions.details(sessions.row(clubId, prescription.sessionId()));
    if (!details.startsAt().toLocalDate().equals(today(clubId))
        || details.doesNotTakePlace()
        || isTaken(clubId, prescription.id())) {
      return Optional.empty();
    }
    // Close to a race nothing is tried: the warm-up is as it was rehearsed.
    if (!prescriptions.request(clubId, prescription.id()).phase().familiar().isEmpty()) {
      return Optional.empty();
    }
    return rows(clubId, prescription.athleteId()).stream()
        .filter(r -> r.sport() == details.sport() && r.kind() == details.kind())
        .filter(r -> isOpen(clubId, r))
        .findFirst();
  }

  /**
   * Takes the turn that is due before a session today: only now it is seen which way it is.
   *
   * @throws ConflictException where none is due
   */
  public QuestionView takeTurn(SignedIn coach, UUID prescriptionId) {
    PrescriptionRow prescription = prescriptions.row(coach.clubId(), prescriptionId);
    Row row =
        due(coach.clubId(), prescription)
            .orElseThrow(
                () -> new ConflictException("Nothing is to be tried before this session."));
    int number = taken(coach.clubId(), row.id()).size() + 1;
    int efforts = row.question().efforts(number);
    prescriptions.withEfforts(
        coach,
        prescriptionId,
        efforts,
        "Turn " + number + " of a question: graded efforts " + efforts,
        () -> keep(coach.clubId(), row.id(), new Taken(number, prescriptionId, efforts)));
    return one(coach.clubId(), row.id());
  }

  /** Keeps a turn; whoever takes the same one at once is refused by the database. */
  private void keep(UUID clubId, UUID questionId, Taken turn) {
    int kept =
        jdbc.update(
            "INSERT INTO question_turn (question_id, number, club_id, prescription_id, efforts)"
                + " VALUES (?, ?, ?, ?, ?) ON CONFLICT DO NOTHING",
            questionId,
            turn.number(),
            clubId,
            turn.prescriptionId(),
            turn.efforts());
    if (kept == 0) {
      throw new ConflictException("Another coach took this turn a moment ago.");
    }
  }

  /** Enters turns that were taken. */
  @Transactional
  public void took(UUID clubId, UUID questionId, UUID prescriptionId) {
    Row row = row(clubId, questionId);
    int number = taken(clubId, questionId).size() + 1;
    keep(clubId, questionId, new Taken(number, prescriptionId, row.question().efforts(number)));
  }

  /**
   * Graded efforts of the turn after those that were taken.
   *
   * @param number from 1
   */
  @Transactional(readOnly = true)
  public int efforts(UUID clubId, UUID questionId, int number) {
    return row(clubId, questionId).question().efforts(number);
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

  private boolean isOpen(UUID clubId, Row row) {
    return !row.isGivenUp() && taken(clubId, row.id()).size() < row.question().turns();
  }

  private boolean isTaken(UUID clubId, UUID prescriptionId) {
    Integer count =
        jdbc.queryForObject(
            "SELECT count(*) FROM question_turn WHERE club_id = ? AND prescription_id = ?",
            Integer.class,
            clubId,
            prescriptionId);
    return count != null && count > 0;
  }

  private static final String COLUMNS =
      "SELECT id, athlete_id, sport, kind, first_efforts, second_efforts, measure, pairs, seed,"
          + " asked_on, given_up_at IS NOT NULL FROM question WHERE club_id = ?";

  private List<Row> rows(UUID clubId, UUID athleteId) {
    return jdbc.query(
        COLUMNS + " AND athlete_id = ? ORDER BY asked_on DESC, id LIMIT 100",
        (row, i) -> read(row),
        clubId,
        athleteId);
  }

  private Row row(UUID clubId, UUID id) {
    return jdbc.query(COLUMNS + " AND id = ?", (row, i) -> read(row), clubId, id).stream()
        .findFirst()
        .orElseThrow(() -> new NotFoundException("question"));
  }

  private static Row read(java.sql.ResultSet row) throws java.sql.SQLException {
    return new Row(
        row.getObject(1, UUID.class),
        row.getObject(2, UUID.class),
        Sport.valueOf(row.getString(3)),
        SessionKind.valueOf(row.getString(4)),
        new Question(
            row.getInt(5),
            row.getInt(6),
            Question.Measure.valueOf(row.getString(7)),
            row.getInt(8),
            row.getLong(9)),
        row.getObject(10, LocalDate.class),
        row.getBoolean(11));
  }

  private List<Taken> taken(UUID clubId, UUID questionId) {
    return jdbc.query(
        "SELECT number, prescription_id, efforts FROM question_turn"
            + " WHERE club_id = ? AND question_id = ? ORDER BY number LIMIT 100",
        (row, i) -> new Taken(row.getInt(1), row.getObject(2, UUID.class), row.getInt(3)),
        clubId,
        questionId);
  }

  private QuestionView view(UUID clubId, Row row) {
    Question question = row.question();
    List<Question.Turn> turns = new ArrayList<>();
    List<QuestionView.TurnView> views = new ArrayList<>();
    List<Taken> taken = taken(clubId, row.id());
    boolean isOver = taken.size() == question.turns() && !row.isGivenUp();
    for (Taken turn : taken) {
      Optional<Records.Kept> kept = records.find(clubId, turn.prescriptionId());
      Optional<Double> value = kept.flatMap(k -> value(k.figures(), question.measure()));
      turns.add(new Question.Turn(turn.number(), value));
      views.add(
          new QuestionView.TurnView(
              turn.number(),
              sessions
                  .row(clubId, prescriptions.row(clubId, turn.prescriptionId()).sessionId())
                  .startsAt()
                  .toLocalDate(),
              turn.prescriptionId(),
              turn.efforts(),
              value.isPresent(),
              isOver ? value.orElse(null) : null));
    }
    Optional<Question.Answer> answer = isOver ? question.answer(turns) : Optional.empty();
    return new QuestionView(
        row.id(),
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
