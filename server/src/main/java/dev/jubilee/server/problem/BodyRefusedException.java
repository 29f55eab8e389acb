package dev.jubilee.server.problem;

import java.io.IOException;
import org.springframework.http.HttpStatus;

/** A body of which no more is read. */
public final class BodyRefusedException extends IOException {
  private static final long serialVersionUID = 1L;
  private static final int KILO = 1024;

  private final HttpStatus status;

  private BodyRefusedException(HttpStatus status, String message) {
    super(message);
    this.status = status;
  }

  /** More was sent than a request of its kind may have. */
  public static BodyRefusedException tooLarge(int mostBytes) {
    return new BodyRefusedException(
        HttpStatus.CONTENT_TOO_LARGE,
        "The request is too large; at most " + mostBytes / KILO + " kB are accepted.");
  }

  /** It was not there in time. */
  public static BodyRefusedException tooSlow() {
    return new BodyRefusedException(
        HttpStatus.REQUEST_TIMEOUT, "The request took too long to arrive. Try again.");
  }

  /** Too many of one address are on their way already. */
  public static BodyRefusedException tooMany() {
    return new BodyRefusedException(
        HttpStatus.TOO_MANY_REQUESTS,
        "Too many requests from this address are on their way at once. Try again.");
  }

  public HttpStatus status() {
    return status;
  }
}
