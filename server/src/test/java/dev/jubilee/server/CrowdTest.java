package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Fifty people at once: coaches look at days and change plans, athletes open theirs on the phone.
 * Every answer must be right; how long they take is reported, not asserted. The budget is 150 ms at
 * the 95th percentile.
 */
@ExtendWith(RunningServer.class)
class CrowdTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final int PEOPLE = 50;

  /** 30 is what the budget says: each a request a second for half a minute. */
  private static final int EACH = Integer.getInteger("jubilee.each", 9);

  /** Signed in; several people share one, as signing in is slow on purpose. */
  private static final int BROWSERS = 10;

  /** Between two requests of one person, ms: a quick reader's pause. */
  private static final int LONGEST_PAUSE = 2000;

  /** Of another club, whose block is prescribed meanwhile; 200 is what the budget says. */
  private static final int OTHERS = Integer.getInteger("jubilee.others", 40);

  private final Map<String, Queue<Double>> millis = new ConcurrentHashMap<>();

  /** A coach at one plan, and the athlete who follows it. */
  private record Person(Visitor coach, Visitor athlete, String plan, String link, int seed) {}

  @Test
  void fiftyPeopleAtOnceAllGetTheirAnswer() throws Exception {
    crowd("at once");
  }

  /** The budget then is 400 ms. */
  @Test
  void theSameWhileAnotherClubsBlockIsPrescribed() throws Exception {
    Visitor other = Squads.coachOf("Others");
    String block =
        "/api/blocks/" + Squads.block(other, OTHERS, "2041-06-30", EnumSet.allOf(DayOfWeek.class));
    crowd("beside a block of " + OTHERS);
    JsonNode compilation = JSON.readTree(other.post(block + "/cancel", "").body());
    assertThat(compilation.at("/compilation/done").asInt()).isPositive();
  }

  private void crowd(String how) throws Exception {
    List<Visitor> browsers = new ArrayList<>();
    for (int i = 0; i < BROWSERS; i++) {
      browsers.add(new Visitor().signedIn());
    }
    List<Person> people = new ArrayList<>();
    for (String[] whom : sessionsAndAthletes(browsers.get(0))) {
      if (people.size() < PEOPLE) {
        Visitor browser = browsers.get(people.size() % BROWSERS);
        Person person = person(browser, whom[0], whom[1], people.size());
        // Of the demo's athletes one is to speak with the coach first, and follows nothing.
        String followed = person.athlete().get("/api/follow/" + person.link()).body();
        if (!JSON.readTree(followed).get("isHeld").asBoolean()) {
          people.add(person);
        }
      }
    }
    assertThat(people).hasSize(PEOPLE);
    ExecutorService crowd = Executors.newFixedThreadPool(PEOPLE);
    List<Future<?>> all = new ArrayList<>();
    for (Person person : people) {
      all.add(
          crowd.submit(
              () -> {
                use(person);
                return null;
              }));
    }
    for (Future<?> one : all) {
      one.get();
    }
    crowd.shutdown();
    millis.forEach((kind, took) -> report(how + ", " + kind, took.stream()));
    report(how + ", all", millis.values().stream().flatMap(Queue::stream));
  }

  private static void report(String kind, Stream<Double> millis) {
    double[] sorted = millis.mapToDouble(m -> m).sorted().toArray();
    System.out.printf(
        "%d people %s: %d requests, median %.0f ms, 95th percentile %.0f ms%n",
        PEOPLE, kind, sorted.length, sorted[sorted.length / 2], sorted[sorted.length * 95 / 100]);
  }

  /** Of every three requests one is a change, one a look at the week, one the phone. */
  private void use(Person person) throws Exception {
    Random random = new Random(person.seed());
    String plan = "/api/prescriptions/" + person.plan();
    JsonNode before = JSON.readTree(person.coach().get(plan).body());
    ObjectNode circumstances = (ObjectNode) before.get("circumstances");
    for (int i = 0; i < EACH; i++) {
      Thread.sleep(random.nextInt(LONGEST_PAUSE));
      switch (i % 3) {
        case 0 -> {
          int revision = before.get("revision").asInt() + i / 3;
          ObjectNode edit = JSON.createObjectNode().put("baseRevision", revision);
          edit.putObject("edit")
              .put("action", "CIRCUMSTANCES")
              .set("circumstances", circumstances.put("minutes", 20 + i));
          JsonNode after = timed("changes", () -> person.coach().post(plan + "/edits", "" + edit));
          assertThat(after.get("revision").asInt()).isEqualTo(revision + 1);
          assertThat(after.at("/plan/seconds").asInt()).isLessThanOrEqualTo(60 * (20 + i));
        }
        case 1 -> assertThat(timed("weeks", () -> person.coach().get(days(3)))).isNotEmpty();
        default ->
            assertThat(
                    timed("phones", () -> person.athlete().get("/api/follow/" + person.link()))
                        .at("/items"))
                .isNotEmpty();
      }
    }
  }

  private static String days(int ahead) {
    LocalDate today = LocalDate.now(ZoneOffset.UTC);
    return "/api/sessions?from=" + today.minusDays(3) + "&until=" + today.plusDays(ahead);
  }

  /** A request and what it answers. */
  private interface Request {
    HttpResponse<String> send() throws Exception;
  }

  private JsonNode timed(String kind, Request request) throws Exception {
    long start = System.nanoTime();
    HttpResponse<String> answer = request.send();
    millis
        .computeIfAbsent(kind, k -> new ConcurrentLinkedQueue<>())
        .add((System.nanoTime() - start) / 1e6);
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
    return JSON.readTree(answer.body());
  }

  private static List<String[]> sessionsAndAthletes(Visitor coach) throws Exception {
    List<String[]> all = new ArrayList<>();
    for (JsonNode session : JSON.readTree(coach.get(days(20)).body())) {
      for (JsonNode athlete : session.at("/details/athleteIds")) {
        all.add(new String[] {session.get("id").asString(), athlete.asString()});
      }
    }
    return all;
  }

  private static Person person(Visitor coach, String session, String athlete, int seed)
      throws Exception {
    String whom = "{\"sessionId\":\"%s\",\"athleteId\":\"%s\"}".formatted(session, athlete);
    String id = JSON.readTree(coach.post("/api/prescriptions", whom).body()).get("id").asString();
    String link =
        JSON.readTree(coach.post("/api/prescriptions/" + id + "/hand-over", "").body())
            .get("token")
            .asString();
    return new Person(coach, new Visitor(), id, link, seed);
  }
}
