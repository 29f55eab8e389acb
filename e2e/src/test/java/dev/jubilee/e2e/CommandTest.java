package dev.jubilee.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The one command starts once in a folder, and stop stops. */
class CommandTest {
  private static final Duration PATIENCE = Duration.ofMinutes(3);

  /** A command that watches over its server would have started it again by then. */
  private static final Duration AGAIN = Duration.ofSeconds(5);

  @TempDir private Path folder;

  @Test
  void startRunsOnceInAFolderAndStopEndsIt() throws Exception {
    int port = freePort();
    String database = freshDatabase();
    Path log = folder.resolve("start.log");
    Process started = command(port, database, log, "start");
    try {
      await(started, log, "Starting Jubilee");
      Path second = folder.resolve("second.log");
      Process refused = command(freePort(), database, second, "start");
      assertThat(refused.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS)).isTrue();
      assertThat(Files.readString(second)).containsAnyOf("is at work in", "already running");
      await(started, log, "Set up your club");
      assertThat(isOpen(port)).isTrue();
      Path stopLog = folder.resolve("stop.log");
      Process stop = command(port, database, stopLog, "stop");
      assertThat(stop.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS)).isTrue();
      assertThat(stop.exitValue()).isZero();
      assertThat(Files.readString(stopLog))
          .contains("Stopped ./jubilee in " + folder)
          .contains("Stopped the server at port " + port);
      assertThat(started.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS)).isTrue();
      Thread.sleep(AGAIN.toMillis());
      assertThat(isOpen(port)).as("nothing has started it again").isFalse();
      Path again = folder.resolve("again.log");
      command(port, database, again, "stop").waitFor();
      assertThat(Files.readString(again)).contains("Nothing of Jubilee was running");
    } finally {
      started.destroy();
    }
  }

  private Process command(int port, String database, Path log, String... words) throws IOException {
    ProcessBuilder builder = new ProcessBuilder("../jubilee");
    builder.command().addAll(List.of(words));
    builder
        .environment()
        .putAll(
            Map.of(
                "JUBILEE_DATA", folder.toString(),
                "JUBILEE_PORT", Integer.toString(port),
                "JUBILEE_DB_URL", database));
    return builder.redirectErrorStream(true).redirectOutput(log.toFile()).start();
  }

  private static void await(Process process, Path log, String words) throws Exception {
    long end = System.nanoTime() + PATIENCE.toNanos();
    while (System.nanoTime() < end && process.isAlive()) {
      if (Files.exists(log) && Files.readString(log).contains(words)) {
        return;
      }
      Thread.sleep(100);
    }
    throw new AssertionError("not said: " + words + "; but: " + Files.readString(log));
  }

  private static boolean isOpen(int port) {
    try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
      return socket.isConnected();
    } catch (IOException e) {
      return false;
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    }
  }

  private static String freshDatabase() throws SQLException {
    String url = System.getenv("JUBILEE_DB_URL");
    String name = "command_" + ProcessHandle.current().pid();
    try (Connection connection =
            DriverManager.getConnection(
                url, System.getenv("JUBILEE_DB_USER"), System.getenv("JUBILEE_DB_PASSWORD"));
        var statement = connection.createStatement()) {
      statement.execute("DROP DATABASE IF EXISTS " + name);
      statement.execute("CREATE DATABASE " + name);
    }
    return url.replaceFirst("/[^/]*$", "/" + name);
  }
}
