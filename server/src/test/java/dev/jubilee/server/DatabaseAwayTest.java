package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.net.http.HttpResponse;
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

  private static Wire wire;
  private static ConfigurableApplicationContext application;

  @BeforeAll
  static void start() throws Exception {
    String url = RunningServer.freshDatabase("away_" + ProcessHandle.current().pid());
    wire = Wire.to(url);
    application =
        RunningServer.start(wire.through(url), "--jubilee.demo=true", "--jubilee.heartbeat=1s");
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
    // Longer than it takes to notice, and to give up for the moment.
    Thread.sleep(6000);
    wire.mend();
    await(coach, path + "/compilation", "DONE");
    JsonNode compilation = JSON.readTree(coach.get(path + "/compilation").body());
    assertThat(compilation.get("done").asInt()).isEqualTo(compilation.get("total").asInt());
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
