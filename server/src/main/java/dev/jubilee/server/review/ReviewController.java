package dev.jubilee.server.review;

import dev.jubilee.server.problem.Limits;
import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A week looked back on, and the club's own times. */
@RestController
@RequestMapping("/api")
class ReviewController {
  private final WeekReviews reviews;

  ReviewController(WeekReviews reviews) {
    this.reviews = reviews;
  }

  @GetMapping("/review")
  WeekReview weekReview(@AuthenticationPrincipal SignedIn coach, @RequestParam LocalDate from) {
    return reviews.of(coach.clubId(), Limits.within("from", from));
  }

  /** A drill whose time is to be used, as it was seen up to a day. */
  record UsedTime(@NotBlank @Size(max = 200) String drill, @NotNull LocalDate until) {}

  @PostMapping("/own-times")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void useOwnTime(@AuthenticationPrincipal SignedIn coach, @Valid @RequestBody UsedTime time) {
    reviews.use(time.drill(), time.until());
  }

  @DeleteMapping("/own-times/{drill}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forgetOwnTime(@AuthenticationPrincipal SignedIn coach, @PathVariable String drill) {
    reviews.forget(drill);
  }

  /** Changeovers are to be used as they were seen up to a day. */
  record UsedChangeovers(@NotNull LocalDate until) {}

  @PutMapping("/own-changeovers")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void useOwnChangeovers(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody UsedChangeovers used) {
    reviews.useChangeovers(coach.clubId(), used.until());
  }

  @DeleteMapping("/own-changeovers")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forgetOwnChangeovers(@AuthenticationPrincipal SignedIn coach) {
    reviews.forgetChangeovers(coach.clubId());
  }
}
