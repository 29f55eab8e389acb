package dev.jubilee.server.question;

import dev.jubilee.server.signin.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Questions that are tried properly. */
@RestController
@RequestMapping("/api")
class QuestionController {
  private final Questions questions;
  private final QuestionTurns turns;

  QuestionController(Questions questions, QuestionTurns turns) {
    this.questions = questions;
    this.turns = turns;
  }

  @GetMapping("/athletes/{id}/questions")
  List<QuestionView> listQuestions(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return questions.of(id);
  }

  @PostMapping("/athletes/{id}/questions")
  @ResponseStatus(HttpStatus.CREATED)
  QuestionView askQuestion(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody QuestionInput input) {
    return questions.ask(coach, id, input);
  }

  @GetMapping("/questions/power")
  QuestionView.PowerView questionPower() {
    return QuestionViews.power();
  }

  @PostMapping("/questions/{id}/end")
  QuestionView endQuestion(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return questions.giveUp(id);
  }

  @DeleteMapping("/questions/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeQuestion(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    questions.remove(id);
  }

  /** What is to be tried before a session, if anything. */
  record Due(@Schema(nullable = true) QuestionView question) {}

  @GetMapping("/prescriptions/{id}/turn")
  Due dueTurn(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return new Due(turns.dueFor(coach.clubId(), id).orElse(null));
  }

  @PostMapping("/prescriptions/{id}/turn")
  QuestionView takeTurn(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return turns.takeTurn(coach, id);
  }
}
