package dev.jubilee.server.people;

import dev.jubilee.server.problem.Limits;
import dev.jubilee.server.signin.Devices;
import dev.jubilee.server.signin.Emails;
import dev.jubilee.server.signin.SignIns;
import dev.jubilee.server.signin.SignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
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

/** A coach's own account. What others could take it over by asks for the password once more. */
@RestController
@RequestMapping("/api/me")
class AccountController {

  /** Who a coach is. */
  record Account(
      @NotBlank(message = Limits.NAME_ACCEPTED)
          @Size(min = 1, max = Limits.NAME, message = Limits.NAME_ACCEPTED)
          String name,
      @NotBlank(message = Emails.ACCEPTED)
          @Email(message = Emails.ACCEPTED)
          @Size(max = Limits.CREDENTIAL, message = Emails.ACCEPTED)
          String email,
      @NotNull @Size(max = Limits.CREDENTIAL) String currentPassword) {}

  /** A new password, and the one until now. */
  record PasswordChange(
      @NotNull @Size(max = Limits.CREDENTIAL) String currentPassword,
      @NotNull @Size(max = Limits.CREDENTIAL, message = Limits.CREDENTIAL_ACCEPTED)
          String password) {}

  private final People people;
  private final SignIns signIns;
  private final Devices devices;

  AccountController(People people, SignIns signIns, Devices devices) {
    this.people = people;
    this.signIns = signIns;
    this.devices = devices;
  }

  @PutMapping
  SignIns.Me changeAccount(
      @AuthenticationPrincipal SignedIn coach,
      @Valid @RequestBody Account account,
      HttpServletRequest request) {
    signIns.confirm(coach, account.currentPassword(), request.getRemoteAddr());
    people.rename(coach, account.name(), account.email());
    return signIns.me(coach);
  }

  @PutMapping("/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changePassword(
      @AuthenticationPrincipal SignedIn coach,
      @Valid @RequestBody PasswordChange change,
      HttpServletRequest request,
      HttpServletResponse response) {
    signIns.confirm(coach, change.currentPassword(), request.getRemoteAddr());
    SignedIn again = SignedIn.of(people.changePassword(coach, change.password()));
    // The session of this request was ended with the others.
    Devices.forget(request);
    devices.remember(again, request, response);
  }

  @GetMapping("/devices")
  List<Devices.Device> listDevices(
      @AuthenticationPrincipal SignedIn coach, HttpServletRequest request) {
    return devices.of(coach, request);
  }

  @DeleteMapping("/devices/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signDeviceOut(@AuthenticationPrincipal SignedIn coach, @PathVariable String id) {
    devices.signOut(coach, id);
  }

  @PostMapping("/sign-out-everywhere")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOutEverywhere(@AuthenticationPrincipal SignedIn coach, HttpServletRequest request) {
    people.signOutEverywhere(coach);
    Devices.forget(request);
  }
}
