package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.logbook.FollowEvent;
import dev.jubilee.core.logbook.Happening;
import dev.jubilee.server.RunningServer.Visitor;
import dev.jubilee.server.logbook.EventBatch;
import java.lang.reflect.RecordComponent;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What devices tell of a warm-up, however often, in whatever order, by whatever clock. */
@ExtendWith(RunningServer.class)
class LogbookApiTest {
  private static final JsonMapper JSON = JsonMapper.shared();

  private Visitor coach;
  private String prescription;
  private String token;
  private List<String> items;

  /** A warm-up of its own for each test, as records add up. */
  @BeforeEach
  void handOver() throws Exception {
    coach = new Visitor().signedIn();
    String athlete = read(coach.get("/api/athletes")).at("/0/id").asString();
    String day = read(coach.get("/api/me")).get("today").asString();
    String details =
        "{\"startsAt\":\""
            + day
            + "T11:11:00\",\"sport\":\"RUN\",\"kind\":\"INTERVALS\",\"title\":\"6 x 1 km\","
            + "\"place\":\"TRACK\",\"minutes\":30,\"temperature\":9,\"comingFrom\":\"DESK\","
            + "\"athleteIds\":[\""
            + athlete
            + "\"]}";
    String session = read(coach.post("/api/sessions", details)).get("id").asString();
    String whom = JSON.writeValueAsString(Map.of("sessionId", session, "athleteId", athlete));
    prescription = read(coach.post("/api/prescriptions", whom)).get("id").asString();
    String link = "/api/prescriptions/" + prescription + "/hand-over";
    token = read(coach.post(link, "")).get("token").asString();
    JsonNode view = read(new Visitor().get("/api/follow/" + token));
    items = view.get("items").valueStream().map(i -> i.get("id").asString()).toList();
  }

  @Test
  void eachEventCountsOnceWhateverIsSentAgainAndInWhateverOrder() throws Exception {
    UUID device = UUID.randomUUID();
    long now = System.currentTimeMillis();
    List<Map<String, Object>> all = new ArrayList<>();
    all.add(event(1, now, "BEGUN", null, null));
    for (int i = 0; i < items.size(); i++) {
      boolean isSkipped = i == 1;
      Map<String, Object> e =
          event(2 + i, now + 1000L * i, isSkipped ? "SKIPPED" : "ITEM_DONE", items.get(i), 30);
      if (isSkipped) {
        e.put("reason", "SORE");
        e.put("seconds", 0);
      }
      all.add(e);
    }
    all.add(event(2 + items.size(), now + 60_000, "JACKET_OFF", null, null));
    all.add(event(3 + items.size(), now + 90_000, "ENDED", null, null));

    // Sixty batches, some of them the same, in any order, four at once.
    Random random = new Random(7);
    List<Callable<Integer>> sends = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      List<Map<String, Object>> some = new ArrayList<>(all);
      Collections.shuffle(some, random);
      int size = i < 50 ? 1 + random.nextInt(all.size()) : all.size();
      List<Map<String, Object>> batch = some.subList(0, size);
      sends.add(() -> tell(device, now, batch).statusCode());
    }
    try (Pool pool = new Pool(4)) {
      for (var answer : pool.executor.invokeAll(sends)) {
        assertThat(answer.get()).isEqualTo(200);
      }
    }
    JsonNode followed = followed();
    assertThat(followed.get("devices")).hasSize(1);
    assertThat(followed.at("/devices/0/itemsDone").asInt()).isEqualTo(items.size() - 1);
    assertThat(followed.at("/items/1/state").asString()).isEqualTo("SKIPPED");
    assertThat(followed.at("/items/1/reason").asString()).isEqualTo("SORE");
    assertThat(followed.get("jacketOffSeconds").asInt()).isEqualTo(60);
    JsonNode before = followed;
    tell(device, now, all);
    assertThat(followed()).as("sent again").isEqualTo(before);
  }

  @Test
  void twoDevicesAreOneRecordAndAWrongClockIsSetRight() throws Exception {
    long now = System.currentTimeMillis();
    long tenMinutes = 600_000;
    UUID right = UUID.randomUUID();
    UUID wrong = UUID.randomUUID();
    tell(
        wrong,
        now - tenMinutes,
        List.of(
            event(1, now - tenMinutes - 5000, "BEGUN", null, null),
            event(2, now - tenMinutes, "ITEM_DONE", items.get(0), 40)));
    tell(
        right,
        now,
        List.of(
            event(1, now - 2000, "BEGUN", null, null),
            event(2, now, "SKIPPED", items.get(0), 1),
            event(3, now, "ITEM_DONE", items.get(2), 40)));
    JsonNode followed = followed();
    assertThat(followed.get("devices")).hasSize(2);
    assertThat(followed.at("/items/0/state").asString()).isEqualTo("DONE");
    assertThat(followed.at("/items/2/state").asString()).isEqualTo("DONE");
    assertThat(followed.at("/items/1/state").asString()).isEqualTo("NOT_REACHED");
    assertThat(followed.at("/devices/0/clockSeconds").asInt()).isBetween(598, 610);
    assertThat(followed.at("/devices/1/clockSeconds").asInt()).isBetween(-2, 10);
    Instant begun = OffsetDateTime.parse(followed.get("begun").asString()).toInstant();
    assertThat(begun.toEpochMilli()).as("the first of them").isBetween(now - 8000, now + 5000);
  }

  @Test
  void aRevokedLinkTakesWhatWasDoneBeforeAndLeadsNowhere() throws Exception {
    long now = System.currentTimeMillis();
    UUID device = UUID.randomUUID();
    assertThat(tell(device, now, List.of(event(1, now, "BEGUN", null, null))).body())
        .contains("\"isLive\":true");
    coach.delete("/api/prescriptions/" + prescription + "/hand-over");
    HttpResponse<String> late =
        tell(device, now, List.of(event(2, now, "ITEM_DONE", items.get(0), 30)));
    assertThat(late.statusCode()).isEqualTo(200);
    assertThat(late.body()).contains("\"isLive\":false");
    assertThat(followed().at("/items/0/state").asString()).isEqualTo("DONE");
    String unknown = "/api/follow/" + "x".repeat(27) + "/events";
    assertThat(post(unknown, device, now, List.of(event(1, now, "BEGUN", null, null))).statusCode())
        .isEqualTo(404);
  }

  @Test
  void nonsenseNamesItsField() throws Exception {
    long now = System.currentTimeMillis();
    UUID device = UUID.randomUUID();
    Map<String, Map<String, Object>> refused = new LinkedHashMap<>();
    refused.put("events[0].sequence", event(0, now, "BEGUN", null, null));
    refused.put("events[0].at", event(1, -1, "BEGUN", null, null));
    refused.put("events[0].item", event(1, now, "ITEM_DONE", null, 3));
    refused.put("events[0].seconds", event(1, now, "ITEM_DONE", "x", 999_999));
    Map<String, Object> six = event(1, now, "FELT", null, null);
    six.put("value", 6);
    refused.put("events[0].value", six);
    for (var entry : refused.entrySet()) {
      HttpResponse<String> answer = tell(device, now, List.of(entry.getValue()));
      assertThat(answer.statusCode()).as(entry.getKey()).isEqualTo(422);
      assertThat(answer.body()).contains(entry.getKey());
    }
    assertThat(tell(device, 5, List.of(event(1, now, "BEGUN", null, null))).body())
        .contains("sentAt");
    List<Map<String, Object>> many = new ArrayList<>();
    for (int i = 1; i <= 501; i++) {
      many.add(event(i, now, "PAUSED", null, null));
    }
    assertThat(tell(device, now, many).statusCode()).isEqualTo(422);
    for (int i = 0; i < 12; i++) {
      tell(UUID.randomUUID(), now, List.of(event(1, now, "PAUSED", null, null)));
    }
    assertThat(tell(UUID.randomUUID(), now, List.of(event(1, now, "PAUSED", null, null))).body())
        .contains("at most 12");
  }

  /** One link leads to what comes next, and to each warm-up; revoked, to nothing. */
  @Test
  void aPersonalLinkLeadsToTheNextWarmUps() throws Exception {
    String athlete = read(coach.get("/api/athletes")).at("/0/id").asString();
    String path = "/api/athletes/" + athlete + "/link";
    coach.delete(path);
    assertThat(read(coach.get(path)).get("isLive").asBoolean()).isFalse();
    String mine = read(coach.post(path, "")).get("token").asString();
    assertThat(read(coach.post(path, "")).get("token").asString()).as("the same").isEqualTo(mine);
    JsonNode view = read(new Visitor().get("/api/follow/me/" + mine));
    JsonNode next =
        view.get("next")
            .valueStream()
            .filter(n -> n.get("sessionTitle").asString().equals("6 x 1 km"))
            .reduce((a, b) -> b)
            .orElseThrow();
    assertThat(next.get("startsAt").asString()).contains("T11:11:00");
    String one = next.get("token").asString();
    JsonNode warmUp = read(new Visitor().get("/api/follow/" + one));
    assertThat(warmUp.get("seconds")).isEqualTo(next.get("seconds"));
    assertThat(view.toString()).doesNotContain("results").doesNotContain("heart");
    coach.delete(path);
    assertThat(new Visitor().get("/api/follow/me/" + mine).statusCode()).isEqualTo(404);
    assertThat(new Visitor().get("/api/follow/" + one).statusCode())
        .as("links of single warm-ups stay")
        .isEqualTo(200);
    String again = read(coach.post(path, "")).get("token").asString();
    assertThat(again).isNotEqualTo(mine);
  }

  /** What is written down of the form is what is taken. */
  @Test
  void theFormIsAsItIsDescribed() throws Exception {
    JsonNode schema =
        JSON.readTree(Files.readString(Path.of("../docs/followed-event.schema.json")));
    JsonNode event = schema.at("/properties/events/items/properties");
    assertThat(event.at("/kind/enum").valueStream().map(JsonNode::asString))
        .containsExactlyElementsOf(Stream.of(Happening.Kind.values()).map(Enum::name).toList());
    assertThat(
            event.at("/reason/enum").valueStream().filter(n -> !n.isNull()).map(JsonNode::asString))
        .containsExactlyElementsOf(
            Stream.of(Happening.SkipReason.values()).map(Enum::name).toList());
    List<String> fields =
        Stream.of(EventBatch.Event.class.getRecordComponents())
            .map(RecordComponent::getName)
            .toList();
    assertThat(event.propertyNames()).containsExactlyInAnyOrderElementsOf(fields);
    assertThat(event.at("/sequence/maximum").asInt()).isEqualTo(FollowEvent.MOST);
  }

  @Test
  void whatSensorsSayIsThereOnceAndByTheRightClock() throws Exception {
    long now = System.currentTimeMillis();
    long tenMinutes = 600_000;
    long begun = now - tenMinutes - 60_000;
    UUID device = UUID.randomUUID();
    List<Map<String, Object>> all = new ArrayList<>();
    all.add(event(1, begun, "BEGUN", null, null));
    for (int half = 0; half < 2; half++) {
      Map<String, Object> e = event(2 + half, begun + 30_000L * (1 + half), "SIGNALS", null, null);
      List<Map<String, Object>> signals = new ArrayList<>();
      for (int s = 30 * half; s < 30 * (half + 1); s++) {
        int heart = s < 10 ? 100 : 120;
        signals.add(Map.of("at", begun + 1000L * s, "heartRate", heart, "power", 0, "cadence", 0));
      }
      e.put("signals", signals);
      all.add(e);
    }
    for (int again = 0; again < 3; again++) {
      assertThat(tell(device, now - tenMinutes, all).statusCode()).isEqualTo(200);
    }
    JsonNode measured = followed().get("measured");
    assertThat(measured.size()).as("and what is expected of the rest").isGreaterThan(20);
    assertThat(measured.at("/6/heartRate").asInt()).isZero();
    assertThat(followed().get("heartFactor").asDouble()).isBetween(0.6, 1.6);
    assertThat(measured.at("/0/heartRate").asInt()).isEqualTo(100);
    assertThat(measured.at("/5/heartRate").asInt()).isEqualTo(120);
    assertThat(measured.at("/5/second").asInt()).isEqualTo(50);
    assertThat(measured.at("/5/power").asInt()).as("nothing said it").isZero();
    assertThat(measured.at("/5/expected").asInt()).as("by the model").isBetween(50, 200);

    Map<String, Object> wrong = event(9, begun, "SIGNALS", null, null);
    wrong.put("signals", List.of(Map.of("at", begun, "heartRate", 999, "power", 0, "cadence", 0)));
    HttpResponse<String> refused = tell(device, now, List.of(wrong));
    assertThat(refused.statusCode()).isBetween(400, 422);
    assertThat(refused.body()).contains("heartRate", "250");
    Map<String, Object> empty = event(10, begun, "SIGNALS", null, null);
    assertThat(tell(device, now, List.of(empty)).statusCode()).isBetween(400, 422);
  }

  private static Map<String, Object> event(
      int sequence, long at, String kind, String item, Integer seconds) {
    Map<String, Object> event = new LinkedHashMap<>();
    event.put("sequence", sequence);
    event.put("run", 1);
    event.put("at", at);
    event.put("kind", kind);
    event.put("item", item);
    event.put("seconds", seconds);
    return event;
  }

  private HttpResponse<String> tell(UUID device, long sentAt, List<Map<String, Object>> events)
      throws Exception {
    return post("/api/follow/" + token + "/events", device, sentAt, events);
  }

  /** As a phone does: without signing in, without a cookie. */
  private HttpResponse<String> post(
      String path, UUID device, long sentAt, List<Map<String, Object>> events) throws Exception {
    Map<String, Object> batch =
        Map.of("device", device, "run", 1, "sentAt", sentAt, "revision", 1, "events", events);
    return new Visitor().withoutCsrfToken().post(path, JSON.writeValueAsString(batch));
  }

  private JsonNode followed() throws Exception {
    return read(coach.get("/api/prescriptions/" + prescription + "/followed"));
  }

  private static JsonNode read(HttpResponse<String> answer) {
    assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 299);
    return JSON.readTree(answer.body());
  }

  /** Ends with the test. */
  private record Pool(ExecutorService executor) implements AutoCloseable {
    Pool(int threads) {
      this(Executors.newFixedThreadPool(threads));
    }

    @Override
    public void close() {
      executor.shutdownNow();
    }
  }
}
