package dev.jubilee.server.athlete;

import dev.jubilee.server.once.Once;
import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Athletes of the signed-in coach's club. */
@RestController
@RequestMapping("/api/athletes")
class AthleteController {
  private final Athletes athletes;
  private final Once once;

  AthleteController(Athletes athletes, Once once) {
    this.athletes = athletes;
    this.once = once;
  }

  @GetMapping
  List<AthleteView> listAthletes(@AuthenticationPrincipal SignedIn coach) {
    return athletes.all();
  }

  @GetMapping("/{id}")
  AthleteView getAthlete(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return athletes.one(id);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  AthleteView createAthlete(
      @AuthenticationPrincipal SignedIn coach,
      @RequestHeader(name = Once.HEADER, required = false) Optional<UUID> key,
      @Valid @RequestBody AthleteProfile profile) {
    return once.make(
        key, id -> athletes.create(coach.clubId(), id, profile), id -> athletes.one(id));
  }

  @PutMapping("/{id}")
  AthleteView changeAthlete(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam long version,
      @Valid @RequestBody AthleteProfile profile) {
    return athletes.change(coach.clubId(), id, version, profile);
  }

  @PostMapping("/{id}/archive")
  AthleteView archiveAthlete(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id, @RequestParam long version) {
    return athletes.archive(id, version);
  }

  @PostMapping("/{id}/restore")
  AthleteView restoreAthlete(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id, @RequestParam long version) {
    return athletes.restore(id, version);
  }
}
