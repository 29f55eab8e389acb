package dev.jubilee.server.screening;

import dev.jubilee.server.signin.SignedIn;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A body over weeks. */
@RestController
@RequestMapping("/api/athletes/{id}/body")
class BodyHistoryController {
  private final BodyHistories histories;

  BodyHistoryController(BodyHistories histories) {
    this.histories = histories;
  }

  @GetMapping
  BodyHistoryView bodyHistory(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "8") int weeks) {
    return histories.of(coach.clubId(), id, weeks);
  }
}
