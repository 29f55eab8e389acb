package dev.jubilee.server.athlete;

import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Athletes of the signed-in coach's club. */
@RestController
@RequestMapping("/api/athletes")
class AthleteController {
  private final Athletes athletes;

  AthleteController(Athletes athletes) {
    this.athletes = athletes;
  }

  @GetMapping
  List<AthleteView> listAthletes(@AuthenticationPrincipal SignedIn coach) {
    return athletes.all(coach.clubId());
  }

  @GetMapping("/{id}")
  AthleteView getAthlete(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return athletes.one(coach.clubId(), id);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  AthleteView createAthlete(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody AthleteProfile profile) {
    return athletes.create(coach.clubId(), profile);
  }

  @PutMapping("/{id}")
  AthleteView changeAthlete(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam long version,
      @Valid @RequestBody AthleteProfile profile) {
    return athletes.change(coach.clubId(), id, version, profile);
  }
}
