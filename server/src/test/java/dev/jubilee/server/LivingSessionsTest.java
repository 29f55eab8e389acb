package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Sessions that are called off and repeated, athletes who are one, a body over weeks, a class. */
@ExtendWith(RunningServer.class)
class LivingSessionsTest {
  private static final JsonMapper JSON = JsonMapper.shared();

  private Visitor coach;
  private LocalDate day;

  @BeforeEach
  void club() throws Exception {
    coach = Squads.coachOf("Living");
    day = LocalDate.now(ZoneId.of("Europe/Dublin")).plusDays(1);
  }

  @Test
  void aSessionThatIsCalledOffStaysAndItsLinkSaysSo() throws Exception {
    String athlete = athlete("Orla Invented", "INTERMEDIATE");
    JsonNode session = session(List.of(athlete), "TRACK");
    String token = link(prescribe(session, athlete));
    ObjectNode details = ((ObjectNode) session.get("details")).put("calledOff", true);
    String at = "/api/sessions/" + id(session);
    JsonNode off = read(coach.put(at + "?version=" + version(session), "" + details));
    assertThat(read(new Visitor().get("/api/follow/" + token)).get("isCalledOff").asBoolean())
        .isTrue();
    assertThat(read(coach.get("/api/board?date=" + day)).get("sessions")).isEmpty();
    assertThat(read(coach.get("/api/sessions?from=" + day + "&until=" + day))).hasSize(1);
    JsonNode weeks = read(coach.post(at + "/repeat?weeks=3", ""));
    assertThat(weeks).hasSize(3);
    assertThat(weeks.at("/2/details/startsAt").asString()).startsWith("" + day.plusWeeks(3));
    assertThat(coach.post(at + "/repeat?weeks=53", "").statusCode()).isEqualTo(422);
    assertThat(version(off)).isGreaterThan(version(session));
  }

  @Test
  void twoWhoAreOneKeepAllThatBothHad() throws Exception {
    String stays = athlete("Ines Invented", "ADVANCED");
    String goes = athlete("Ines I. Invented", "NOVICE");
    JsonNode both = session(List.of(stays, goes), "TRACK");
    JsonNode alone = session(List.of(goes), "ROAD");
    String kept = prescribe(both, stays);
    prescribe(both, goes);
    String moved = prescribe(alone, goes);
    String merge = "/api/athletes/" + goes + "/merge?into=" + stays;
    JsonNode said = read(coach.get(merge));
    assertThat(said.get("sessions").asInt()).isEqualTo(2);
    assertThat(said.get("warmUps").asInt()).isEqualTo(1);
    assertThat(said.get("both").asInt()).isEqualTo(1);
    assertThat(coach.post(merge + "&version=99", "").statusCode()).isEqualTo(409);
    int version = version(find(stays));
    assertThat(coach.post(merge + "&version=" + version, "").statusCode()).isEqualTo(200);
    assertThat(read(coach.get("/api/sessions/" + id(both))).at("/details/athleteIds")).hasSize(1);
    JsonNode warmUp = read(coach.get("/api/sessions/" + id(alone))).at("/warmUps/0");
    assertThat(warmUp.get("prescriptionId").asString()).isEqualTo(moved);
    assertThat(warmUp.get("athleteId").asString()).isEqualTo(stays);
    assertThat(coach.get("/api/prescriptions/" + kept).statusCode()).isEqualTo(200);
    assertThat(find(goes).get("archived").asBoolean()).isTrue();
  }

  @Test
  void whatIsMarkedOverWeeksIsProposedAndNeverEnteredByItself() throws Exception {
    String athlete = athlete("Bram Invented", "INTERMEDIATE");
    for (int back = 1; back <= 4; back++) {
      JsonNode session = session(List.of(athlete), "TRACK", day.minusDays(3L * back));
      String look =
          "{\"checkpoint\":\"RANGE_DONE\",\"marks\":[{\"sign\":\"TIGHT\",\"region\":\"ANKLES\","
              + "\"side\":\"LEFT\",\"pain\":0,\"onlyFast\":false}],\"decided\":\"ADD\","
              + "\"ground\":\"TIGHT\",\"isTaken\":true}";
      read(coach.post("/api/prescriptions/" + prescribe(session, athlete) + "/looks", look));
    }
    JsonNode body = read(coach.get("/api/athletes/" + athlete + "/body?weeks=4"));
    assertThat(body.get("sessions").asInt()).isEqualTo(4);
    assertThat(body.at("/proposals/0/words").asString())
        .isEqualTo("left ankle stiff, 4 sessions of 4");
    assertThat(find(athlete).at("/profile/restrictions")).as("never by itself").isEmpty();
    assertThat(coach.get("/api/athletes/" + athlete + "/body?weeks=0").statusCode()).isEqualTo(422);
    assertThat(Squads.coachOf("Others").get("/api/athletes/" + athlete + "/body").statusCode())
        .isEqualTo(404);
  }

  @Test
  void aClassOfTwentyHasOneSkeletonAndSeveralRungsInASmallRoom() throws Exception {
    JsonNode session = session(List.of(), "GYM");
    for (int i = 0; i < 20; i++) {
      String level = List.of("NOVICE", "INTERMEDIATE", "ADVANCED").get(i % 3);
      String sore = i == 7 ? "\"KNEES\"" : "null";
      String guest =
          "{\"name\":\"Guest %d\",\"level\":\"%s\",\"region\":%s,\"severity\":%s}"
              .formatted(i, level, sore, i == 7 ? "\"SORE\"" : "null");
      String at = "/api/sessions/" + id(session) + "/guests?version=" + version(session);
      session = read(coach.post(at, guest));
    }
    JsonNode group = read(coach.post("/api/sessions/" + id(session) + "/class", ""));
    assertThat(group.get("isOne").asBoolean()).isTrue();
    assertThat(group.get("members")).hasSize(20);
    int most = 0;
    Set<String> shared = new HashSet<>();
    for (JsonNode row : group.get("rows")) {
      most = Math.max(most, row.get("versions").size());
      int who = row.get("versions").valueStream().mapToInt(v -> v.get("athleteIds").size()).sum();
      if (who >= 15) {
        shared.add(row.get("name").asString());
      }
      assertThat(row.get("steps")).as("explained once").isNotEmpty();
    }
    assertThat(shared).as("one skeleton").hasSizeGreaterThanOrEqualTo(5);
    assertThat(most).as("rungs side by side").isBetween(2, 4);
    // Nobody runs lengths where twenty stand.
    for (JsonNode member : group.get("members")) {
      JsonNode plan =
          read(coach.get("/api/prescriptions/" + member.get("prescriptionId").asString()));
      assertThat(plan.at("/circumstances/conditions/group").asInt()).isEqualTo(20);
      assertThat(plan.at("/plan/items").valueStream().map(i -> i.get("unit").asString()))
          .doesNotContain("lengths");
    }
    List<String> present = new ArrayList<>();
    group.get("members").forEach(m -> present.add(m.get("athleteId").asString()));
    String there = JSON.writeValueAsString(Map.of("athleteIds", present.subList(0, 12)));
    String at = "/api/sessions/" + id(session) + "/attendance?version=";
    assertThat(coach.put(at + 0, there).statusCode()).isEqualTo(409);
    JsonNode attended = read(coach.put(at + group.get("version").asInt(), there));
    assertThat(attended.at("/details/athleteIds")).hasSize(12);
  }

  private JsonNode find(String athlete) throws Exception {
    return read(coach.get("/api/athletes"))
        .valueStream()
        .filter(a -> a.get("id").asString().equals(athlete))
        .findFirst()
        .orElseThrow();
  }

  private JsonNode session(List<String> athletes, String place) throws Exception {
    return session(athletes, place, day);
  }

  private JsonNode session(List<String> athletes, String place, LocalDate on) throws Exception {
    ObjectNode session =
        JSON.createObjectNode()
            .put("startsAt", on + "T10:00:00")
            .put("sport", "RUN")
            .put("kind", "INTERVALS")
            .put("title", "6 x 1 km")
            .put("place", place)
            .put("minutes", 35)
            .put("temperature", 18)
            .put("comingFrom", "DESK");
    athletes.forEach(session.putArray("athleteIds")::add);
    return read(coach.post("/api/sessions", "" + session));
  }

  private String prescribe(JsonNode session, String athlete) throws Exception {
    String whom = JSON.writeValueAsString(Map.of("sessionId", id(session), "athleteId", athlete));
    return id(read(coach.post("/api/prescriptions", whom)));
  }

  private String link(String prescription) throws Exception {
    String at = "/api/prescriptions/" + prescription + "/hand-over";
    return read(coach.post(at, "")).get("token").asString();
  }

  private String athlete(String name, String level) throws Exception {
    String athlete =
        "{\"name\":\"%s\",\"sport\":\"RUN\",\"level\":\"%s\",\"age\":24,\"deconditioned\":false}"
            .formatted(name, level);
    return id(read(coach.post("/api/athletes", athlete)));
  }

  private static String id(JsonNode of) {
    return of.get("id").asString();
  }

  private static int version(JsonNode of) {
    return of.get("version").asInt();
  }

  private static JsonNode read(HttpResponse<String> answer) {
    assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 201);
    return JSON.readTree(answer.body());
  }
}
