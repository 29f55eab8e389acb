package dev.jubilee.server.prescription;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.server.problem.Limits;
import dev.jubilee.server.session.SessionView;
import dev.jubilee.server.signin.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A class: who is there, and who comes for the first time. */
@RestController
@RequestMapping("/api/sessions/{id}")
class ClassController {

  /**
   * Somebody who was not entered before.
   *
   * @param region that is not right today; null where all is
   */
  record Guest(
      @NotBlank(message = Limits.NAME_ACCEPTED)
          @Size(min = 1, max = Limits.NAME, message = Limits.NAME_ACCEPTED)
          String name,
      @NotNull Level level,
      @Schema(nullable = true) BodyRegion region,
      @Schema(nullable = true) Restriction.Severity severity) {}

  /** Who is there, in one sweep. */
  record Attendance(@NotNull @Size(max = 500) List<@NotNull UUID> athleteIds) {}

  private final Guests guests;
  private final Classes classes;

  ClassController(Guests guests, Classes classes) {
    this.guests = guests;
    this.classes = classes;
  }

  @PostMapping("/guests")
  SessionView addGuest(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam long version,
      @Valid @RequestBody Guest guest) {
    return guests.add(
        coach, id, version, guest.name(), guest.level(), guest.region(), guest.severity());
  }

  @PutMapping("/attendance")
  SessionView setAttendance(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam long version,
      @Valid @RequestBody Attendance there) {
    return guests.attend(coach, id, version, there.athleteIds());
  }

  @GetMapping("/class")
  ClassView classOf(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return classes.of(coach.clubId(), id);
  }

  /** One skeleton for all who take part, each on their own rung. */
  @PostMapping("/class")
  ClassView makeOneClass(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return classes.make(coach, id);
  }
}
