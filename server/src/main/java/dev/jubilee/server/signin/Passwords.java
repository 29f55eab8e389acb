package dev.jubilee.server.signin;

import com.nulabinc.zxcvbn.Zxcvbn;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.problem.TooManyAttemptsException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * What a password must be, and its hash. Long enough and not among the first that anyone would try;
 * no rules about kinds of characters (NIST SP 800-63B, 3.1.1). Hashing is dear on purpose, so only
 * so many are hashed at once.
 */
@Component
public class Passwords {
  private static final int LEAST = 10;

  /** BCrypt hears no more. */
  private static final int MOST_BYTES = 72;

  private static final String ACCEPTED =
      LEAST + " to " + MOST_BYTES + " characters, none of the commonest passwords";

  /** A guesser who knows the lists needs fewer tries than this for the commonest ones. */
  private static final double LEAST_GUESSES = 1e6;

  private static final Duration PATIENCE = Duration.ofMillis(1500);

  private final PasswordEncoder encoder;
  private final Zxcvbn guesser = new Zxcvbn();
  private final Semaphore atOnce =
      new Semaphore(Math.max(1, Runtime.getRuntime().availableProcessors() / 2), true);

  Passwords(PasswordEncoder encoder) {
    this.encoder = encoder;
  }

  /**
   * The hash of a password that may be chosen.
   *
   * @param field of the request
   * @param known what an acquaintance would try first
   * @throws OutOfRangeException if it is too short, too long or too common
   */
  public String chosen(String field, String password, List<String> known) {
    int bytes = password.getBytes(StandardCharsets.UTF_8).length;
    if (password.codePointCount(0, password.length()) < LEAST
        || bytes > MOST_BYTES
        || guesser.measure(password, known).getGuesses() < LEAST_GUESSES) {
      // What was typed is not said back: it may be a password elsewhere.
      throw new OutOfRangeException(field, "this one", ACCEPTED);
    }
    return oneOfFew(() -> encoder.encode(password));
  }

  /** Whether a password is the one that was hashed. */
  public boolean matches(String password, String hash) {
    return oneOfFew(() -> encoder.matches(password, hash));
  }

  private <T> T oneOfFew(Supplier<T> hashing) {
    try {
      if (!atOnce.tryAcquire(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)) {
        throw new TooManyAttemptsException(
            "Too many people are signing in at once. Try again.", Duration.ofSeconds(2));
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
    try {
      return hashing.get();
    } finally {
      atOnce.release();
    }
  }
}
