package dev.jubilee.server.people;

import dev.jubilee.server.club.ClubSettings;
import dev.jubilee.server.problem.Limits;
import dev.jubilee.server.signin.Coach;
import dev.jubilee.server.signin.Devices;
import dev.jubilee.server.signin.SignIns;
import dev.jubilee.server.signin.SignedIn;
import dev.jubilee.server.tenant.ClubScope;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * What people do who are not signed in yet: set the club up, join it, choose a new password. Tokens
 * come in bodies, which no log keeps.
 */
@RestController
@RequestMapping("/api")
class ArrivalController {

  /** Whether the server has no club yet. */
  record SetUpState(boolean awaited) {}

  /** The first club and its owner. */
  record SetUpRequest(
      @NotNull @Size(max = Limits.CREDENTIAL) String token,
      @NotNull @Valid ClubSettings club,
      @NotNull @Valid NewCoach owner) {}

  /** A one-time link's secret part. */
  record LinkToken(@NotNull @Size(max = Limits.CREDENTIAL) String token) {}

  /** Whoever takes an invitation. */
  record Acceptance(
      @NotNull @Size(max = Limits.CREDENTIAL) String token, @NotNull @Valid NewCoach coach) {}

  /** A new password. */
  record NewPassword(
      @NotNull @Size(max = Limits.CREDENTIAL) String token,
      @NotNull @Size(max = Limits.CREDENTIAL, message = Limits.CREDENTIAL_ACCEPTED)
          String password) {}

  private final SetUp setUp;
  private final People people;
  private final SignIns signIns;
  private final Devices devices;

  ArrivalController(SetUp setUp, People people, SignIns signIns, Devices devices) {
    this.setUp = setUp;
    this.people = people;
    this.signIns = signIns;
    this.devices = devices;
  }

  @GetMapping("/set-up")
  SetUpState getSetUp() {
    return new SetUpState(setUp.isAwaited());
  }

  @PostMapping("/set-up")
  SignIns.Me setUp(
      @Valid @RequestBody SetUpRequest wanted,
      HttpServletRequest request,
      HttpServletResponse response) {
    return welcome(
        ClubScope.acrossClubs(() -> setUp.begin(wanted.token(), wanted.club(), wanted.owner())),
        request,
        response);
  }

  @PostMapping("/invitations/look")
  People.Welcome lookAtInvitation(@Valid @RequestBody LinkToken link) {
    return ClubScope.acrossClubs(() -> people.lookAtInvitation(link.token()));
  }

  @PostMapping("/invitations/accept")
  SignIns.Me acceptInvitation(
      @Valid @RequestBody Acceptance acceptance,
      HttpServletRequest request,
      HttpServletResponse response) {
    return welcome(
        ClubScope.acrossClubs(() -> people.accept(acceptance.token(), acceptance.coach())),
        request,
        response);
  }

  @PostMapping("/password-links/look")
  People.Welcome lookAtPasswordLink(@Valid @RequestBody LinkToken link) {
    return ClubScope.acrossClubs(() -> people.lookAtResetLink(link.token()));
  }

  @PostMapping("/password-links/use")
  SignIns.Me choosePassword(
      @Valid @RequestBody NewPassword chosen,
      HttpServletRequest request,
      HttpServletResponse response) {
    return welcome(
        ClubScope.acrossClubs(() -> people.reset(chosen.token(), chosen.password())),
        request,
        response);
  }

  private SignIns.Me welcome(
      Coach coach, HttpServletRequest request, HttpServletResponse response) {
    SignedIn signedIn = SignedIn.of(coach);
    devices.remember(signedIn, request, response);
    return signIns.me(signedIn);
  }
}
