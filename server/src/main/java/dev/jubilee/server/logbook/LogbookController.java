package dev.jubilee.server.logbook;

import dev.jubilee.core.decision.Checkpoint;
import dev.jubilee.core.logbook.Look;
import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What devices tell without signing in, and what a coach reads of it. */
@RestController
@RequestMapping("/api")
class LogbookController {
  private final Logbook logbook;

  LogbookController(Logbook logbook) {
    this.logbook = logbook;
  }

  @PostMapping("/follow/{token}/events")
  EventBatch.Received tellWhatWasFollowed(
      @PathVariable String token, @Valid @RequestBody EventBatch batch) {
    return logbook.tell(token, batch.toCore());
  }

  @GetMapping("/prescriptions/{id}/followed")
  FollowedView followed(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return logbook.of(coach.clubId(), id);
  }

  /** What a coach sees now, to be decided about. */
  record SeenNow(
      @NotNull Checkpoint checkpoint,
      @NotEmpty @Size(max = Look.MOST_MARKS) List<LookInput.@NotNull @Valid MarkInput> marks) {}

  /** What a careful coach would decide; nothing is kept. */
  @PostMapping("/prescriptions/{id}/looks/decide")
  Logbook.CoachsDecision decide(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody SeenNow seen) {
    return logbook.decide(id, seen.checkpoint(), LookInput.marks(seen.marks()));
  }

  /** Keeps what a coach saw and decided. */
  @PostMapping("/prescriptions/{id}/looks")
  FollowedView look(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody LookInput look) {
    return logbook.look(coach.clubId(), id, look.toCore());
  }
}
