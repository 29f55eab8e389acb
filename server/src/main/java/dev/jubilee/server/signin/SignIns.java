package dev.jubilee.server.signin;

import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.club.HourCycle;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Who may sign in, and who is. */
@Service
class SignIns {
  private final CoachRepository coaches;
  private final ClubRepository clubs;
  private final PasswordEncoder passwords;
  private final Attempts attempts;
  private final String decoyHash;

  SignIns(
      CoachRepository coaches, ClubRepository clubs, PasswordEncoder passwords, Attempts attempts) {
    this.coaches = coaches;
    this.clubs = clubs;
    this.passwords = passwords;
    this.attempts = attempts;
    this.decoyHash = passwords.encode(UUID.randomUUID().toString());
  }

  /**
   * Who is signed in.
   *
   * @param today the date where the club is
   */
  record Me(
      UUID coachId,
      String coachName,
      String clubName,
      String timeZone,
      HourCycle hourCycle,
      LocalDate today) {}

  /**
   * The coach with this e-mail and password.
   *
   * @param email in lower case
   * @throws BadCredentialsException if there is none
   * @throws dev.jubilee.server.problem.TooManyAttemptsException after too many failures
   */
  SignedIn require(String email, String password) {
    attempts.require(email);
    Optional<Coach> coach = coaches.findByEmail(email);
    // The same work for an unknown e-mail, so that timing does not tell which exist.
    boolean right = passwords.matches(password, coach.map(Coach::passwordHash).orElse(decoyHash));
    if (coach.isEmpty() || !right) {
      attempts.failed(email);
      throw new BadCredentialsException("");
    }
    attempts.succeeded(email);
    return new SignedIn(coach.get().id(), coach.get().clubId(), coach.get().name());
  }

  Me me(SignedIn signedIn) {
    Club club = clubs.findById(signedIn.clubId()).orElseThrow();
    return new Me(
        signedIn.coachId(),
        signedIn.coachName(),
        club.name(),
        club.zone().getId(),
        club.hourCycle(),
        LocalDate.now(club.zone()));
  }
}
