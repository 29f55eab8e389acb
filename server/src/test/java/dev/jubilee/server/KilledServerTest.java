package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.ProcessBuilder.Redirect;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A server of its own, killed while it prescribes a block, and started again. */
class KilledServerTest {
  private static final String NAME = "killed_" + ProcessHandle.current().pid();
  private static final int PATIENCE_SECONDS = 120;

  @Test
  void aBlockIsPrescribedToItsEndByTheNextServer() throws Exception {
    String url = System.getenv("JUBILEE_DB_URL");
    try (Connection admin = connect(url);
        Statement statement = admin.createStatement()) {
      statement.execute("DROP DATABASE IF EXISTS " + NAME);
      statement.execute("CREATE DATABASE " + NAME);
    }
    String own = url.replaceFirst("/[^/]*$", "/" + NAME);
    Process first = start(own);
    int done;
    try {
      awaitDone(own, 1);
    } finally {
      first.destroyForcibly().waitFor();
    }
    try (Connection db = connect(own)) {
      done = number(db, "SELECT done FROM block_run");
      assertThat(text(db, "SELECT state FROM block_run")).isEqualTo("RUNNING");
      assertThat(done).isBetween(1, number(db, "SELECT total FROM block_run") - 1);
    }
    Process second = start(own);
    try {
      awaitDone(own, done + 1);
      awaitState(own, "DONE");
    } finally {
      second.destroyForcibly().waitFor();
    }
    try (Connection db = connect(own)) {
      assertThat(number(db, "SELECT done - total FROM block_run")).isZero();
      // Every athlete of every session of the block has one warm-up, made once.
      assertThat(
              number(
                  db,
                  "SELECT count(*) FROM training_session s"
                      + " JOIN training_session_athlete a ON a.session_id = s.id"
                      + " LEFT JOIN prescription p"
                      + "   ON p.session_id = s.id AND p.athlete_id = a.athlete_id"
                      + " WHERE s.source_key LIKE 'block %' AND p.id IS NULL"))
          .isZero();
      assertThat(number(db, "SELECT max(last_revision) FROM prescription")).isEqualTo(1);
    }
  }

  private static Process start(String url) throws IOException {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(List.of("-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-cp"));
    command.add(System.getProperty("java.class.path"));
    command.add(JubileeApplication.class.getName());
    command.add("--spring.datasource.url=" + url);
    command.add("--server.port=0");
    command.add("--jubilee.demo=true");
    command.add("--jubilee.heartbeat=1s");
    return new ProcessBuilder(command)
        .redirectErrorStream(true)
        .redirectOutput(Redirect.appendTo(Path.of("target", "killed-server.log").toFile()))
        .start();
  }

  private static void awaitDone(String url, int least) throws Exception {
    await(url, "SELECT count(*) FROM block_run WHERE done >= " + least);
  }

  private static void awaitState(String url, String state) throws Exception {
    await(url, "SELECT count(*) FROM block_run WHERE state = '" + state + "'");
  }

  private static void await(String url, String query) throws Exception {
    for (int i = 0; i < 20 * PATIENCE_SECONDS; i++) {
      try (Connection db = connect(url)) {
        if (number(db, query) > 0) {
          return;
        }
      } catch (SQLException e) {
        // The tables are made when the server starts.
      }
      Thread.sleep(50);
    }
    throw new AssertionError("nothing after " + PATIENCE_SECONDS + " s of: " + query);
  }

  private static Connection connect(String url) throws SQLException {
    return DriverManager.getConnection(
        url, System.getenv("JUBILEE_DB_USER"), System.getenv("JUBILEE_DB_PASSWORD"));
  }

  private static int number(Connection db, String query) throws SQLException {
    return Integer.parseInt(text(db, query));
  }

  private static String text(Connection db, String query) throws SQLException {
    try (Statement statement = db.createStatement();
        ResultSet result = statement.executeQuery(query)) {
      return result.next() ? result.getString(1) : "0";
    }
  }
}
