package dev.jubilee.server.signin;

import dev.jubilee.server.problem.Limits;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api")
class SignInController {

  /** What one signs in with. */
  record Credentials(
      @NotBlank(message = Limits.CREDENTIAL_ACCEPTED)
          @Size(min = 1, max = Limits.CREDENTIAL, message = Limits.CREDENTIAL_ACCEPTED)
          String email,
      @NotBlank(message = Limits.CREDENTIAL_ACCEPTED)
          @Size(min = 1, max = Limits.CREDENTIAL, message = Limits.CREDENTIAL_ACCEPTED)
          String password) {}

  private final SignIns signIns;
  private final Devices devices;

  SignInController(SignIns signIns, Devices devices) {
    this.signIns = signIns;
    this.devices = devices;
  }

  @PostMapping("/sign-in")
  SignIns.Me signIn(
      @Valid @RequestBody Credentials credentials,
      HttpServletRequest request,
      HttpServletResponse response) {
    SignedIn signedIn =
        signIns.require(
            Emails.folded(credentials.email()), credentials.password(), request.getRemoteAddr());
    devices.remember(signedIn, request, response);
    return signIns.me(signedIn);
  }

  @PostMapping("/sign-out")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request) {
    Devices.forget(request);
  }

  @GetMapping("/me")
  SignIns.Me me(@AuthenticationPrincipal SignedIn signedIn) {
    return signIns.me(signedIn);
  }
}
