package dev.jubilee.server.question;

import dev.jubilee.core.learning.Question;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import jakarta.validation.constraints.NotNull;

/**
 * A question that is to be tried; see {@link Question}.
 *
 * @param first graded efforts of the one way
 * @param second of the other
 * @param kind of the sessions that are compared
 */
public record QuestionInput(
    @NotNull Sport sport,
    @NotNull SessionKind kind,
    int first,
    int second,
    @NotNull Question.Measure measure,
    int pairs) {
  Question toCore(long seed) {
    return new Question(first, second, measure, pairs, seed);
  }
}
