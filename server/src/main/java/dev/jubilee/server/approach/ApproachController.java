package dev.jubilee.server.approach;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A coach's approach, and the schools to choose from. */
@RestController
@RequestMapping("/api/approach")
class ApproachController {

  /**
   * A question on which coaches differ.
   *
   * @param field of the approach that answers it
   * @param usual the answer of a coach who says nothing
   */
  record Question(String field, String asks, String usual, List<Answer> answers) {}

  /** A school, with what speaks for and against it. */
  record Answer(String value, String title, String forAndAgainst) {}

  private static final Approach USUAL = Approach.USUAL;

  private final Approaches approaches;

  ApproachController(Approaches approaches) {
    this.approaches = approaches;
  }

  @GetMapping
  ApproachView getApproach(@AuthenticationPrincipal SignedIn coach) {
    return ApproachView.of(approaches.of(coach));
  }

  @PutMapping
  ApproachView preferApproach(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody ApproachView approach) {
    return ApproachView.of(approaches.prefer(coach, approach.toCore()));
  }

  @GetMapping("/questions")
  List<Question> listQuestions() {
    return List.of(
        question("first", "What comes first", USUAL.first(), Approach.First.values()),
        question("holds", "Held stretches", USUAL.holds(), Approach.Holds.values()),
        question("neck", "The neck", USUAL.neck(), Approach.Neck.values()),
        question("balance", "Drills or efforts", USUAL.balance(), Approach.Balance.values()),
        question("top", "How high", USUAL.top(), Approach.Top.values()),
        question("routine", "Fixed or chosen", USUAL.routine(), Approach.Routine.values()),
        question("support", "Balance", USUAL.support(), Approach.Support.values()),
        question(
            "changing",
            "What is seen changes the session",
            USUAL.changing(),
            Approach.Changing.values()));
  }

  private static <E extends Enum<E> & Approach.School> Question question(
      String field, String asks, E usual, E[] schools) {
    return new Question(
        field,
        asks,
        usual.name(),
        Arrays.stream(schools)
            .map(s -> new Answer(s.name(), s.title(), s.forAndAgainst()))
            .toList());
  }
}
