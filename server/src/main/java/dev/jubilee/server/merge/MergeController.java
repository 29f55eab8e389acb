package dev.jubilee.server.merge;

import dev.jubilee.server.athlete.AthleteView;
import dev.jubilee.server.signin.SignedIn;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Two athletes that are one person. */
@RestController
@RequestMapping("/api/athletes/{id}/merge")
class MergeController {
  private final AthleteMerges merges;

  MergeController(AthleteMerges merges) {
    this.merges = merges;
  }

  @GetMapping
  AthleteMerges.Merge previewMerge(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id, @RequestParam UUID into) {
    return merges.preview(id, into);
  }

  @PostMapping
  AthleteView mergeAthlete(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam UUID into,
      @RequestParam long version) {
    return merges.merge(coach.clubId(), id, into, version);
  }
}
