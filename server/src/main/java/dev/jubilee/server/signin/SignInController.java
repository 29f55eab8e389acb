package dev.jubilee.server.signin;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
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
  record Credentials(String email, String password) {}

  /**
   * Who is signed in.
   *
   * @param today the date where the club is
   */
  record Me(UUID coachId, String coachName, String clubName, String timeZone, LocalDate today) {}

  private final CoachRepository coaches;
  private final ClubRepository clubs;
  private final PasswordEncoder passwords;
  private final Attempts attempts;
  private final SecurityContextRepository contexts;
  private final String decoyHash;

  SignInController(
      CoachRepository coaches,
      ClubRepository clubs,
      PasswordEncoder passwords,
      Attempts attempts,
      SecurityContextRepository contexts) {
    this.coaches = coaches;
    this.clubs = clubs;
    this.passwords = passwords;
    this.attempts = attempts;
    this.contexts = contexts;
    this.decoyHash = passwords.encode(UUID.randomUUID().toString());
  }

  @PostMapping("/sign-in")
  Me signIn(
      @RequestBody Credentials credentials,
      HttpServletRequest request,
      HttpServletResponse response) {
    String email = required("email", credentials.email()).strip().toLowerCase(Locale.ROOT);
    String password = required("password", credentials.password());
    attempts.require(email);
    Optional<Coach> coach = coaches.findByEmail(email);
    // The same work for an unknown e-mail, so that timing does not tell which exist.
    boolean right = passwords.matches(password, coach.map(Coach::passwordHash).orElse(decoyHash));
    if (coach.isEmpty() || !right) {
      attempts.failed(email);
      throw new BadCredentialsException("");
    }
    attempts.succeeded(email);
    SignedIn signedIn = new SignedIn(coach.get().id(), coach.get().clubId(), coach.get().name());
    remember(signedIn, request, response);
    return me(signedIn);
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
  Me me(@AuthenticationPrincipal SignedIn signedIn) {
    Club club = clubs.findById(signedIn.clubId()).orElseThrow();
    return new Me(
        signedIn.coachId(),
        signedIn.coachName(),
        club.name(),
        club.zone().getId(),
        LocalDate.now(club.zone()));
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

  private static String required(String field, String value) {
    if (value == null || value.isBlank() || value.length() > 200) {
      throw new OutOfRangeException(field, "empty or too long", "1 to 200 characters");
    }
    return value;
  }
}
