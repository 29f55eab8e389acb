package dev.jubilee.server.problem;

/** Too many failed sign-ins. */
public class TooManyAttemptsException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public TooManyAttemptsException(String message) {
    super(message);
  }
}
