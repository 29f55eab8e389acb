package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.jubilee.server.RunningServer.Visitor;
import dev.jubilee.server.athlete.AthleteRepository;
import dev.jubilee.server.athlete.AthleteRow;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.tenant.ClubScope;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Whose row it is, is held twice: by Hibernate, and by PostgreSQL whatever Hibernate asks. */
@ExtendWith(RunningServer.class)
class ClubRowsTest {
  private static UUID here;
  private static UUID there;

  @BeforeAll
  static void twoClubs() throws Exception {
    here = club(new Visitor().signedIn());
    there = club(Squads.coachOf("Rows"));
    assertThat(here).isNotEqualTo(there);
  }

  private static UUID club(Visitor coach) throws Exception {
    String name = "Row of " + UUID.randomUUID();
    String athlete =
        "{\"name\":\"%s\",\"sport\":\"RUN\",\"level\":\"NOVICE\",\"age\":30,\"deconditioned\":false}"
            .formatted(name);
    String id =
        JsonMapper.shared()
            .readTree(coach.post("/api/athletes", athlete).body())
            .get("id")
            .asString();
    try (Connection connection = RunningServer.connect();
        Statement statement = connection.createStatement();
        ResultSet row =
            statement.executeQuery("SELECT club_id FROM athlete WHERE id = '" + id + "'")) {
      row.next();
      return row.getObject("club_id", UUID.class);
    }
  }

  @Test
  void queryWithoutTheClubReadsItsRowsAlone() {
    AthleteRepository athletes = RunningServer.bean(AthleteRepository.class);
    List<AthleteRow> ours = ClubScope.within(here, athletes::findAllByOrderByName);
    List<AthleteRow> theirs = ClubScope.within(there, athletes::findAllByOrderByName);
    assertThat(ours).isNotEmpty().allMatch(row -> row.clubId().equals(here));
    assertThat(theirs).isNotEmpty().allMatch(row -> row.clubId().equals(there));
    assertThat(ClubScope.within(there, () -> athletes.findById(ours.get(0).id()))).isEmpty();
  }

  @Test
  void outsideOfAnyClubNoRowIsVisible() {
    assertThat(RunningServer.bean(AthleteRepository.class).findAll()).isEmpty();
  }

  @Test
  void rowOfAnotherClubIsNotWritten() {
    AthleteRepository athletes = RunningServer.bean(AthleteRepository.class);
    AthleteRow theirs = ClubScope.within(there, athletes::findAllByOrderByName).get(0);
    assertThatThrownBy(() -> ClubScope.within(here, () -> athletes.saveAndFlush(theirs)))
        .isInstanceOf(RuntimeException.class);
  }

  @Test
  void scopeDoesNotChangeInsideATransaction() {
    TransactionTemplate transaction = RunningServer.bean(TransactionTemplate.class);
    Sessions sessions = RunningServer.bean(Sessions.class);
    assertThatThrownBy(
            () ->
                ClubScope.within(
                    here,
                    () ->
                        transaction.execute(
                            status ->
                                ClubScope.within(there, () -> sessions.find(UUID.randomUUID())))))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("another club");
  }

  @Test
  void postgresHidesRowsOfOtherClubs() throws SQLException {
    try (Connection connection = scopedTo(here);
        Statement statement = connection.createStatement()) {
      assertThat(count(statement, "SELECT count(*) FROM athlete WHERE club_id = '" + there + "'"))
          .isZero();
      assertThat(count(statement, "SELECT count(*) FROM athlete")).isPositive();
      assertThat(statement.executeUpdate("DELETE FROM athlete WHERE club_id = '" + there + "'"))
          .isZero();
      assertThatThrownBy(
              () ->
                  statement.executeUpdate(
                      "INSERT INTO kit_stock (club_id, place, kit, count) VALUES ('"
                          + there
                          + "', 'GYM', 'ROLLER', 3)"))
          .isInstanceOf(SQLException.class)
          .hasMessageContaining("row-level security");
    }
  }

  @Test
  void everyTableOfAClubIsLocked() throws SQLException {
    List<String> open = new ArrayList<>();
    try (Connection connection = RunningServer.connect();
        Statement statement = connection.createStatement();
        ResultSet row =
            statement.executeQuery(
                """
                SELECT c.relname FROM pg_class c
                JOIN pg_attribute a ON a.attrelid = c.oid AND a.attname = 'club_id'
                WHERE c.relkind = 'r' AND c.relnamespace = 'public'::regnamespace
                  AND NOT (c.relrowsecurity AND c.relforcerowsecurity
                    AND EXISTS (SELECT 1 FROM pg_policy p WHERE p.polrelid = c.oid))""")) {
      while (row.next()) {
        open.add(row.getString("relname"));
      }
    }
    assertThat(open).as("tables of clubs without a policy").isEmpty();
  }

  @Test
  void statementWithoutTheClubIsSeen() {
    ClubStatements statements = new ClubStatements();
    assertThatThrownBy(() -> statements.inspect("select a.id from athlete a where a.id=?"))
        .isInstanceOf(IllegalStateException.class);
    assertThatThrownBy(() -> statements.inspect("update athlete set name=? where id=?"))
        .isInstanceOf(IllegalStateException.class);
    assertThat(statements.inspect("delete from athlete where id=? and club_id=?")).isNotNull();
    assertThat(ClubStatements.seen()).as("statements of this run").hasSizeGreaterThan(20);
  }

  /** As the server connects, whatever it asks. */
  private static Connection scopedTo(UUID club) throws SQLException {
    Connection connection = RunningServer.connect();
    try (Statement statement = connection.createStatement()) {
      statement.execute("SET ROLE jubilee_rows");
      statement.execute("SELECT set_config('jubilee.club', '" + club + "', false)");
    }
    return connection;
  }

  private static int count(Statement statement, String sql) throws SQLException {
    try (ResultSet row = statement.executeQuery(sql)) {
      row.next();
      return row.getInt(1);
    }
  }
}
