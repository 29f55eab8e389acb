package dev.jubilee.server.signin;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;

/** Attempts at one account from one address; the more there were, the longer until the next. */
@Entity
@Table(name = "sign_in_attempt")
class SignInAttemptRow {
  /** Free of delay: a typing slip or two. */
  private static final int FREE = 6;

  private static final Duration FIRST_DELAY = Duration.ofSeconds(2);
  private static final Duration LONGEST_DELAY = Duration.ofMinutes(15);

  /** Doubled more often than this the delay is the longest anyway. */
  private static final int MOST_DOUBLINGS = 20;

  @Id private String whence;
  private int attempts;
  private Instant lastAt;
  private Instant blockedUntil;

  protected SignInAttemptRow() {}

  String whence() {
    return whence;
  }

  Instant lastAt() {
    return lastAt;
  }

  Instant blockedUntil() {
    return blockedUntil;
  }

  boolean isBlocked(Instant now) {
    return blockedUntil.isAfter(now);
  }

  void count(Instant now) {
    attempts++;
    lastAt = now;
    if (attempts >= FREE) {
      long delay = FIRST_DELAY.toSeconds() << Math.min(MOST_DOUBLINGS, attempts - FREE);
      blockedUntil = now.plusSeconds(Math.min(LONGEST_DELAY.toSeconds(), delay));
    }
  }
}
