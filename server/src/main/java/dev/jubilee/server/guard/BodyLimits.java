package dev.jubilee.server.guard;

import java.time.Duration;
import java.util.List;

/** How large a body may be and how long it may take to arrive. */
final class BodyLimits {
  private static final int KILO = 1024;

  /** Whoever is not signed in has little to say. */
  private static final int STRANGER = 4 * KILO;

  private static final int USUAL = 64 * KILO;

  /** Files and what holds hundreds of people or sessions. */
  private static final int FILE = 5 * KILO * KILO;

  static final Duration ARRIVAL = Duration.ofSeconds(10);

  private static final List<String> OF_STRANGERS =
      List.of("/api/sign-in", "/api/set-up", "/api/invitations/", "/api/password-links/");

  private BodyLimits() {}

  /** Bytes that a request to a path may have. */
  static int bytes(String path) {
    if (OF_STRANGERS.stream().anyMatch(path::startsWith)) {
      return STRANGER;
    }
    // Sessions from files are imported into a block.
    boolean isFile =
        path.equals("/api/library")
            || path.startsWith("/api/blocks")
            || path.endsWith("/recording");
    return isFile ? FILE : USUAL;
  }
}
