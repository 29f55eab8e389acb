package dev.jubilee.server.guard;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.transaction.CannotCreateTransactionException;

/** Tells a database that cannot be reached from other faults. */
public final class DatabaseAway {
  public static final String WORDS =
      "The database is away. Nothing was saved, and what you typed is still here. Try again when it"
          + " is back.";

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

  private static boolean isConnection(String state) {
    // What PostgreSQL itself says always has a state; what the pool says of a lost line has none.
    return state == null || state.startsWith(CONNECTION) || state.startsWith(INTERVENTION);
  }
}
