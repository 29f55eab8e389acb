package dev.jubilee.server.tenant;

import java.io.Serial;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Collections;
import java.util.Map;
import java.util.UUID;
import java.util.WeakHashMap;
import javax.sql.DataSource;
import org.hibernate.engine.jdbc.connections.spi.MultiTenantConnectionProvider;
import org.postgresql.PGConnection;

/**
 * Connections on which PostgreSQL itself hides the rows of other clubs, whatever a statement says.
 * Superusers are bound by no policy, so that their connections take on a role that is.
 */
final class ClubConnections implements MultiTenantConnectionProvider<UUID> {
  @Serial private static final long serialVersionUID = 1L;

  private static final String SCOPED = "SELECT set_config('jubilee.club', ?, false)";

  /** The role is made by the migration that brings the policies. */
  private static final String SCOPED_WITH_ROLE =
      "SELECT set_config('role', 'jubilee_rows', false), set_config('jubilee.club', ?, false)";

  private static final String EVERY_CLUB = "*";

  private final transient DataSource database;
  private transient volatile String scoping;

  /** What was said last on each connection to the database; most requests are of the same club. */
  private final transient Map<Connection, UUID> scopes =
      Collections.synchronizedMap(new WeakHashMap<>());

  ClubConnections(DataSource database) {
    this.database = database;
  }

  @Override
  public Connection getConnection(UUID clubId) throws SQLException {
    Connection connection = database.getConnection();
    try {
      Connection physical =
          connection.unwrap(PGConnection.class) instanceof Connection c ? c : connection;
      if (!clubId.equals(scopes.get(physical))) {
        scopes.remove(physical);
        scope(connection, clubId);
        scopes.put(physical, clubId);
      }
      return connection;
    } catch (SQLException e) {
      connection.close();
      throw e;
    }
  }

  private void scope(Connection connection, UUID clubId) throws SQLException {
    try (PreparedStatement statement = connection.prepareStatement(scoping(connection))) {
      statement.setString(1, ClubScope.isEvery(clubId) ? EVERY_CLUB : clubId.toString());
      statement.execute();
    }
  }

  private String scoping(Connection connection) throws SQLException {
    if (scoping == null) {
      try (Statement statement = connection.createStatement();
          ResultSet row =
              statement.executeQuery(
                  "SELECT rolsuper FROM pg_roles WHERE rolname = session_user")) {
        scoping = row.next() && row.getBoolean("rolsuper") ? SCOPED_WITH_ROLE : SCOPED;
      }
    }
    return scoping;
  }

  @Override
  public void releaseConnection(UUID clubId, Connection connection) throws SQLException {
    connection.close();
  }

  /** For what Hibernate asks of the database itself. */
  @Override
  public Connection getAnyConnection() throws SQLException {
    return database.getConnection();
  }

  @Override
  public void releaseAnyConnection(Connection connection) throws SQLException {
    connection.close();
  }

  @Override
  public boolean supportsAggressiveRelease() {
    return false;
  }

  @Override
  public boolean isUnwrappableAs(Class<?> type) {
    return type.isInstance(this) || type.isInstance(database);
  }

  @Override
  public <T> T unwrap(Class<T> type) {
    return type.cast(type.isInstance(this) ? this : database);
  }
}
