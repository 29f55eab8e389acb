package dev.jubilee.server.logbook;

import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
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
    return logbook.tell(token, batch);
  }

  @GetMapping("/prescriptions/{id}/followed")
  FollowedView followed(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return logbook.of(coach.clubId(), id);
  }
}
