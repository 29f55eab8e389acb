package dev.jubilee.server.guard;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.transaction.CannotCreateTransactionException;

/** Tells a database that cannot be reached, or has no room left, from other faults. */
public final class DatabaseAway {
  public static final String WORDS =
      "The database is away. Nothing was saved, and what you typed is still here. Try again when it"
          + " is back.";

  public static final String FULL =
      "The database has no room left. Nothing was saved, and what you typed is still here. Whoever"
          + " keeps the server must make room on its disk; then save again.";

  /** SQLSTATE disk_full. */
  private static final String DISK_FULL = "53100";

  /** Class insufficient resources: no disk, memory or connection left. */
  private static final String RESOURCES = "53";

  /** SQLSTATE classes: connection exception, operator intervention (shutting down, starting up). */
  private static final String CONNECTION = "08";

  private static final String INTERVENTION = "57P";

  private DatabaseAway() {}

  public static boolean isMeantBy(Throwable thrown) {
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
  public static boolean isFull(Throwable thrown) {
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
