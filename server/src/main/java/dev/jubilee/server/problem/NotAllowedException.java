package dev.jubilee.server.problem;

/** Someone else's to do. */
public class NotAllowedException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotAllowedException(String message) {
    super(message);
  }
}
