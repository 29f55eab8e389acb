package dev.jubilee.server.live;

import dev.jubilee.server.guard.Causes;
import dev.jubilee.server.postgres.Notices;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.Properties;
import java.util.UUID;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Hears from the database when something has changed that is told live, whichever server changed
 * it. It holds a connection of its own; while that is broken nothing is heard, and after it
 * everyone is told anew.
 */
@Component
public class LiveNotices implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(LiveNotices.class);

  /** Characters of an id. */
  private static final int ID = 36;

  /** So long it listens before it looks whether it should still, ms. */
  private static final int ROUND = 1000;

  private final JdbcConnectionDetails database;
  private final LiveLines lines;
  private volatile Thread thread;
  private int rounds;

  LiveNotices(JdbcConnectionDetails database, LiveLines lines) {
    this.database = database;
    this.lines = lines;
  }

  @Override
  public void start() {
    Thread listener = new Thread(this::listen, "live-notices");
    listener.setDaemon(true);
    thread = listener;
    listener.start();
  }

  @Override
  public void stop() {
    Thread listener = thread;
    thread = null;
    lines.closeAll();
    if (listener != null) {
      listener.interrupt();
    }
  }

  @Override
  public boolean isRunning() {
    return thread != null;
  }

  private boolean isMine() {
    return Thread.currentThread() == thread;
  }

  private void listen() {
    boolean isTold = false;
    while (isMine()) {
      try (Connection connection = connect();
          Statement statement = connection.createStatement()) {
        statement.execute("LISTEN " + Notices.CHANNEL);
        isTold = false;
        lines.changedAll();
        PGConnection listening = connection.unwrap(PGConnection.class);
        while (isMine()) {
          hear(listening);
          beat();
        }
      } catch (SQLException e) {
        if (!isTold && isMine()) {
          LOG.warn("changes are not heard until the database is: {}", Causes.told(e));
        }
        isTold = true;
        pause();
        beat();
      }
    }
  }

  /** Once a round, heard or not. */
  private void beat() {
    rounds = (rounds + 1) % LiveLines.SIGN_OF_LIFE;
    if (rounds == 0) {
      lines.beat();
    }
  }

  private void hear(PGConnection listening) throws SQLException {
    PGNotification[] heard = listening.getNotifications(ROUND);
    if (heard != null) {
      for (PGNotification notification : heard) {
        String told = notification.getParameter();
        lines.changed(told.substring(ID + 1), UUID.fromString(told.substring(0, ID)));
      }
    }
  }

  private Connection connect() throws SQLException {
    Properties properties = new Properties();
    Optional.ofNullable(database.getUsername()).ifPresent(u -> properties.setProperty("user", u));
    Optional.ofNullable(database.getPassword())
        .ifPresent(p -> properties.setProperty("password", p));
    properties.setProperty("connectTimeout", "2");
    properties.setProperty("tcpKeepAlive", "true");
    return DriverManager.getConnection(database.getJdbcUrl(), properties);
  }

  private static void pause() {
    try {
      Thread.sleep(ROUND);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
