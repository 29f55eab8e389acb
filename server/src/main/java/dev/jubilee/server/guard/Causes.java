package dev.jubilee.server.guard;

import java.util.Optional;

/** What lies behind an exception. */
public final class Causes {
  private static final int PLACES = 6;

  private Causes() {}

  /** The first cause of a kind, if any. */
  static <T extends Throwable> Optional<T> find(Throwable thrown, Class<T> kind) {
    for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
      if (kind.isInstance(cause)) {
        return Optional.of(kind.cast(cause));
      }
    }
    return Optional.empty();
  }

  /** Classes and places without messages, which may hold what someone typed. */
  public static String told(Throwable thrown) {
    StringBuilder told = new StringBuilder();
    for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
      told.append(told.isEmpty() ? "" : " < ").append(cause.getClass().getName());
      StackTraceElement[] trace = cause.getStackTrace();
      for (int i = 0; i < Math.min(PLACES, trace.length); i++) {
        told.append(' ').append(trace[i]);
      }
    }
    return told.toString();
  }
}
