package dev.jubilee.server.signin;

import dev.jubilee.server.problem.Limits;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
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
  private final SecurityContextRepository contexts;

  SignInController(SignIns signIns, SecurityContextRepository contexts) {
    this.signIns = signIns;
    this.contexts = contexts;
  }

  @PostMapping("/sign-in")
  SignIns.Me signIn(
      @Valid @RequestBody Credentials credentials,
      HttpServletRequest request,
      HttpServletResponse response) {
    String email = credentials.email().strip().toLowerCase(Locale.ROOT);
    String password = credentials.password();
    SignedIn signedIn = signIns.require(email, password);
    remember(signedIn, request, response);
    return signIns.me(signedIn);
  }

  @PostMapping("/sign-out")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
  }

  @GetMapping("/me")
  SignIns.Me me(@AuthenticationPrincipal SignedIn signedIn) {
    return signIns.me(signedIn);
  }

  private void remember(
      SignedIn signedIn, HttpServletRequest request, HttpServletResponse response) {
    // A fresh session id, so that one planted before signing in is worth nothing.
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            signedIn, null, List.of(new SimpleGrantedAuthority("COACH"))));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
  }
}
