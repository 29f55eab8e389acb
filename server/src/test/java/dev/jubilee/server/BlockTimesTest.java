package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A large squad's whole block over HTTP with PostgreSQL: everything is made, and the time is
 * reported, not asserted. The budget is 5 s.
 */
@ExtendWith(RunningServer.class)
class BlockTimesTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final LocalDate START = LocalDate.of(2097, 1, 7);
  private static final int WEEKS = 12;
  private static final int IN_EACH_SPORT = 6;
  private static final List<String> LEVELS = List.of("NOVICE", "INTERMEDIATE", "ADVANCED");
  private static final List<String> DAYS =
      List.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "SATURDAY");

  private static final Map<String, List<String>> PLACES_AND_SESSIONS =
      Map.of(
          "RUN",
          List.of(
              "TRACK",
              "6 x 1000 @ 5k, 90 s jog",
              "easy 40 min",
              "6 x 60 m sprint / 3 min",
              "3 x 10 min threshold / 3 min",
              "5 km race"),
          "RIDE",
          List.of(
              "GYM",
              "5 x 4 min hard / 3 min",
              "easy 60 min",
              "8 x 15 s sprint / 3 min",
              "2 x 20 min threshold / 5 min",
              "20 min test"),
          "ROW",
          List.of(
              "BOATHOUSE",
              "6 x 500 m hard / 3 min",
              "easy 40 min",
              "10 x 20 s sprint / 2 min",
              "3 x 10 min threshold / 3 min",
              "2k test"),
          "SWIM",
          List.of(
              "POOL_DECK",
              "8 x 50 free fast on 1:30",
              "easy 1500 m",
              "12 x 25 m sprint on 1:00",
              "5 x 300 m threshold / 40 s",
              "400 m race"));

  @Test
  void twentyFourAthletesTwelveWeeksFiveSessions() throws Exception {
    Visitor coach = new Visitor().signedIn();
    ObjectNode definition = JSON.createObjectNode();
    definition.put("name", "Large").put("start", START.toString());
    definition.put("race", START.plusWeeks(WEEKS - 1L).plusDays(5).toString());
    for (Map.Entry<String, List<String>> sport : PLACES_AND_SESSIONS.entrySet()) {
      addGroup(coach, definition, sport.getKey(), sport.getValue());
    }
    long start = System.nanoTime();
    JsonNode block = done(coach, coach.post("/api/blocks", "" + definition));
    double all = (System.nanoTime() - start) / 1e9;
    int warmUps = 0;
    for (JsonNode athlete : block.get("athletes")) {
      warmUps += athlete.get("warmUps").size();
    }
    assertThat(warmUps).isEqualTo(4 * IN_EACH_SPORT * WEEKS * DAYS.size());

    String path = "/api/blocks/" + block.get("id").asString() + "/compile";
    start = System.nanoTime();
    JsonNode again = done(coach, coach.post(path, ""));
    double nothing = (System.nanoTime() - start) / 1e9;
    assertThat(again.get("athletes")).isEqualTo(block.get("athletes"));
    System.out.printf(
        "%d warm-ups of a block through the API: %.1f s; again, nothing changed: %.1f s%n",
        warmUps, all, nothing);
  }

  private static void addGroup(
      Visitor coach, ObjectNode definition, String sport, List<String> placeAndSessions)
      throws Exception {
    ArrayNode ids =
        definition.withArray("/groups").addObject().put("name", sport).putArray("athleteIds");
    for (int i = 0; i < IN_EACH_SPORT; i++) {
      String athlete =
          """
          {"name": "%s %d", "sport": "%s", "level": "%s", "age": 30, "results": [], "restrictions": [],
           "contraindications": [], "deconditioned": false, "mastery": {}}"""
              .formatted(sport, i, sport, LEVELS.get(i % LEVELS.size()));
      ids.add(JSON.readTree(coach.post("/api/athletes", athlete).body()).get("id").asString());
    }
    for (int i = 0; i < DAYS.size(); i++) {
      definition
          .withArray("/pattern")
          .addObject()
          .put("key", sport + i)
          .put("day", DAYS.get(i))
          .put("time", "18:00")
          .put("group", sport)
          .put("sport", sport)
          .put("shorthand", placeAndSessions.get(i + 1))
          .put("place", placeAndSessions.get(0))
          .put("minutes", 30)
          .put("temperature", 10)
          .put("comingFrom", "MOVING");
    }
  }

  private static JsonNode done(Visitor coach, HttpResponse<String> answer) throws Exception {
    assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 201);
    String path = "/api/blocks/" + JSON.readTree(answer.body()).get("id").asString();
    for (int i = 0; i < 1200; i++) {
      JsonNode compilation = JSON.readTree(coach.get(path + "/compilation").body());
      String state = compilation.get("state").asString();
      if (!state.equals("RUNNING")) {
        assertThat(state).as(compilation.get("message").asString()).isEqualTo("DONE");
        return JSON.readTree(coach.get(path).body());
      }
      Thread.sleep(100);
    }
    throw new AssertionError("not prescribed within two minutes");
  }
}
