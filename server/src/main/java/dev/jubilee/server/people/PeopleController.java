package dev.jubilee.server.people;

import dev.jubilee.server.club.ClubSettings;
import dev.jubilee.server.problem.Limits;
import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The signed-in coach's club: its ways and its coaches. */
@RestController
@RequestMapping("/api")
class PeopleController {

  /** Whether someone owns the club. */
  record Ownership(boolean owner) {}

  /** Whom an invitation is for, so that the list of those expected can be read. */
  record Invitation(
      @NotBlank(message = Limits.NAME_ACCEPTED)
          @Size(min = 1, max = Limits.NAME, message = Limits.NAME_ACCEPTED)
          String addressee) {}

  private final People people;

  PeopleController(People people) {
    this.people = people;
  }

  @PutMapping("/club")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changeClub(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody ClubSettings settings) {
    people.change(coach, settings);
  }

  @GetMapping("/people")
  People.PeopleView listPeople(@AuthenticationPrincipal SignedIn coach) {
    return people.all(coach);
  }

  @PutMapping("/people/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changeOwnership(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody Ownership ownership) {
    people.own(coach, id, ownership.owner());
  }

  @DeleteMapping("/people/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeCoach(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    people.remove(coach, id);
  }

  @PostMapping("/people/{id}/password-link")
  OneTimeLinks.Made makePasswordLink(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return people.resetLink(coach, id);
  }

  @PostMapping("/invitations")
  OneTimeLinks.Made invite(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody Invitation invitation) {
    return people.invite(coach, invitation.addressee());
  }

  @DeleteMapping("/invitations/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void withdrawInvitation(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    people.withdraw(coach, id);
  }
}
