package dev.jubilee.server.signin;

import dev.jubilee.server.problem.TooManyAttemptsException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Limits guessing: so many failures for one e-mail in so long, counted in the database. */
@Component
class Attempts {
  private static final int MOST = 6;
  private static final Duration WITHIN = Duration.ofMinutes(10);

  private final JdbcTemplate jdbc;
  private final Clock clock = Clock.systemUTC();

  Attempts(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /**
   * Throws when there were too many failures.
   *
   * @throws TooManyAttemptsException naming how long to wait
   */
  void require(String email) {
    Integer failures =
        jdbc.queryForObject(
            "SELECT count(*) FROM sign_in_attempt WHERE email = ? AND at > ?",
            Integer.class,
            email,
            Timestamp.from(horizon()));
    if (failures != null && failures >= MOST) {
      throw new TooManyAttemptsException(
          "Too many failed attempts. Try again in " + WITHIN.toMinutes() + " minutes.");
    }
  }

  void failed(String email) {
    jdbc.update("DELETE FROM sign_in_attempt WHERE at < ?", Timestamp.from(horizon()));
    jdbc.update(
        "INSERT INTO sign_in_attempt (email, at) VALUES (?, ?)",
        email,
        Timestamp.from(clock.instant()));
  }

  void succeeded(String email) {
    jdbc.update("DELETE FROM sign_in_attempt WHERE email = ?", email);
  }

  private Instant horizon() {
    return clock.instant().minus(WITHIN);
  }
}
