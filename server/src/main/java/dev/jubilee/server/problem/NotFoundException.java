package dev.jubilee.server.problem;

/** There is no such thing, or it belongs to another club: the two look alike from outside. */
public class NotFoundException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotFoundException(String what) {
    super("There is no such " + what + ".");
  }
}
