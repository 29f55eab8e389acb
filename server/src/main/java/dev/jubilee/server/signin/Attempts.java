package dev.jubilee.server.signin;

import dev.jubilee.server.problem.TooManyAttemptsException;
import dev.jubilee.server.secret.Tokens;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.HexFormat;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Limits guessing by address and account together: who guesses slows only themselves. An attempt is
 * counted before it is judged, so that many at once are many. Counted in the database, for all
 * servers.
 */
@Component
class Attempts {
  /** Free of delay: a typing slip or two. */
  private static final int FREE = 6;

  private static final Duration FIRST_DELAY = Duration.ofSeconds(2);
  private static final Duration LONGEST_DELAY = Duration.ofMinutes(15);

  /** After so long without an attempt all is forgotten. */
  private static final Duration MEMORY = Duration.ofHours(1);

  private static final int IPV6_NETWORK_BYTES = 8;

  private final JdbcTemplate jdbc;
  private final Clock clock = Clock.systemUTC();

  Attempts(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /**
   * Counts an attempt.
   *
   * @param account what is signed in to
   * @param address of who tries
   * @throws TooManyAttemptsException naming how long to wait
   */
  void count(String account, String address) {
    Instant now = clock.instant();
    String whence = whence(account, address);
    jdbc.update("DELETE FROM sign_in_attempt WHERE last_at < ?", at(now.minus(MEMORY)));
    // One statement: the row is locked from reading to writing. What is refused is not counted,
    // or one who keeps knocking would never be let in. Of two at once the one that came first may
    // be counted second; so nothing is blocked while attempts are free.
    Integer counted =
        jdbc
            .query(
                """
                INSERT INTO sign_in_attempt AS a (whence, attempts, last_at, blocked_until)
                VALUES (?, 1, ?, 'epoch')
                ON CONFLICT (whence) DO UPDATE
                  SET attempts = a.attempts + 1, last_at = excluded.last_at,
                      blocked_until =
                        CASE WHEN a.attempts + 1 < ? THEN a.blocked_until
                        ELSE excluded.last_at + interval '1 second' *
                          least(?, ? * power(2::float8, least(20, a.attempts + 1 - ?))) END
                  WHERE a.blocked_until <= excluded.last_at
                RETURNING attempts
                """,
                (row, i) -> row.getInt(1),
                whence,
                at(now),
                FREE,
                (double) LONGEST_DELAY.toSeconds(),
                (double) FIRST_DELAY.toSeconds(),
                FREE)
            .stream()
            .findFirst()
            .orElse(null);
    if (counted == null) {
      throw tooMany(whence, now);
    }
  }

  /** Whoever is in starts from nothing. */
  void succeeded(String account, String address) {
    jdbc.update("DELETE FROM sign_in_attempt WHERE whence = ?", whence(account, address));
  }

  private TooManyAttemptsException tooMany(String whence, Instant now) {
    Instant until =
        jdbc
            .query(
                "SELECT blocked_until FROM sign_in_attempt WHERE whence = ?",
                (row, i) -> row.getTimestamp(1).toInstant(),
                whence)
            .stream()
            .findFirst()
            .orElse(now);
    Duration left = Duration.ofSeconds(Math.max(1, Duration.between(now, until).toSeconds() + 1));
    return new TooManyAttemptsException(
        "Too many attempts with the wrong password. Try again in " + said(left) + ".", left);
  }

  private static String said(Duration left) {
    return left.toSeconds() < 120 ? left.toSeconds() + " s" : left.toMinutes() + " minutes";
  }

  private static Timestamp at(Instant instant) {
    return Timestamp.from(instant);
  }

  /** Hashed, as it tells who signs in from where. */
  private static String whence(String account, String address) {
    return Tokens.hash(network(address) + " " + account);
  }

  /** Whoever has one address of version 6 has 2^64 of them. */
  private static String network(String address) {
    try {
      InetAddress parsed = InetAddress.getByName(address);
      return parsed instanceof Inet6Address
          ? HexFormat.of().formatHex(Arrays.copyOf(parsed.getAddress(), IPV6_NETWORK_BYTES))
          : parsed.getHostAddress();
    } catch (UnknownHostException e) {
      return address;
    }
  }
}
