package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;

/** What is kept can be put back, to the last row, and links go on working and can be shown. */
class KeepingTest {
  private static final JsonMapper JSON = JsonMapper.shared();

  @TempDir private Path folder;

  @Test
  void keptDestroyedAndPutBackItIsTheSame() throws Exception {
    String url = RunningServer.freshDatabase("keeping_" + ProcessHandle.current().pid());
    Files.writeString(folder.resolve("secret"), "a secret that is kept too");
    String token;
    String link;
    try (ConfigurableApplicationContext server = demo(url)) {
      Visitor coach = new Visitor(RunningServer.base(server)).signedIn();
      String block = JSON.readTree(coach.get("/api/blocks").body()).get(0).get("id").asString();
      while (!coach.get("/api/blocks/" + block + "/compilation").body().contains("DONE")) {
        Thread.sleep(100);
      }
      link = handOver(coach);
      token = JSON.readTree(coach.post(link, "").body()).get("token").asString();
    }
    Map<String, String> before = rows(url);
    assertThat(jubilee(url, "backup", folder.resolve("kept"))).isEqualTo(0);
    assertThat(jubilee(url, "backup", folder.resolve("kept"))).as("overwritten").isNotEqualTo(0);

    sql(url, "DROP SCHEMA public CASCADE", "CREATE SCHEMA public");
    Files.writeString(folder.resolve("secret"), "another");
    Files.writeString(folder.resolve("broken"), "no backup at all");
    assertThat(jubilee(url, "restore", folder.resolve("broken"))).isNotEqualTo(0);
    assertThat(jubilee(url, "restore", folder.resolve("kept"))).isEqualTo(0);
    assertThat(rows(url)).isEqualTo(before);

    try (ConfigurableApplicationContext server = demo(url)) {
      Visitor coach = new Visitor(RunningServer.base(server)).signedIn();
      assertThat(new Visitor(RunningServer.base(server)).get("/api/follow/" + token).statusCode())
          .isEqualTo(200);
      assertThat(JSON.readTree(coach.post(link, "").body()).get("token").asString())
          .isEqualTo(token);
    }
  }

  private ConfigurableApplicationContext demo(String url) throws Exception {
    return RunningServer.start(
        url,
        "--jubilee.demo=true",
        "--jubilee.demo-weeks=0",
        "--jubilee.secret=" + Files.readString(folder.resolve("secret")));
  }

  private static String handOver(Visitor coach) throws Exception {
    String today = JSON.readTree(coach.get("/api/me").body()).get("today").asString();
    String path = "/api/sessions?from=" + today + "&until=" + today;
    String warmUp =
        coach.get(path).body().replaceFirst(".*?\"prescriptionId\":\"([^\"]+)\".*", "$1");
    return "/api/prescriptions/" + warmUp + "/hand-over";
  }

  private int jubilee(String url, String command, Path file) throws Exception {
    ProcessBuilder builder =
        new ProcessBuilder("../jubilee", command, file.toString())
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("out").toFile());
    builder.environment().put("JUBILEE_DB_URL", url);
    builder.environment().put("JUBILEE_DATA", folder.toString());
    return builder.start().waitFor();
  }

  /** Every table's rows as one fingerprint; who is signed in is not kept on purpose. */
  private static Map<String, String> rows(String url) throws Exception {
    Map<String, String> rows = new TreeMap<>();
    try (Connection db = connect(url);
        Statement list = db.createStatement();
        ResultSet tables =
            list.executeQuery(
                "SELECT tablename FROM pg_tables WHERE schemaname = 'public'"
                    + " AND tablename NOT LIKE 'spring_session%'")) {
      while (tables.next()) {
        String table = tables.getString(1);
        try (Statement one = db.createStatement();
            ResultSet all =
                one.executeQuery(
                    "SELECT count(*) || ' ' || md5(coalesce(string_agg(t::text, '' ORDER BY t::text), ''))"
                        + " FROM "
                        + table
                        + " t")) {
          all.next();
          rows.put(table, all.getString(1));
        }
      }
    }
    assertThat(rows).hasSizeGreaterThan(10);
    return rows;
  }

  private static void sql(String url, String... statements) throws Exception {
    try (Connection db = connect(url);
        Statement statement = db.createStatement()) {
      for (String one : statements) {
        statement.execute(one);
      }
    }
  }

  private static Connection connect(String url) throws Exception {
    return DriverManager.getConnection(
        url, System.getenv("JUBILEE_DB_USER"), System.getenv("JUBILEE_DB_PASSWORD"));
  }
}
