package dev.jubilee.server.question;

import dev.jubilee.core.learning.Question;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.prescription.Previews;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.record.Records;
import dev.jubilee.server.signin.SignedIn;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Questions that coaches try properly: asked, drawn by chance, given up or taken away. */
@Service
public class Questions {
  /** Of one athlete, ever. */
  private static final int MOST = 100;

  private final QuestionRepository questions;
  private final QuestionTurnRepository turns;
  private final QuestionTurns taking;
  private final QuestionViews views;
  private final Athletes athletes;
  private final Previews previews;
  private final Records records;
  private final ClubTime clubTime;
  private final Clock clock;
  private final TransactionTemplate writing;
  private final SecureRandom chance = new SecureRandom();

  Questions(
      QuestionRepository questions,
      QuestionTurnRepository turns,
      QuestionTurns taking,
      QuestionViews views,
      Athletes athletes,
      Previews previews,
      Records records,
      ClubTime clubTime,
      Clock clock,
      PlatformTransactionManager transactions) {
    this.questions = questions;
    this.turns = turns;
    this.taking = taking;
    this.views = views;
    this.athletes = athletes;
    this.previews = previews;
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
        all.stream().anyMatch(q -> q.isAbout(input.sport(), input.kind()) && taking.isOpen(q));
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
                clubTime.today(coach.clubId()),
                coach.coachId()));
    return views.of(row);
  }

  /** All of an athlete, newest first. */
  @Transactional(readOnly = true)
  public List<QuestionView> of(UUID athleteId) {
    athletes.row(athleteId);
    return questions.findTop100ByAthleteIdOrderByAskedOnDescId(athleteId).stream()
        .map(views::of)
        .toList();
  }

  @Transactional(readOnly = true)
  public QuestionView one(UUID id) {
    return views.of(questions.require(id));
  }

  /** Stops it before its end: then there is no answer. */
  @Transactional
  public QuestionView giveUp(UUID id) {
    QuestionRow row = questions.require(id);
    row.giveUp(clock.instant());
    return views.of(row);
  }

  /** Takes away one of which no turn was taken. */
  @Transactional
  public void remove(UUID id) {
    QuestionRow row = questions.require(id);
    if (!turns.findByQuestionIdOrderByNumber(id).isEmpty()) {
      throw new ConflictException("A turn of it was taken: it can be ended, and stays.");
    }
    questions.delete(row);
  }
}
