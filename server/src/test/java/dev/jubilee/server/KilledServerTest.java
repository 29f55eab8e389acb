package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.io.IOException;
import java.lang.ProcessBuilder.Redirect;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** A server of its own, killed while it prescribes a block, and started again. */
class KilledServerTest {
  private static final String NAME = "killed_" + ProcessHandle.current().pid();
  private static final int PATIENCE_SECONDS = 120;
  private static final int WRITERS = 4;

  /** Every write that was answered is there, and the block goes on from where it was. */
  @Test
  void nothingIsLostWhenTheServerIsKilledInTheMidstOfItsWork() throws Exception {
    String url = RunningServer.freshDatabase(NAME);
    int port = freePort();
    String base = "http://127.0.0.1:" + port;
    Queue<String> acknowledged = new ConcurrentLinkedQueue<>();
    Process first = start(url, port);
    ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
    try {
      await(url, "SELECT count(*) FROM block_run");
      awaitAnswer(base);
      for (int i = 0; i < WRITERS; i++) {
        Visitor coach = new Visitor(base).signedIn();
        String name = "Writer " + i;
        writers.execute(() -> write(coach, name, acknowledged));
      }
      await(url, "SELECT count(*) FROM block_run WHERE done >= 1");
      for (int i = 0; i < 20 * PATIENCE_SECONDS && acknowledged.size() < 25; i++) {
        Thread.sleep(50);
      }
    } finally {
      first.destroyForcibly().waitFor();
      writers.shutdown();
    }
    assertThat(writers.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
    assertThat(acknowledged).hasSizeGreaterThanOrEqualTo(25);
    try (Connection db = connect(url)) {
      assertThat(text(db, "SELECT state FROM block_run")).isEqualTo("RUNNING");
      assertThat(number(db, "SELECT done FROM block_run"))
          .isBetween(1, number(db, "SELECT total FROM block_run") - 1);
    }
    Process second = start(url, port);
    try {
      awaitAnswer(base);
      String all = new Visitor(base).signedIn().get("/api/athletes").body();
      assertThat(acknowledged).allSatisfy(name -> assertThat(all).contains('"' + name + '"'));
      await(url, "SELECT count(*) FROM block_run WHERE state = 'DONE'");
    } finally {
      second.destroyForcibly().waitFor();
    }
    try (Connection db = connect(url)) {
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

  /** One athlete after the other, until nobody answers. */
  private static void write(Visitor coach, String name, Queue<String> acknowledged) {
    try {
      for (int n = 0; ; n++) {
        String athlete =
            "{\"name\":\"%s, %d\",\"sport\":\"RUN\",\"level\":\"NOVICE\",\"age\":30,\"deconditioned\":false}"
                .formatted(name, n);
        if (coach.post("/api/athletes", athlete).statusCode() == 201) {
          acknowledged.add(name + ", " + n);
        }
      }
    } catch (Exception e) {
      // Killed.
    }
  }

  private static void awaitAnswer(String base) throws Exception {
    for (int i = 0; i < 20 * PATIENCE_SECONDS; i++) {
      try {
        if (new Visitor(base).get("/api/health/ready").statusCode() == 200) {
          return;
        }
      } catch (IOException e) {
        // Not yet.
      }
      Thread.sleep(50);
    }
    throw new AssertionError("no answer after " + PATIENCE_SECONDS + " s");
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    }
  }

  private static Process start(String url, int port) throws IOException {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(List.of("-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-cp"));
    command.add(System.getProperty("java.class.path"));
    command.add(JubileeApplication.class.getName());
    command.add("--spring.datasource.url=" + url);
    command.add("--server.port=" + port);
    command.add("--jubilee.demo=true");
    command.add("--jubilee.demo-weeks=0");
    command.add("--jubilee.heartbeat=1s");
    return new ProcessBuilder(command)
        .redirectErrorStream(true)
        .redirectOutput(Redirect.appendTo(Path.of("target", "killed-server.log").toFile()))
        .start();
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
