package dev.jubilee.server.learning;

import dev.jubilee.server.signin.SignedIn;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What records say of athletes. */
@RestController
@RequestMapping("/api")
class LearningController {
  private final AthletePages pages;

  LearningController(AthletePages pages) {
    this.pages = pages;
  }

  @GetMapping("/athletes/{id}/page")
  AthletePageView athletePage(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return pages.of(coach.clubId(), id);
  }

  /** A plan against what its athlete is used to. */
  @GetMapping("/prescriptions/{id}/usual")
  AthletePageView.AgainstUsual againstUsual(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return pages.against(coach.clubId(), id);
  }
}
