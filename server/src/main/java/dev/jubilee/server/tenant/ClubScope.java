package dev.jubilee.server.tenant;

import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The one club whose rows this thread may read and write. Hibernate puts it into every statement on
 * a club's table and PostgreSQL's row-level security checks it once more. Outside of any scope no
 * row is visible, so that code which forgets its scope finds nothing instead of too much.
 */
public final class ClubScope {
  private static final UUID NO_CLUB = new UUID(0, 0);
  private static final UUID EVERY_CLUB = new UUID(-1L, -1L);
  private static final ThreadLocal<UUID> CURRENT = new ThreadLocal<>();

  private ClubScope() {}

  /**
   * Does something with the rows of one club.
   *
   * @throws IllegalStateException inside a transaction of another scope, which would keep its own
   */
  public static <T> T within(UUID clubId, Supplier<T> work) {
    UUID before = CURRENT.get();
    bind(clubId);
    try {
      return work.get();
    } finally {
      rebind(before);
    }
  }

  /** The same for work without a result. */
  public static void runWithin(UUID clubId, Runnable work) {
    within(
        clubId,
        () -> {
          work.run();
          return null;
        });
  }

  /**
   * Does something before it is known whose rows it is about: signing in, following a link, keeping
   * the server.
   */
  public static <T> T acrossClubs(Supplier<T> work) {
    return within(EVERY_CLUB, work);
  }

  static void bind(UUID clubId) {
    if (TransactionSynchronizationManager.isActualTransactionActive()
        && !current().equals(clubId)) {
      throw new IllegalStateException("a transaction of another club is open");
    }
    CURRENT.set(clubId);
  }

  static void unbind() {
    CURRENT.remove();
  }

  private static void rebind(UUID before) {
    if (before == null) {
      CURRENT.remove();
    } else {
      CURRENT.set(before);
    }
  }

  static UUID current() {
    UUID clubId = CURRENT.get();
    return clubId == null ? NO_CLUB : clubId;
  }

  static boolean isEvery(UUID clubId) {
    return EVERY_CLUB.equals(clubId);
  }

  /** Whether statements of this thread may leave out the club. */
  public static boolean isAcrossClubs() {
    return isEvery(current());
  }
}
