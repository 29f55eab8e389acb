package dev.jubilee.server.question;

import dev.jubilee.core.learning.Question;
import dev.jubilee.core.statistics.PairedRandomization;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.record.Kept;
import dev.jubilee.server.record.Records;
import dev.jubilee.server.record.stored.RecordV1;
import dev.jubilee.server.session.Sessions;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What is shown of a question: its turns, and its answer once all are done. */
@Component
class QuestionViews {
  private static final double[] EFFECTS = {0.5, 0.8, 1, 1.5};

  private final QuestionTurnRepository turns;
  private final Prescriptions prescriptions;
  private final Sessions sessions;
  private final Records records;

  QuestionViews(
      QuestionTurnRepository turns,
      Prescriptions prescriptions,
      Sessions sessions,
      Records records) {
    this.turns = turns;
    this.prescriptions = prescriptions;
    this.sessions = sessions;
    this.records = records;
  }

  /** How many pairs effects of several sizes need. */
  static QuestionView.PowerView power() {
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

  QuestionView of(QuestionRow row) {
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
