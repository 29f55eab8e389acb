package dev.jubilee.server.signin;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.club.ClubSettings;
import dev.jubilee.server.pages.PublicAddress;
import dev.jubilee.server.tenant.ClubScope;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.stereotype.Service;

/** Who may sign in, and who is. */
@Service
public class SignIns {
  private final CoachRepository coaches;
  private final ClubRepository clubs;
  private final Passwords passwords;
  private final Attempts attempts;
  private final PublicAddress address;
  private final Clock clock;
  private final String decoyHash;

  SignIns(
      CoachRepository coaches,
      ClubRepository clubs,
      Passwords passwords,
      Attempts attempts,
      PublicAddress address,
      Clock clock) {
    this.coaches = coaches;
    this.clubs = clubs;
    this.passwords = passwords;
    this.attempts = attempts;
    this.address = address;
    this.clock = clock;
    this.decoyHash = passwords.chosen("password", UUID.randomUUID().toString(), List.of());
  }

  /**
   * Who is signed in.
   *
   * @param today the date where the club is
   * @param publicUrl where other devices reach the server; null when they are to use the address
   *     this one does
   */
  public record Me(
      UUID coachId,
      String coachName,
      String email,
      boolean owner,
      ClubSettings club,
      LocalDate today,
      @Schema(nullable = true) String publicUrl) {}

  /**
   * The coach with this e-mail and password.
   *
   * @param email in lower case
   * @param from the address of who tries
   * @throws BadCredentialsException if there is none
   * @throws dev.jubilee.server.problem.TooManyAttemptsException after too many failures
   */
  SignedIn require(String email, String password, String from) {
    attempts.count(email, from);
    Optional<Coach> coach =
        ClubScope.acrossClubs(() -> coaches.findByEmailAndRemovedAtIsNull(email));
    // The same work for an unknown e-mail, so that timing does not tell which exist.
    boolean right = passwords.matches(password, coach.map(Coach::passwordHash).orElse(decoyHash));
    if (coach.isEmpty() || !right) {
      throw new BadCredentialsException("");
    }
    attempts.succeeded(email, from);
    return SignedIn.of(coach.get());
  }

  /**
   * Asks the coach who is signed in for their password once more.
   *
   * @throws OutOfRangeException if it is another
   */
  public void confirm(SignedIn signedIn, String password, String from) {
    Coach coach = coaches.findById(signedIn.coachId()).orElseThrow();
    try {
      require(coach.email(), password, from);
    } catch (BadCredentialsException e) {
      throw new OutOfRangeException("currentPassword", "this one", "your password until now");
    }
  }

  /** Whether a sign-in still counts: the coach has not left, nor changed the password since. */
  boolean counts(SignedIn signedIn) {
    return ClubScope.within(
        signedIn.clubId(),
        () ->
            coaches.existsByIdAndSignInStampAndRemovedAtIsNull(
                signedIn.coachId(), signedIn.stamp()));
  }

  /** What the signed-in coach is shown of themselves and the club. */
  public Me me(SignedIn signedIn) {
    return ClubScope.within(signedIn.clubId(), () -> shown(signedIn));
  }

  private Me shown(SignedIn signedIn) {
    Club club = clubs.findById(signedIn.clubId()).orElseThrow();
    Coach coach = coaches.findById(signedIn.coachId()).orElseThrow();
    return new Me(
        coach.id(),
        coach.name(),
        coach.email(),
        coach.isOwner(),
        club.settings(),
        LocalDate.now(clock.withZone(club.zone())),
        address.forOthers().orElse(null));
  }
}
