package dev.jubilee.server.question;

import dev.jubilee.core.learning.Question;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A question and how far it is.
 *
 * @param turns how many sessions it takes
 * @param taken in their order; what each came to stays hidden until all are done
 * @param isGivenUp whether the coach stopped it before its end
 * @param power how often it finds an effect of one standard deviation, 0 to 1
 */
public record QuestionView(
    UUID id,
    UUID athleteId,
    Sport sport,
    SessionKind kind,
    int first,
    int second,
    Question.Measure measure,
    int pairs,
    int turns,
    LocalDate askedOn,
    boolean isGivenUp,
    double power,
    List<TurnView> taken,
    @Schema(nullable = true) AnswerView answer) {

  /** A turn that was taken; {@code value} absent until the end, or where nobody told it. */
  public record TurnView(
      int number,
      LocalDate day,
      UUID prescriptionId,
      int efforts,
      boolean isTold,
      @Schema(nullable = true) Double value) {}

  /**
   * What came out.
   *
   * @param mean first way less second
   * @param low of its interval
   * @param sure how sure that interval is, 0 to 1
   * @param surprise how often chance alone differs as much, 0 to 1
   * @param isFirstBetter whether the mean speaks for the first way
   */
  public record AnswerView(
      int pairs,
      double mean,
      double low,
      double high,
      double sure,
      double surprise,
      boolean isFound,
      boolean isFirstBetter) {
    static AnswerView of(Question.Answer a, Question.Measure measure) {
      return new AnswerView(
          a.pairs(),
          a.mean(),
          a.interval().low(),
          a.interval().high(),
          a.interval().level(),
          a.surprise(),
          a.isFound(),
          measure.isMoreBetter() == a.mean() > 0);
    }
  }

  /** How many pairs are needed for effects of several sizes, in standard deviations. */
  public record PowerView(List<PairsNeeded> needed) {}

  /** For one size; {@code pairs} absent where even the most are too few. */
  public record PairsNeeded(double effect, @Schema(nullable = true) Integer pairs) {}
}
