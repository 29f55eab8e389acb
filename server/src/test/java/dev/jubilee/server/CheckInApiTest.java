package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What athletes tell before a session: never lost, never answered by itself, decided once. */
@ExtendWith(RunningServer.class)
class CheckInApiTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final ZoneId DUBLIN = ZoneId.of("Europe/Dublin");

  private Visitor coach;
  private String athlete;

  @BeforeEach
  void squad() throws Exception {
    coach = Squads.coachOf("Checkers");
    athlete = athlete("Orla Invented");
  }

  @Test
  void whatIsTakenOverIsARevisionThatCanBeUndoneAndIsKeptByAnUpdate() throws Exception {
    WarmUp warmUp = warmUp(tomorrow(), athlete);
    ObjectNode told = answers().put("minutes", 20).put("sleep", 1).put("mood", 2);
    told.withArray("aches")
        .addObject()
        .put("region", "CALVES")
        .put("side", "LEFT")
        .put("isSore", true);
    assertThat(read(tell(warmUp, told)).get("state").asString()).isEqualTo("OPEN");

    JsonNode checkIn = ofDay(tomorrow()).get(0);
    assertThat(checkIn.get("proposed").valueStream().map(p -> p.at("/change/change").asString()))
        .containsExactlyInAnyOrder("LIMIT", "FRESHNESS", "MINUTES");
    String at = "/api/check-ins/" + checkIn.get("id").asString();
    ObjectNode changes = JSON.createObjectNode();
    checkIn.get("proposed").forEach(p -> changes.withArray("changes").add(p.get("change")));
    JsonNode differences = read(coach.post(at + "/differences", "" + changes));
    assertThat(differences.get("together")).isNotEmpty();
    assertThat(differences.get("each")).hasSize(3);

    JsonNode before = read(coach.get("/api/prescriptions/" + warmUp.id));
    changes.put("baseRevision", before.get("revision").asInt());
    assertThat(read(coach.post(at + "/take", "" + changes)).get("state").asString())
        .isEqualTo("TAKEN");
    JsonNode after = read(coach.get("/api/prescriptions/" + warmUp.id));
    assertThat(after.get("revision").asInt()).isGreaterThan(before.get("revision").asInt());
    assertThat(after.at("/circumstances/minutes").asInt()).isEqualTo(20);
    assertThat(after.at("/circumstances/freshness").asString()).isEqualTo("FLAT");
    assertThat(after.at("/plan/seconds").asInt()).isLessThanOrEqualTo(20 * 60);

    String refresh = "/refresh?baseRevision=" + after.get("revision").asInt();
    JsonNode updated = read(coach.post("/api/prescriptions/" + warmUp.id + refresh, ""));
    assertThat(updated.at("/circumstances/minutes").asInt()).isEqualTo(20);
    assertThat(why(updated)).as("what was told stays").isEqualTo(why(after));

    HttpResponse<String> again = coach.post(at + "/take", "" + changes);
    assertThat(again.statusCode()).as("decided once").isEqualTo(409);
  }

  @Test
  void aYesHoldsTheWarmUpUntilTheCoachHasSpokenWithThem() throws Exception {
    WarmUp warmUp = warmUp(tomorrow(), athlete);
    ObjectNode told = answers();
    told.withArray("alarms").add("CHEST");
    JsonNode standing = read(tell(warmUp, told));
    assertThat(standing.get("isHeld").asBoolean()).isTrue();
    JsonNode followed = read(new Visitor().get("/api/follow/" + warmUp.token));
    assertThat(followed.get("isHeld").asBoolean()).isTrue();
    assertThat(followed.get("items")).as("never answered with a plan").isEmpty();
    assertThat(new Visitor().get("/api/follow/" + warmUp.token + "/in-hand").statusCode())
        .isEqualTo(404);

    // Telling anew, without it, does not let them go.
    tell(warmUp, answers());
    assertThat(read(new Visitor().get("/api/follow/" + warmUp.token)).get("items")).isEmpty();
    assertThat(isHeldOnTheBoard()).as("the board says so too").isTrue();
    JsonNode checkIn = ofDay(tomorrow()).get(0);
    String at = "/api/check-ins/" + checkIn.get("id").asString();
    assertThat(coach.post(at + "/take", "{\"baseRevision\":1,\"changes\":[]}").statusCode())
        .isEqualTo(409);
    assertThat(coach.post(at + "/release", "").statusCode()).isEqualTo(200);
    assertThat(read(new Visitor().get("/api/follow/" + warmUp.token)).get("items")).isNotEmpty();
    assertThat(isHeldOnTheBoard()).isFalse();
  }

  private boolean isHeldOnTheBoard() throws Exception {
    return read(coach.get("/api/board?date=" + tomorrow().toLocalDate()))
        .at("/live/states/0/isHeld")
        .asBoolean();
  }

  @Test
  void tellingTwiceCountsTheLastAndSendingTwiceCountsOnce() throws Exception {
    WarmUp warmUp = warmUp(tomorrow(), athlete);
    UUID id = UUID.randomUUID();
    for (int i = 0; i < 3; i++) {
      assertThat(tell(warmUp, id, answers().put("minutes", 25)).statusCode()).isEqualTo(200);
    }
    tell(warmUp, answers().put("minutes", 15));
    JsonNode day = ofDay(tomorrow());
    assertThat(day).hasSize(1);
    assertThat(day.at("/0/answers/minutes").asInt()).isEqualTo(15);
    HttpResponse<String> superseded =
        coach.post("/api/check-ins/" + id + "/take", "{\"baseRevision\":1,\"changes\":[]}");
    assertThat(superseded.statusCode()).isEqualTo(409);
  }

  @Test
  void afterTheStartItIsKeptAndChangesNothingAndYesterdaysIsRefused() throws Exception {
    WarmUp begun = warmUp(LocalDateTime.now(DUBLIN).minusMinutes(5), athlete);
    assertThat(read(tell(begun, answers().put("sleep", 1))).get("state").asString())
        .isEqualTo("LATE");
    WarmUp yesterday = warmUp(LocalDateTime.now(DUBLIN).minusHours(30), athlete);
    HttpResponse<String> refused = tell(yesterday, answers());
    assertThat(refused.statusCode()).isEqualTo(409);
    assertThat(refused.body()).contains("This session is over");
    // What is dangerous is heard at any time.
    ObjectNode alarm = answers();
    alarm.withArray("alarms").add("HEAD");
    assertThat(read(tell(begun, alarm)).get("isHeld").asBoolean()).isTrue();
  }

  @Test
  void whatContradictsItselfNamesItsField() throws Exception {
    WarmUp warmUp = warmUp(tomorrow(), athlete);
    ObjectNode noPainButSeven = answers();
    pain(noPainButSeven, 7).put("hurts", false);
    ObjectNode painOfNought = pain(answers(), 0);
    ObjectNode nowhere = answers().put("hurts", true);
    ObjectNode sixOfFive = answers().put("mood", 6);
    Map<ObjectNode, String> fields =
        Map.of(
            noPainButSeven, "pains",
            painOfNought, "pains[0].intensity",
            nowhere, "pains",
            sixOfFive, "mood");
    for (var entry : fields.entrySet()) {
      HttpResponse<String> refused = tell(warmUp, entry.getKey());
      assertThat(refused.statusCode()).isEqualTo(422);
      assertThat(JSON.readTree(refused.body()).at("/errors/0/field").asString())
          .endsWith(entry.getValue());
    }
    assertThat(ofDay(tomorrow())).isEmpty();
  }

  @Test
  void aRevokedLinkAndAnotherClubSeeNothing() throws Exception {
    WarmUp warmUp = warmUp(tomorrow(), athlete);
    tell(warmUp, answers().put("sleep", 2));
    String id = ofDay(tomorrow()).at("/0/id").asString();
    Visitor other = Squads.coachOf("Others");
    assertThat(other.post("/api/check-ins/" + id + "/refuse", "").statusCode()).isEqualTo(404);
    assertThat(read(other.get("/api/check-ins?date=" + tomorrow().toLocalDate()))).isEmpty();
    coach.delete("/api/prescriptions/" + warmUp.id + "/hand-over");
    assertThat(tell(warmUp, answers()).statusCode()).isEqualTo(404);
  }

  @Test
  void aSquadIsTakenOverAtOnceAndOneThatIsHeldStopsNobody() throws Exception {
    String second = athlete("Bram Invented");
    WarmUp first = warmUp(tomorrow(), athlete);
    WarmUp other = warmUp(tomorrow().plusHours(1), second);
    tell(first, answers().put("minutes", 15));
    ObjectNode alarm = answers().put("minutes", 15);
    alarm.withArray("alarms").add("DIZZY");
    tell(other, alarm);
    List<String> ids = ofDay(tomorrow()).valueStream().map(c -> c.get("id").asString()).toList();
    JsonNode all =
        read(coach.post("/api/check-ins/take", JSON.writeValueAsString(Map.of("ids", ids))));
    assertThat(all.valueStream().filter(t -> t.get("isTaken").asBoolean())).hasSize(1);
    assertThat(all.valueStream().filter(t -> !t.get("isTaken").asBoolean()))
        .allMatch(t -> t.get("whyNot").asString().contains("Speak with the athlete"));
  }

  @Test
  void whatACoachSeesIsDecidedAndKept() throws Exception {
    WarmUp warmUp = warmUp(tomorrow(), athlete);
    String at = "/api/prescriptions/" + warmUp.id + "/looks";
    String marks = "[{\"sign\":\"GEAR_MISSING\",\"pain\":0,\"onlyFast\":false}]";
    String seen = "{\"checkpoint\":\"LAST_EFFORT\",\"marks\":" + marks + "}";
    JsonNode first = read(coach.post(at + "/decide", seen));
    assertThat(first.get("kind").asString()).isEqualTo("REPEAT");
    String kept =
        seen.substring(0, seen.length() - 1)
            + ",\"decided\":\"REPEAT\",\"ground\":\"FLAT\",\"isTaken\":true}";
    assertThat(read(coach.post(at, kept)).get("looks")).hasSize(1);
    JsonNode second = read(coach.post(at + "/decide", seen));
    assertThat(second.get("kind").asString()).as("still flat").isEqualTo("CHANGE");
    assertThat(second.get("session").asString()).isNotBlank();
    HttpResponse<String> nowhere =
        coach.post(at + "/decide", seen.replace("GEAR_MISSING", "TIGHT"));
    assertThat(JSON.readTree(nowhere.body()).at("/errors/0/field").asString())
        .isEqualTo("marks[0].region");
  }

  private record WarmUp(String id, String token) {}

  private WarmUp warmUp(LocalDateTime startsAt, String whose) throws Exception {
    String session =
        "{\"startsAt\":\""
            + startsAt.withSecond(0).withNano(0)
            + ":00\",\"sport\":\"RUN\",\"kind\":\"INTERVALS\",\"title\":\"6 x 1 km\","
            + "\"place\":\"TRACK\",\"minutes\":40,\"temperature\":12,\"comingFrom\":\"MOVING\","
            + "\"athleteIds\":[\""
            + whose
            + "\"]}";
    String sessionId = read(coach.post("/api/sessions", session)).get("id").asString();
    String whom = JSON.writeValueAsString(Map.of("sessionId", sessionId, "athleteId", whose));
    String id = read(coach.post("/api/prescriptions", whom)).get("id").asString();
    JsonNode link = read(coach.post("/api/prescriptions/" + id + "/hand-over", ""));
    return new WarmUp(id, link.get("token").asString());
  }

  private String athlete(String name) throws Exception {
    String athlete =
        "{\"name\":\"%s\",\"sport\":\"RUN\",\"level\":\"ADVANCED\",\"age\":24,\"deconditioned\":false}"
            .formatted(name);
    return read(coach.post("/api/athletes", athlete)).get("id").asString();
  }

  private static LocalDateTime tomorrow() {
    return LocalDate.now(DUBLIN).plusDays(1).atTime(10, 30);
  }

  private static ObjectNode answers() {
    ObjectNode answers = JSON.createObjectNode().put("hurts", false).put("word", "");
    answers.putArray("aches");
    answers.putArray("pains");
    answers.putArray("alarms");
    return answers;
  }

  private static ObjectNode pain(ObjectNode answers, int intensity) {
    answers
        .put("hurts", true)
        .withArray("pains")
        .addObject()
        .put("region", "KNEES")
        .put("side", "LEFT")
        .put("intensity", intensity)
        .put("since", "TODAY");
    return answers;
  }

  private static HttpResponse<String> tell(WarmUp warmUp, ObjectNode answers) throws Exception {
    return tell(warmUp, UUID.randomUUID(), answers);
  }

  private static HttpResponse<String> tell(WarmUp warmUp, UUID id, ObjectNode answers)
      throws Exception {
    ObjectNode told = JSON.createObjectNode().put("id", id.toString());
    told.put("toldAt", System.currentTimeMillis()).set("answers", answers);
    return new Visitor()
        .withoutCsrfToken()
        .post("/api/follow/" + warmUp.token + "/check-in", "" + told);
  }

  private JsonNode ofDay(LocalDateTime day) throws Exception {
    return read(coach.get("/api/check-ins?date=" + day.toLocalDate()));
  }

  private static List<String> why(JsonNode view) {
    return view.at("/plan/why").valueStream().map(JsonNode::asString).toList();
  }

  private static JsonNode read(HttpResponse<String> answer) {
    assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 201);
    return JSON.readTree(answer.body());
  }
}
