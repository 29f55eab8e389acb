package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.time.Duration;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A server whose database goes away and comes back. */
class DatabaseAwayTest {
  private static final JsonMapper JSON = JsonMapper.shared();

  /** Two seconds are promised; a machine under test has other work. */
  private static final Duration SOON = Duration.ofSeconds(3);

  /** What is left of a transaction's time is counted in whole seconds, rounded down. */
  private static final Duration WHOLE_SECONDS = Duration.ofSeconds(2);

  /** That a transaction may take, as the settings say. */
  private static final Duration LONGEST = Duration.ofSeconds(10);

  /**
   * Longer than it takes to notice, to give up and for a heartbeat to be missed; 100 s is what is
   * promised, and what {@code ./jubilee test} takes.
   */
  private static final Duration AWAY = Duration.ofSeconds(Integer.getInteger("jubilee.away", 12));

  private static final String FULL =
      "RAISE EXCEPTION 'could not extend file: No space left on device'"
          + " USING ERRCODE = 'disk_full';";
  private static final String THERE_IS_ROOM = "RETURN NEW;";

  private static String url;
  private static Wire wire;
  private static ConfigurableApplicationContext application;

  @BeforeAll
  static void start() throws Exception {
    url = RunningServer.freshDatabase("away_" + ProcessHandle.current().pid());
    wire = Wire.to(url);
    application =
        RunningServer.start(
            wire.through(url),
            "--jubilee.demo=true",
            "--jubilee.demo-weeks=0",
            "--jubilee.heartbeat=1s");
  }

  @AfterAll
  static void stop() throws Exception {
    application.close();
    wire.close();
  }

  @Test
  void itIsSaidSoonAndOverWhenItIsOver() throws Exception {
    Visitor coach = new Visitor(RunningServer.base(application)).signedIn();
    assertThat(coach.get("/api/health/ready").statusCode()).isEqualTo(200);
    wire.cut();
    for (String path : new String[] {"/api/me", "/api/athletes", "/api/health/ready"}) {
      long before = System.nanoTime();
      HttpResponse<String> answer = coach.get(path);
      assertThat(Duration.ofNanos(System.nanoTime() - before)).as(path).isLessThan(SOON);
      assertThat(answer.statusCode()).as(path).isEqualTo(503);
      assertThat(answer.headers().firstValue("Retry-After")).as(path).isPresent();
    }
    HttpResponse<String> write = coach.post("/api/athletes", athlete());
    assertThat(write.statusCode()).isEqualTo(503);
    assertThat(JSON.readTree(write.body()).get("detail").asString()).contains("database is away");
    assertThat(coach.get("/api/health").statusCode()).as("the server lives").isEqualTo(200);
    wire.mend();
    await(coach, "/api/health/ready", "UP");
    assertThat(coach.get("/api/me").statusCode()).as("still signed in").isEqualTo(200);
    assertThat(coach.post("/api/athletes", athlete()).statusCode()).isEqualTo(201);
  }

  @Test
  void aBlockThatWasBeingPrescribedIsPrescribedToItsEnd() throws Exception {
    Visitor coach = new Visitor(RunningServer.base(application)).signedIn();
    String block = JSON.readTree(coach.get("/api/blocks").body()).get(0).get("id").asString();
    String path = "/api/blocks/" + block;
    await(coach, path + "/compilation", "DONE");
    assertThat(coach.post(path + "/compile", "").statusCode()).isEqualTo(200);
    wire.cut();
    Thread.sleep(AWAY.toMillis());
    wire.mend();
    await(coach, path + "/compilation", "DONE");
    JsonNode compilation = JSON.readTree(coach.get(path + "/compilation").body());
    assertThat(compilation.get("done").asInt()).isEqualTo(compilation.get("total").asInt());
  }

  /** Whoever holds a table for ever holds nobody else for ever. */
  @Test
  void whatTakesTooLongIsStoppedAndSaid() throws Exception {
    Visitor coach = new Visitor(RunningServer.base(application)).signedIn();
    try (Connection other = RunningServer.connect(url)) {
      other.setAutoCommit(false);
      other.createStatement().execute("LOCK TABLE athlete IN ACCESS EXCLUSIVE MODE");
      long before = System.nanoTime();
      HttpResponse<String> answer = coach.post("/api/athletes", athlete());
      assertThat(Duration.ofNanos(System.nanoTime() - before))
          .isBetween(LONGEST.minus(WHOLE_SECONDS), LONGEST.plus(SOON));
      assertThat(answer.statusCode()).as(answer.body()).isEqualTo(503);
      assertThat(answer.body()).contains("took too long");
      other.rollback();
    }
    assertThat(coach.post("/api/athletes", athlete()).statusCode()).isEqualTo(201);
  }

  /** What a full disk lets PostgreSQL say, said by a trigger: refused while it lasts, none lost. */
  @Test
  void aFullDiskIsSaidAndWhatWasBegunGoesOnWhenThereIsRoom() throws Exception {
    Visitor coach = new Visitor(RunningServer.base(application)).signedIn();
    String block = JSON.readTree(coach.get("/api/blocks").body()).get(0).get("id").asString();
    String path = "/api/blocks/" + block;
    await(coach, path + "/compilation", "DONE");
    int before = JSON.readTree(coach.get("/api/athletes").body()).size();
    RunningServer.execute(
        url,
        disk(THERE_IS_ROOM),
        writesFailOnAFullDisk("athlete"),
        writesFailOnAFullDisk("prescription_revision"),
        writesFailOnAFullDisk("training_block_athlete"));
    assertThat(coach.post(path + "/compile", "").statusCode()).isEqualTo(200);
    RunningServer.execute(url, disk(FULL));
    try {
      HttpResponse<String> refused = coach.post("/api/athletes", athlete());
      assertThat(refused.statusCode()).as(refused.body()).isEqualTo(507);
      assertThat(refused.body()).contains("no room left");
      assertThat(JSON.readTree(coach.get("/api/athletes").body())).hasSize(before);
      Thread.sleep(2000);
      assertThat(coach.get(path + "/compilation").body()).contains("RUNNING");
    } finally {
      RunningServer.execute(url, disk(THERE_IS_ROOM));
    }
    await(coach, path + "/compilation", "DONE");
    assertThat(coach.post("/api/athletes", athlete()).statusCode()).isEqualTo(201);
    assertThat(JSON.readTree(coach.get("/api/athletes").body())).hasSize(before + 1);
  }

  /**
   * The triggers stay and the function changes: a trigger made or dropped beside running writes
   * locks its table, and several tables locked at once are a deadlock.
   */
  private static String disk(String state) {
    return "CREATE OR REPLACE FUNCTION write_to_disk() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN "
        + state
        + " END $$";
  }

  private static String writesFailOnAFullDisk(String table) {
    return "CREATE TRIGGER write_to_disk BEFORE INSERT OR UPDATE ON "
        + table
        + " FOR EACH ROW EXECUTE FUNCTION write_to_disk()";
  }

  private static void await(Visitor coach, String path, String word) throws Exception {
    for (int i = 0; i < 600; i++) {
      HttpResponse<String> answer = coach.get(path);
      if (answer.statusCode() == 200 && answer.body().contains(word)) {
        return;
      }
      Thread.sleep(200);
    }
    throw new AssertionError(path + " never said " + word + ": " + coach.get(path).body());
  }

  private static String athlete() {
    return "{\"name\":\"Someone\",\"sport\":\"RUN\",\"level\":\"NOVICE\",\"age\":30,"
        + "\"deconditioned\":false}";
  }
}
