package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A session on the calendar is opened, changed, removed and put back. */
@ExtendWith(RunningServer.class)
class SessionApiTest {
  private static final JsonMapper JSON = JsonMapper.shared();

  private Visitor coach;
  private LocalDate day;

  @BeforeEach
  void signIn() throws Exception {
    coach = new Visitor().signedIn();
    // A day that the demo leaves empty.
    day = LocalDate.parse(read(coach.get("/api/me")).get("today").asString()).minusDays(20);
  }

  @Test
  void isOpenedAndChanged() throws Exception {
    JsonNode made = made("6 x 1000 @ 5k");
    JsonNode opened = read(coach.get(path(made)));
    assertThat(opened).isEqualTo(made);

    String changed = opened.get("details").toString().replace("T17:00:00", "T18:30:00");
    JsonNode after = read(coach.put(path(made) + "?version=" + made.get("version"), changed));
    assertThat(after.at("/details/startsAt").asString()).endsWith("T18:30:00");
    assertThat(read(coach.get(path(made)))).isEqualTo(after);
    assertThat(coach.put(path(made) + "?version=" + made.get("version"), changed).statusCode())
        .as("changed by someone else since")
        .isEqualTo(409);
  }

  /** Written once, it stands on the same day of each week, each a session of its own. */
  @Test
  void isRepeatedWeekByWeek() throws Exception {
    JsonNode made = made("5 x 1 km @ 10k / 90 s");
    String details = made.get("details").toString();
    HttpResponse<String> answer = coach.post("/api/sessions?weeks=3", details);
    assertThat(answer.statusCode()).isEqualTo(201);
    for (int week = 0; week < 4; week++) {
      String on = day.plusWeeks(week).toString();
      JsonNode that = read(coach.get("/api/sessions?from=" + on + "&until=" + on));
      long there =
          that.valueStream()
              .filter(s -> s.at("/details/title").asString().equals("5 x 1 km @ 10k / 90 s"))
              .count();
      assertThat(there).as("in week %d", week).isEqualTo(week == 0 ? 2 : week < 3 ? 1 : 0);
    }
    assertThat(coach.post("/api/sessions?weeks=53", details).body()).contains("1 to 52 weeks");
    assertThat(coach.post("/api/sessions?weeks=x", details).statusCode()).isEqualTo(400);
  }

  /** Zones are asked for; once the club has said what they mean, that is what is kept. */
  /** Some start later: their warm-ups, the day, the sheet and the phone count back from then. */
  @Test
  void athletesMayStartLaterThanTheOthers() throws Exception {
    JsonNode made = made("3 x 2 km threshold / 2 min");
    String first = made.at("/details/athleteIds/0").asString();
    String details = made.get("details").toString();
    String put = path(made) + "?version=" + made.get("version");
    for (String refused :
        new String[] {
          "[{\"athleteId\":\"" + first + "\",\"minutes\":0}]",
          "[{\"athleteId\":\"" + first + "\",\"minutes\":721}]",
          "[{\"athleteId\":\"" + new java.util.UUID(0, 7) + "\",\"minutes\":20}]"
        }) {
      HttpResponse<String> answer = coach.put(put, later(details, refused));
      assertThat(answer.statusCode()).as(refused).isEqualTo(422);
      assertThat(answer.body()).contains("laterStarts[0].");
    }
    String twenty = "[{\"athleteId\":\"" + first + "\",\"minutes\":20}]";
    JsonNode changed = read(coach.put(put, later(details, twenty)));
    assertThat(read(coach.get(path(made)))).isEqualTo(changed);
    String whom =
        JSON.writeValueAsString(Map.of("sessionId", made.get("id").asString(), "athleteId", first));
    JsonNode prescribed = read(coach.post("/api/prescriptions", whom));
    assertThat(prescribed.get("startsAt").asString()).endsWith("T17:20:00");
    JsonNode sheet = read(coach.get(path(made) + "/sheet"));
    assertThat(sheet.at("/columns/0/startsAt").asString()).endsWith("T17:20:00");
    String link = "/api/prescriptions/" + prescribed.get("id").asString() + "/hand-over";
    String token = read(coach.post(link, "")).get("token").asString();
    assertThat(coach.put(link, "{\"keep\":true}").statusCode()).isEqualTo(200);
    assertThat(read(new Visitor().get("/api/follow/" + token)).get("startsAt").asString())
        .contains("T17:20:00");
  }

  private static String later(String details, String starts) {
    return details.replaceFirst("}$", ",\"laterStarts\":" + starts + "}");
  }

  @Test
  void zonesMeanWhatTheClubSaysAndGoOnMeaningIt() throws Exception {
    String asked = "{\"text\":\"90 min Z2\",\"sport\":\"ROW\"}";
    assertThat(read(coach.post("/api/shorthand", asked)).get("faults")).hasSize(1);
    JsonNode table = read(coach.get("/api/zones"));
    String first = table(table.get("version").asLong(), 56, 75);
    JsonNode said = read(coach.put("/api/zones", first));
    assertThat(read(coach.get("/api/zones"))).isEqualTo(said);
    assertThat(coach.put("/api/zones", first).statusCode()).as("of an old version").isEqualTo(409);
    assertThat(coach.put("/api/zones", table(said.get("version").asLong(), 90, 75)).body())
        .contains("meanings[0].low");

    JsonNode understood = read(coach.post("/api/shorthand", asked));
    assertThat(understood.get("kind").asString()).isEqualTo("EASY");
    assertThat(understood.get("notes").toString()).contains("Z2 by your table: 56-75 %");
    String details = made("easy").get("details").toString().replace("\"easy\"", "\"90 min Z2\"");
    JsonNode kept = read(coach.post("/api/sessions", details.replace("\"RUN\"", "\"ROW\"")));
    assertThat(kept.at("/details/title").asString()).isEqualTo("90 min @ 56-75 % of threshold");
    read(coach.put("/api/zones", table(said.get("version").asLong(), 60, 70)));
    assertThat(read(coach.get(path(kept))).at("/details/title").asString())
        .isEqualTo("90 min @ 56-75 % of threshold");
  }

  private static String table(long version, int low, int high) {
    return """
        {"version":%d,"meanings":[
         {"sport":"ROW","zone":2,"unit":"PERCENT_OF_CRITICAL","low":%d,"high":%d}]}"""
        .formatted(version, low, high);
  }

  /** With its warm-up, which comes back with it; the link to it stops meanwhile. */
  @Test
  void isRemovedAndPutBack() throws Exception {
    JsonNode made = made("4 x 400 fast");
    String whom =
        JSON.writeValueAsString(
            Map.of(
                "sessionId", made.get("id").asString(),
                "athleteId", made.at("/details/athleteIds/0").asString()));
    String prescription = read(coach.post("/api/prescriptions", whom)).get("id").asString();
    String link = "/api/prescriptions/" + prescription + "/hand-over";
    String token = read(coach.post(link, "")).get("token").asString();
    assertThat(coach.put(link, "{\"keep\":true}").statusCode()).isEqualTo(200);
    assertThat(new Visitor().get("/api/follow/" + token).statusCode()).isEqualTo(200);

    String version = read(coach.get(path(made))).get("version").asString();
    assertThat(coach.delete(path(made) + "?version=99").statusCode()).isEqualTo(409);
    JsonNode removed = read(coach.delete(path(made) + "?version=" + version));
    assertThat(onTheDay()).doesNotContain(made.get("id").asString());
    assertThat(coach.get(path(made)).statusCode()).isEqualTo(404);
    assertThat(coach.post("/api/prescriptions", whom).statusCode()).isEqualTo(404);
    assertThat(new Visitor().get("/api/follow/" + token).statusCode()).isEqualTo(404);
    assertThat(coach.delete(path(made) + "?version=" + removed.get("version")).statusCode())
        .isEqualTo(404);

    JsonNode back = read(coach.post(path(made) + "/restore?version=" + removed.get("version"), ""));
    assertThat(back.get("details")).isEqualTo(made.get("details"));
    assertThat(back.at("/warmUps/0/prescriptionId").asString()).isEqualTo(prescription);
    assertThat(onTheDay()).contains(made.get("id").asString());
    assertThat(new Visitor().get("/api/follow/" + token).statusCode()).isEqualTo(200);
  }

  /** What a coach takes off a block's calendar is not laid out again. */
  @Test
  void removedFromABlockItStaysAway() throws Exception {
    String block = "/api/blocks/" + demoBlock();
    JsonNode definition = read(coach.get(block)).get("definition");
    LocalDate first = LocalDate.parse(definition.get("start").asString());
    String week = "/api/sessions?from=" + first + "&until=" + first.plusDays(6);
    JsonNode victim = read(coach.get(week)).get(0);
    int before = read(coach.get(week)).size();
    JsonNode removed =
        read(coach.delete(path(victim) + "?version=" + victim.get("version").asString()));

    assertThat(coach.post(block + "/compile", "").statusCode()).isEqualTo(200);
    assertThat(coach.get(week).body()).doesNotContain(victim.get("id").asString());
    assertThat(read(coach.get(week))).hasSize(before - 1);
    assertThat(coach.get(block + "/sessions.csv").body())
        .doesNotContain(victim.get("id").asString());

    coach.post(path(victim) + "/restore?version=" + removed.get("version"), "");
    assertThat(read(coach.get(week))).hasSize(before);
  }

  /** Other tests of the same server make blocks of their own. */
  private String demoBlock() throws Exception {
    for (JsonNode block : read(coach.get("/api/blocks"))) {
      if (block.get("name").asString().equals("Lantern Mere Relay")) {
        return block.get("id").asString();
      }
    }
    throw new AssertionError("the demo has no block");
  }

  private JsonNode made(String title) throws Exception {
    JsonNode athletes = read(coach.get("/api/athletes"));
    Map<String, Object> details =
        Map.of(
            "startsAt",
            day + "T17:00:00",
            "sport",
            "RUN",
            "kind",
            "INTERVALS",
            "title",
            title,
            "place",
            "TRACK",
            "minutes",
            35,
            "temperature",
            12,
            "comingFrom",
            "DESK",
            "athleteIds",
            new String[] {athletes.get(0).get("id").asString()});
    HttpResponse<String> made = coach.post("/api/sessions", JSON.writeValueAsString(details));
    assertThat(made.statusCode()).as(made.body()).isEqualTo(201);
    return JSON.readTree(made.body());
  }

  private String onTheDay() throws Exception {
    return coach.get("/api/sessions?from=" + day + "&until=" + day).body();
  }

  private static String path(JsonNode session) {
    return "/api/sessions/" + session.get("id").asString();
  }

  private static JsonNode read(HttpResponse<String> answer) {
    assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 201);
    return JSON.readTree(answer.body());
  }
}
