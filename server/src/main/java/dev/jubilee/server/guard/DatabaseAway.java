package dev.jubilee.server.guard;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionTimedOutException;

/** Tells a database that cannot be reached, is too slow or has no room left from other faults. */
public final class DatabaseAway {
  private static final String AWAY =
      "The database is away. Nothing was saved, and what you typed is still here. Try again when it"
          + " is back.";

  private static final String SLOW =
      "This took too long and was stopped. Nothing was saved, and what you typed is still here. Try"
          + " again in a moment.";

  static final String FULL =
      "The database has no room left. Nothing was saved, and what you typed is still here. Whoever"
          + " keeps the server must make room on its disk; then save again.";

  /** SQLSTATE disk_full. */
  private static final String DISK_FULL = "53100";

  /** SQLSTATE query_canceled: its time was over. */
  private static final String CANCELLED = "57014";

  /** Class insufficient resources: no disk, memory or connection left. */
  private static final String RESOURCES = "53";

  /** SQLSTATE classes: connection exception, operator intervention (shutting down, starting up). */
  private static final String CONNECTION = "08";

  private static final String INTERVENTION = "57P";

  private DatabaseAway() {}

  /** Whether the same would do later: the database is away, or too slow just now. */
  public static boolean isMeantBy(Throwable thrown) {
    return isTooSlow(thrown) || isAway(thrown);
  }

  /** What to say of what {@link #isMeantBy} finds. */
  static String words(Throwable thrown) {
    return isTooSlow(thrown) ? SLOW : AWAY;
  }

  /** The time of a transaction was over, most likely in waiting for another one. */
  private static boolean isTooSlow(Throwable thrown) {
    for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
      if (cause instanceof TransactionTimedOutException
          || cause instanceof QueryTimeoutException
          || (cause instanceof SQLException sql && CANCELLED.equals(sql.getSQLState()))) {
        return true;
      }
    }
    return false;
  }

  private static boolean isAway(Throwable thrown) {
    for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
      if (cause instanceof DataAccessResourceFailureException
          || cause instanceof CannotCreateTransactionException
          || cause instanceof SQLTransientConnectionException
          || cause instanceof SQLNonTransientConnectionException
          || (cause instanceof SQLException sql && isConnection(sql.getSQLState()))) {
        return true;
      }
    }
    return false;
  }

  /** Reached, but without room for what is to be written. */
  static boolean isFull(Throwable thrown) {
    for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException sql && DISK_FULL.equals(sql.getSQLState())) {
        return true;
      }
    }
    return false;
  }

  private static boolean isConnection(String state) {
    // What PostgreSQL itself says always has a state; what the pool says of a lost line has none.
    return state == null
        || state.startsWith(CONNECTION)
        || state.startsWith(INTERVENTION)
        || state.startsWith(RESOURCES);
  }
}
