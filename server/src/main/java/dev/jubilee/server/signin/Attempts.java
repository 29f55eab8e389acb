package dev.jubilee.server.signin;

import dev.jubilee.server.problem.TooManyAttemptsException;
import dev.jubilee.server.secret.Tokens;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.HexFormat;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Limits guessing by address and account together: who guesses slows only themselves. An attempt is
 * counted before it is judged, so that many at once are many. Counted in the database, for all
 * servers.
 */
@Component
public class Attempts {
  /** After so long without an attempt all is forgotten. */
  private static final Duration MEMORY = Duration.ofHours(1);

  private static final int IPV6_NETWORK_BYTES = 8;

  private final SignInAttemptRepository repository;
  private final Clock clock;

  Attempts(SignInAttemptRepository repository, Clock clock) {
    this.repository = repository;
    this.clock = clock;
  }

  /**
   * Counts an attempt. What is refused is not counted, or those who keep knocking would never be
   * let in.
   *
   * @param account what is signed in to
   * @param address of who tries
   * @throws TooManyAttemptsException naming how long to wait
   */
  @Transactional
  public void count(String account, String address) {
    Instant now = clock.instant();
    String whence = whence(account, address);
    repository.deleteBefore(now.minus(MEMORY));
    repository.hold(whence, now, Instant.EPOCH);
    SignInAttemptRow attempts = repository.lock(whence).orElseThrow();
    if (attempts.isBlocked(now)) {
      throw tooMany(Duration.between(now, attempts.blockedUntil()));
    }
    attempts.count(now);
  }

  /** Those who are in start from nothing. */
  @Transactional
  public void succeeded(String account, String address) {
    repository.deleteOf(whence(account, address));
  }

  private static TooManyAttemptsException tooMany(Duration blocked) {
    Duration left = Duration.ofSeconds(Math.max(1, blocked.toSeconds() + 1));
    return new TooManyAttemptsException(
        "Too many attempts with the wrong password. Try again in " + said(left) + ".", left);
  }

  private static String said(Duration left) {
    return left.toSeconds() < 120 ? left.toSeconds() + " s" : left.toMinutes() + " minutes";
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
