package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Scanner;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** One device leads, others follow: on this server and on another of the same database. */
@ExtendWith(RunningServer.class)
class LeadApiTest {
  private static final JsonMapper JSON = JsonMapper.shared();

  private Visitor coach;
  private String session;
  private String token;
  private String prescription;

  @BeforeEach
  void prescribe() throws Exception {
    coach = new Visitor().signedIn();
    JsonNode athletes = read(coach.get("/api/athletes"));
    List<String> two = athletes.valueStream().limit(2).map(a -> a.get("id").asString()).toList();
    assertThat(two).hasSize(2);
    String day = read(coach.get("/api/me")).get("today").asString();
    Map<String, Object> details =
        Map.of(
            "startsAt", day + "T12:12:00",
            "sport", "RUN",
            "kind", "INTERVALS",
            "title", "5 x 1 km",
            "place", "TRACK",
            "minutes", 30,
            "temperature", 9,
            "comingFrom", "DESK",
            "athleteIds", two);
    session =
        read(coach.post("/api/sessions", JSON.writeValueAsString(details))).get("id").asString();
    for (String athlete : two) {
      Map<String, Object> whom = Map.of("sessionId", session, "athleteId", athlete);
      prescription =
          read(coach.post("/api/prescriptions", JSON.writeValueAsString(whom)))
              .get("id")
              .asString();
      token =
          read(coach.post("/api/prescriptions/" + prescription + "/hand-over", ""))
              .get("token")
              .asString();
    }
  }

  @Test
  void whatOneDeviceDoesIsHeardOnEveryServerAtOnce() throws Exception {
    JsonNode state = begin().get("state");
    try (ConfigurableApplicationContext other = RunningServer.startBeside();
        Line here = new Line(RunningServer.base(), token);
        Line there = new Line(RunningServer.base(other), token)) {
      assertThat(here.next().get("number").asInt()).isEqualTo(1);
      assertThat(there.next().get("number").asInt()).isEqualTo(1);
      List<Long> took = new ArrayList<>();
      for (int i = 0; i < 60; i++) {
        ObjectNode next = next(state);
        next.put("heldMillis", 1000 * i);
        long sent = System.nanoTime();
        assertThat(lead(next).statusCode()).isEqualTo(200);
        state = next;
        assertThat(there.next()).isEqualTo(next);
        took.add(System.nanoTime() - sent);
        assertThat(here.next()).isEqualTo(next);
      }
      Collections.sort(took);
      Duration most = Duration.ofNanos(took.get((int) (0.95 * took.size())));
      assertThat(most)
          .as("p95 until the other server has told it")
          .isLessThan(Duration.ofMillis(300));
    }
  }

  @Test
  void eachAthleteHasTheirOwnInStepsThatAllShare() throws Exception {
    JsonNode lead = begin();
    JsonNode led = read(new Visitor().get("/api/follow/" + token + "/lead"));
    assertThat(led.get("steps")).hasSameSizeAs(lead.get("steps"));
    JsonNode view = read(new Visitor().get("/api/follow/" + token));
    List<String> planned =
        view.get("items").valueStream().map(i -> i.get("id").asString()).toList();
    List<String> own =
        led.get("steps")
            .valueStream()
            .flatMap(s -> s.get("itemIds").valueStream())
            .map(JsonNode::asString)
            .toList();
    assertThat(own).as("all that was planned, once").hasSize(planned.size());
    assertThat(own).containsExactlyInAnyOrderElementsOf(planned);
    led.get("steps")
        .forEach(
            step ->
                assertThat(step.get("seconds").asInt())
                    .as("long enough for this athlete's own")
                    .isGreaterThanOrEqualTo(secondsOf(view, step.get("itemIds"))));
    assertThat(Collections.frequency(inTurn(led.get("steps")), "RAISE"))
        .as("a raise that comes back does so where it did")
        .isGreaterThanOrEqualTo(Collections.frequency(inTurn(view.get("items")), "RAISE"));
    assertThat(led.toString()).as("nobody else's").doesNotContain("columns", "Quillow");
  }

  @Test
  void whoeverComesLateIsToldAndWhatCannotBeIsRefused() throws Exception {
    JsonNode state = begin().get("state");
    ObjectNode first = next(state);
    assertThat(lead(first).statusCode()).isEqualTo(200);
    ObjectNode late = next(state);
    late.put("device", UUID.randomUUID().toString());
    assertThat(lead(late).statusCode()).as("another was faster").isEqualTo(409);
    assertThat(read(coach.get("/api/sessions/" + session + "/lead")).get("state")).isEqualTo(first);

    ObjectNode many = next(first);
    many.putArray("added").add(15);
    assertRefused(many, "added");
    ObjectNode far = next(first);
    far.put("zero", 1);
    assertRefused(far, "zero");
    ObjectNode before = next(first);
    before.put("heldMillis", -1);
    assertRefused(before, "heldMillis");

    ObjectNode ended = next(first);
    ended.put("isEnded", true);
    assertThat(lead(ended).statusCode()).isEqualTo(200);
    assertThat(new Visitor().get("/api/follow/" + token + "/lead").statusCode()).isEqualTo(404);
  }

  @Test
  void nobodyFollowsWithoutALiveLinkAndNothingIsLedWithoutAWarmUp() throws Exception {
    begin();
    coach.delete("/api/prescriptions/" + prescription + "/hand-over");
    assertThat(new Visitor().get("/api/follow/" + token + "/lead").statusCode()).isEqualTo(404);
    assertThat(new Visitor().get("/api/follow/" + token + "/live").statusCode()).isEqualTo(404);
    assertThat(new Visitor().get("/api/sessions/" + session + "/lead").statusCode()).isEqualTo(401);

    String day = read(coach.get("/api/me")).get("today").asString();
    Map<String, Object> details =
        Map.of(
            "startsAt", day + "T13:13:00",
            "sport", "RUN",
            "kind", "EASY",
            "title", "nobody",
            "place", "TRACK",
            "minutes", 30,
            "temperature", 9,
            "comingFrom", "DESK",
            "athleteIds", List.of());
    String empty =
        read(coach.post("/api/sessions", JSON.writeValueAsString(details))).get("id").asString();
    HttpResponse<String> refused = coach.post("/api/sessions/" + empty + "/lead", leader());
    assertThat(refused.statusCode()).isEqualTo(409);
    assertThat(refused.body()).contains("Prescribe them first");
  }

  /** The parts one after another, each as often as it comes back. */
  private static List<String> inTurn(JsonNode all) {
    List<String> parts = new ArrayList<>();
    for (JsonNode one : all) {
      String part = one.get("block").asString();
      if (parts.isEmpty() || !parts.get(parts.size() - 1).equals(part)) {
        parts.add(part);
      }
    }
    return parts;
  }

  private JsonNode begin() throws Exception {
    return read(coach.post("/api/sessions/" + session + "/lead", leader()));
  }

  private static String leader() {
    return "{\"device\":\"" + UUID.randomUUID() + "\"}";
  }

  private static ObjectNode next(JsonNode state) {
    ObjectNode next = ((ObjectNode) state).deepCopy();
    next.put("number", state.get("number").asInt() + 1);
    return next;
  }

  private HttpResponse<String> lead(JsonNode state) throws Exception {
    return coach.put("/api/sessions/" + session + "/lead/state", state.toString());
  }

  private void assertRefused(JsonNode state, String field) throws Exception {
    HttpResponse<String> answer = lead(state);
    assertThat(answer.statusCode()).as(answer.body()).isBetween(400, 422);
    assertThat(JSON.readTree(answer.body()).at("/errors/0/field").asString()).isEqualTo(field);
  }

  private static int secondsOf(JsonNode view, JsonNode ids) {
    List<String> wanted = ids.valueStream().map(JsonNode::asString).toList();
    return view.get("items")
        .valueStream()
        .filter(i -> wanted.contains(i.get("id").asString()))
        .flatMap(i -> i.get("segments").valueStream())
        .mapToInt(s -> s.get("seconds").asInt())
        .sum();
  }

  private static JsonNode read(HttpResponse<String> answer) {
    assertThat(answer.statusCode()).as(answer.body()).isLessThan(300);
    return JSON.readTree(answer.body());
  }

  /** What a phone hears, as it comes. */
  private static final class Line implements AutoCloseable {
    private final BlockingQueue<JsonNode> heard = new LinkedBlockingQueue<>();
    private final InputStream stream;

    Line(String server, String token) throws Exception {
      URI uri = URI.create(server + "/api/follow/" + token + "/live");
      HttpResponse<InputStream> answer =
          HttpClient.newHttpClient()
              .send(HttpRequest.newBuilder(uri).build(), HttpResponse.BodyHandlers.ofInputStream());
      assertThat(answer.statusCode()).isEqualTo(200);
      stream = answer.body();
      Thread reader = new Thread(this::read);
      reader.setDaemon(true);
      reader.start();
    }

    private void read() {
      try (Scanner lines = new Scanner(stream, StandardCharsets.UTF_8)) {
        while (lines.hasNextLine()) {
          String line = lines.nextLine();
          if (line.startsWith("data:")) {
            heard.add(JSON.readTree(line.substring("data:".length())));
          }
        }
      }
    }

    JsonNode next() throws InterruptedException {
      JsonNode next = heard.poll(10, TimeUnit.SECONDS);
      assertThat(next).as("something is heard").isNotNull();
      return next;
    }

    @Override
    public void close() throws IOException {
      stream.close();
    }
  }
}
