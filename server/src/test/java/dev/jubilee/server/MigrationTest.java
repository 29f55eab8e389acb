package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.prescription.stored.OutcomeV1;
import dev.jubilee.server.prescription.stored.SnapshotV1;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What an older Jubilee stored is still read as what it meant. */
class MigrationTest {
  private static final String USER = System.getenv("JUBILEE_DB_USER");
  private static final String PASSWORD = System.getenv("JUBILEE_DB_PASSWORD");
  private static final String NAME = "migration_" + ProcessHandle.current().pid();

  private String url;

  @BeforeEach
  void freshDatabase() throws SQLException {
    String any = System.getenv("JUBILEE_DB_URL");
    assertThat(any).as("these tests need PostgreSQL: run ./jubilee test").isNotNull();
    url = any.replaceFirst("/[^/]*$", "/" + NAME);
    onAnother(any, "CREATE DATABASE " + NAME);
  }

  @AfterEach
  void gone() throws SQLException {
    onAnother(System.getenv("JUBILEE_DB_URL"), "DROP DATABASE " + NAME);
  }

  @Test
  void aLockOfOldKeepsAllOfItAndFindingsGetARemedy() throws SQLException {
    migrateTo("2");
    try (Connection connection = DriverManager.getConnection(url, USER, PASSWORD);
        Statement statement = connection.createStatement()) {
      // A revision alone, without all that it refers to.
      for (String reference : List.of("club_id", "prescription_id", "coach_id")) {
        statement.execute(
            "ALTER TABLE prescription_revision DROP CONSTRAINT prescription_revision_"
                + reference
                + "_fkey");
      }
      statement.execute(
          """
          INSERT INTO prescription_revision VALUES (gen_random_uuid(), gen_random_uuid(),
            gen_random_uuid(), 1, NULL, 'Prescribed', '1',
            '{"items": [{"id": "jog", "locked": true}, {"id": "skip", "locked": false}]}',
            '{"seconds": 425, "items": [
               {"id": "jog", "locked": true, "changeSeconds": 5, "workSeconds": 360, "effort": 45,
                "unit": "s", "amount": 360,
                "recoverySeconds": 0},
               {"id": "stride", "locked": false, "changeSeconds": 0, "workSeconds": 20,
                "unit": "reps", "amount": 8, "effort": 80, "recoverySeconds": 40}], "findings": [
               {"code": "LAYERS", "remedy": null},
               {"code": "OVER_TIME", "remedy": {"action": "REFIT"}}]}',
            gen_random_uuid(), now())
          """);
      migrateTo("latest");
      ResultSet row =
          statement.executeQuery(
              "SELECT inputs, outcome, sketch, origin FROM prescription_revision");
      row.next();
      JsonNode inputs = JsonMapper.shared().readTree(row.getString(1));
      JsonNode outcome = JsonMapper.shared().readTree(row.getString(2));
      assertThat(inputs.at("/items/0/lock").asString()).isEqualTo("DOSE");
      assertThat(inputs.at("/items/1/lock").asString()).isEqualTo("NONE");
      assertThat(outcome.at("/items/0/lock").asString()).isEqualTo("DOSE");
      assertThat(outcome.at("/findings/0/remedy/edit/action").asString()).isEqualTo("ACKNOWLEDGE");
      assertThat(outcome.at("/findings/1/remedy/edit/action").asString()).isEqualTo("REFIT");
      assertThat(outcome.at("/findings/0/seen").isBoolean()).isTrue();
      assertThat(outcome.at("/items/0/step").asInt()).isEqualTo(30);
      assertThat(outcome.at("/items/1/step").asInt()).isEqualTo(2);
      assertThat(outcome.at("/items/1/recoveryEffort").asInt()).isEqualTo(28);
      assertThat(row.getString(4)).isEqualTo("PRESCRIBED");
      assertThat(JsonMapper.shared().readTree(row.getString(3)))
          .isEqualTo(
              JsonMapper.shared()
                  .readTree(
                      """
                      {"seconds": 425, "steps": [
                        {"seconds": 5, "effort": 0}, {"seconds": 360, "effort": 45},
                        {"seconds": 20, "effort": 80}, {"seconds": 40, "effort": 22}]}"""));
    }
  }

  /** A plan as a version before stored it, with all that has been added since. */
  @Test
  void aPlanOfOldIsReadAsItIsNow() throws Exception {
    migrateTo("6");
    try (Connection connection = DriverManager.getConnection(url, USER, PASSWORD);
        Statement statement = connection.createStatement()) {
      for (String reference : List.of("club_id", "prescription_id", "coach_id")) {
        statement.execute(
            "ALTER TABLE prescription_revision DROP CONSTRAINT prescription_revision_"
                + reference
                + "_fkey");
      }
      try (PreparedStatement insert =
          connection.prepareStatement(
              "INSERT INTO prescription_revision VALUES (gen_random_uuid(), gen_random_uuid(),"
                  + " gen_random_uuid(), 1, NULL, 'Applied Tuesday', '1', ?::jsonb, ?::jsonb,"
                  + " gen_random_uuid(), now(), '{\"seconds\": 1, \"steps\": []}')")) {
        insert.setString(1, stored("inputs-engine-1.json"));
        insert.setString(2, stored("outcome-engine-1.json"));
        insert.execute();
      }
      migrateTo("latest");
      ResultSet row =
          statement.executeQuery("SELECT inputs, outcome, origin FROM prescription_revision");
      row.next();
      Json json = new Json();
      assertThat(json.read(row.getString(1), SnapshotV1.class).toCore(BuiltInLibrary.get()).items())
          .isNotEmpty();
      OutcomeV1 outcome = json.read(row.getString(2), OutcomeV1.class);
      assertThat(outcome.items())
          .isNotEmpty()
          .allSatisfy(i -> assertThat(i.step()).isPositive())
          .filteredOn(i -> i.target() != null)
          .isNotEmpty()
          .allSatisfy(i -> assertThat(i.target().spread()).isZero());
      assertThat(outcome.findings())
          .isNotEmpty()
          .allSatisfy(f -> assertThat(f.remedy().edit().toCore()).isNotNull());
      assertThat(row.getString(3)).isEqualTo("ROUTINE");
    }
  }

  private static String stored(String name) throws IOException {
    try (InputStream in = MigrationTest.class.getResourceAsStream("/stored/" + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private void migrateTo(String version) {
    Flyway.configure().dataSource(url, USER, PASSWORD).target(version).load().migrate();
  }

  private static void onAnother(String database, String sql) throws SQLException {
    try (Connection admin = DriverManager.getConnection(database, USER, PASSWORD);
        Statement statement = admin.createStatement()) {
      statement.execute(sql);
    }
  }
}
