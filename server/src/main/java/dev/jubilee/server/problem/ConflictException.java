package dev.jubilee.server.problem;

/** Someone else changed it in the meantime. */
public class ConflictException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public ConflictException(String message) {
    super(message);
  }
}
