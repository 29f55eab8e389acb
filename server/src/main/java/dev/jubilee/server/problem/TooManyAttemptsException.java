package dev.jubilee.server.problem;

import java.time.Duration;

/** Too much at once, or too often; says when to come again. */
public class TooManyAttemptsException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final Duration retryAfter;

  public TooManyAttemptsException(String message, Duration retryAfter) {
    super(message);
    this.retryAfter = retryAfter;
  }

  public Duration retryAfter() {
    return retryAfter;
  }
}
