package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.server.RunningServer.Visitor;
import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.athlete.AthleteView;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.tenant.ClubScope;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The API as a client meets it, over HTTP, on a real PostgreSQL. */
@ExtendWith(RunningServer.class)
class ApiTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private Visitor coach;

  @BeforeEach
  void signIn() throws Exception {
    coach = new Visitor().signedIn();
  }

  @Test
  void nothingIsToldToStrangers() throws Exception {
    for (String path : List.of("/api/me", "/api/athletes", "/api/drills", "/api/prescriptions/x")) {
      assertThat(new Visitor().get(path).statusCode()).as(path).isEqualTo(401);
    }
  }

  @Test
  void withoutItsTokenAWriteIsRefused() throws Exception {
    Visitor careless = new Visitor().signedIn().withoutCsrfToken();
    assertThat(careless.post("/api/athletes", "{}").statusCode()).isEqualTo(403);
  }

  @Test
  void guessingPasswordsIsSlowedDown() throws Exception {
    Visitor stranger = new Visitor();
    stranger.get("/api/me");
    String guess = "{\"email\":\"someone@lanternmere.example\",\"password\":\"guess\"}";
    List<Integer> answers = new ArrayList<>();
    for (int i = 0; i < 7; i++) {
      answers.add(stranger.post("/api/sign-in", guess).statusCode());
    }
    assertThat(answers).containsExactly(401, 401, 401, 401, 401, 401, 429);
  }

  @Test
  void aClubSaysWhatTimeItIsInItsOwnWay() throws Exception {
    assertThat(JSON.readTree(coach.get("/api/me").body()).at("/club/hourCycle").asString())
        .isEqualTo("H24");
    assertThat(coach.put("/api/club", club("H12")).statusCode()).isEqualTo(204);
    assertThat(JSON.readTree(coach.get("/api/me").body()).at("/club/hourCycle").asString())
        .isEqualTo("H12");
    assertThat(coach.put("/api/club", club("H25")).statusCode()).isEqualTo(422);
    assertThat(coach.put("/api/club", club("H24")).statusCode()).isEqualTo(204);
  }

  @Test
  void signingOutEndsTheSession() throws Exception {
    Visitor leaving = new Visitor().signedIn();
    assertThat(leaving.post("/api/sign-out", "").statusCode()).isEqualTo(204);
    assertThat(leaving.get("/api/me").statusCode()).isEqualTo(401);
  }

  @Test
  void theWhiteboardIsUnderstoodOrTheFaultShown() throws Exception {
    JsonNode understood = understood("6 x 1000 @ 5k, 90 s jog");
    assertThat(understood.at("/words").asString()).isEqualTo("6 x 1000 m @ 5 km pace / 90 s jog");
    assertThat(understood.at("/kind").asString()).isEqualTo("INTERVALS");
    assertThat(understood.at("/effortMetres").asDouble()).isEqualTo(1000);
    // Six efforts and the five recoveries between them.
    assertThat(understood.at("/stretches").size()).isEqualTo(11);

    assertThat(understood("400 x 1000").at("/faults/0/what").asString()).contains("1 to 60");

    JsonNode half = understood("6 x 1000 @ 5k; 20 min fartlik");
    assertThat(half.at("/faults").size()).isEqualTo(1);
    for (String open : List.of("/kind", "/effortMetres", "/effortSeconds", "/stroke")) {
      assertThat(half.at(open).isNull()).as("%s is open", open).isTrue();
    }
    assertThat(coach.post("/api/shorthand", "{\"text\":\"2k\"}").statusCode()).isEqualTo(422);
  }

  private JsonNode understood(String text) throws Exception {
    String body = "{\"text\":\"" + text + "\",\"sport\":\"RUN\"}";
    return JSON.readTree(coach.post("/api/shorthand", body).body());
  }

  @Test
  void whoeverLeavesIsArchivedWhereTheyAreAndCanBeBroughtBack() throws Exception {
    JsonNode made = JSON.readTree(coach.post("/api/athletes", athlete("55", "190", null)).body());
    assertThat(made.at("/archived").asBoolean()).isFalse();
    String path = "/api/athletes/" + made.at("/id").asString();
    String session =
        "{\"startsAt\":\"2042-03-03T07:00:00\",\"sport\":\"ROW\",\"kind\":\"EASY\",\"title\":\"easy"
            + " 8 km\",\"place\":\"BOATHOUSE\",\"minutes\":20,\"temperature\":8,"
            + "\"comingFrom\":\"MOVING\",\"athleteIds\":[\""
            + made.at("/id").asString()
            + "\"]}";
    assertThat(coach.post("/api/sessions", session).statusCode()).isEqualTo(201);

    HttpResponse<String> left = coach.post(path + "/archive?version=0", "");
    assertThat(JSON.readTree(left.body()).at("/archived").asBoolean()).isTrue();
    assertThat(coach.post(path + "/archive?version=0", "").statusCode()).isEqualTo(409);
    assertThat(coach.get("/api/sessions?from=2042-03-03&until=2042-03-03").body())
        .contains(made.at("/id").asString());
    assertThat(JSON.readTree(coach.get(path).body()).at("/archived").asBoolean()).isTrue();

    HttpResponse<String> back = coach.post(path + "/restore?version=1", "");
    assertThat(JSON.readTree(back.body()).at("/archived").asBoolean()).isFalse();
  }

  /** Each impossible figure is refused by name, with what would be accepted. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "ROW_2K | \"seconds\":20 | results[0].seconds | 5:20 to 15:00",
        "RUN_RACE | \"metres\":5000,\"seconds\":60 | results[0].seconds | 11:07 to 55:33",
        "RUN_RACE | \"seconds\":60 | results[0].metres | a value",
        "ROW_2K | \"seconds\":480,\"takenOn\":\"2199-01-01\" | results[0].takenOn | up to today",
        "SPRINT_RUN | \"seconds\":1.9 | results[0].seconds | 2.40 to 7.50",
        "SPRINT_RIDE | \"watts\":5000 | results[0].watts | 150 to 2600",
        "ROW_PIECE | \"metres\":6000,\"seconds\":700 | results[0].seconds | 15:00 to 40:00",
        "SWIM_PAIR | \"seconds400\":360,\"seconds200\":190 | results[0].seconds200 | half of the 400",
        "RIDE_POWER_TEST | \"threeMinuteWatts\":250,\"twelveMinuteWatts\":300 |"
            + " results[0].threeMinuteWatts | above the 12-minute power",
        "THRESHOLD_POWER | \"watts\":5000 | results[0].watts | 50 to 550 W"
      })
  void impossibleResultsAreRefusedByName(String kind, String figures, String field, String accepted)
      throws Exception {
    String result = "{\"kind\":\"" + kind + "\"," + figures + "}";
    HttpResponse<String> answer = coach.post("/api/athletes", athlete("55", "190", result));
    assertThat(answer.statusCode()).isEqualTo(422);
    JsonNode error = JSON.readTree(answer.body()).at("/errors/0");
    assertThat(error.get("field").asString()).isEqualTo(field);
    assertThat(error.get("accepted").asString()).contains(accepted);
  }

  @Test
  void aMaximumBelowTheRestingHeartRateIsRefused() throws Exception {
    HttpResponse<String> answer = coach.post("/api/athletes", athlete("105", "120", null));
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body()).contains("maximumHeartRate").contains("at least 135 beats/min");
    assertThat(coach.get("/api/athletes").body()).doesNotContain("Test Person");
  }

  @ParameterizedTest
  @CsvSource({"0", "2", "91", "500", "-5"})
  void impossibleMinutesAreRefusedAndThePlanStaysAsItWas(int minutes) throws Exception {
    JsonNode plan = prescription();
    HttpResponse<String> answer =
        coach.post(
            "/api/prescriptions/" + plan.get("id").asString() + "/edits",
            circumstances(plan, minutes));
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body()).contains("\"minutes\"").contains("3 to 90 min");
    assertThat(prescription().get("revision")).isEqualTo(plan.get("revision"));
  }

  /** Left and right are different parts of the body; the same one twice is a mistake. */
  @Test
  void eachSideOfARegionMayHaveItsOwnState() throws Exception {
    String both =
        "{\"name\":\"Two Sides\",\"sport\":\"RUN\",\"level\":\"NOVICE\",\"age\":30,"
            + "\"deconditioned\":false,\"restrictions\":["
            + "{\"region\":\"KNEES\",\"severity\":\"SORE\",\"side\":\"LEFT\"},"
            + "{\"region\":\"KNEES\",\"severity\":\"STIFF\",\"side\":\"RIGHT\"}]}";
    HttpResponse<String> kept = coach.post("/api/athletes", both);
    assertThat(kept.statusCode()).as(kept.body()).isEqualTo(201);
    assertThat(kept.body()).contains("\"LEFT\"").contains("\"RIGHT\"");
    HttpResponse<String> twice = coach.post("/api/athletes", both.replace("RIGHT", "LEFT"));
    assertThat(twice.statusCode()).isEqualTo(422);
    assertThat(twice.body()).contains("restrictions[1].region").contains("each side");
  }

  @Test
  void anUnknownKindNamesWhatIsAccepted() throws Exception {
    HttpResponse<String> answer =
        coach.post("/api/athletes", athlete("55", "190", "{\"kind\":\"JUGGLING\"}"));
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body()).contains("results[0].kind").contains("ROW_2K");
  }

  @Test
  void anEditMakesARevisionUndoAndRedoMoveBetweenThem() throws Exception {
    JsonNode before = prescription();
    String path = "/api/prescriptions/" + before.get("id").asString();
    String drill = item(before, "MOBILISE").get("id").asString();
    JsonNode removed =
        JSON.readTree(coach.post(path + "/edits", edit(before, "REMOVE", drill)).body());
    assertThat(removed.at("/plan/items")).hasSize(before.at("/plan/items").size() - 1);
    assertThat(removed.get("edit").asString()).startsWith("Removed ");

    JsonNode refitted =
        JSON.readTree(coach.post(path + "/edits", edit(removed, "REFIT", null)).body());
    assertThat(refitted.at("/plan/items").toString()).doesNotContain("\"" + drill + "\"");

    JsonNode undone =
        JSON.readTree(coach.post(path + "/undo?baseRevision=" + rev(refitted), "").body());
    JsonNode first =
        JSON.readTree(coach.post(path + "/undo?baseRevision=" + rev(undone), "").body());
    assertThat(first.get("plan")).isEqualTo(before.get("plan"));
    JsonNode redone =
        JSON.readTree(coach.post(path + "/redo?baseRevision=" + rev(first), "").body());
    assertThat(redone.get("plan")).isEqualTo(removed.get("plan"));
    coach.post(path + "/undo?baseRevision=" + rev(redone), "");
  }

  @Test
  void whatACoachLockedSurvivesRefittingToOtherMinutes() throws Exception {
    JsonNode plan = prescription();
    String path = "/api/prescriptions/" + plan.get("id").asString();
    JsonNode drill = item(plan, "ACTIVATE");
    String itemId = drill.get("id").asString();
    int more = drill.get("most").asInt();
    String dose = edit(plan, "DOSE", itemId).replace("}", ",\"amount\":" + more + "}");
    JsonNode dosed = JSON.readTree(coach.post(path + "/edits", dose).body());
    JsonNode shorter = JSON.readTree(coach.post(path + "/edits", circumstances(dosed, 15)).body());
    JsonNode kept = byId(shorter, itemId);
    assertThat(kept.get("amount").asInt()).isEqualTo(more);
    assertThat(kept.get("lock").asString()).isEqualTo("DOSE");
    assertThat(shorter.at("/plan/seconds").asInt()).isLessThanOrEqualTo(15 * 60);
  }

  @Test
  void aLockOfTheVersionLeavesItsDoseToTheTime() throws Exception {
    JsonNode plan = prescription(1);
    String path = "/api/prescriptions/" + plan.get("id").asString() + "/edits";
    String itemId = item(plan, "MOBILISE").get("id").asString();
    String lock = edit(plan, "LOCK", itemId).replace("}}", ",\"lock\":\"RUNG\"}}");
    JsonNode locked = JSON.readTree(coach.post(path, lock).body());
    assertThat(locked.get("edit").asString()).startsWith("Locked ");
    JsonNode shorter = JSON.readTree(coach.post(path, circumstances(locked, 12)).body());
    JsonNode kept = byId(shorter, itemId);
    assertThat(kept.get("lock").asString()).isEqualTo("RUNG");
    assertThat(kept.get("drillId")).isEqualTo(byId(plan, itemId).get("drillId"));

    HttpResponse<String> nothing = coach.post(path, edit(shorter, "LOCK", itemId));
    assertThat(nothing.statusCode()).isEqualTo(422);
    assertThat(JSON.readTree(nothing.body()).at("/errors/0/field").asString())
        .isEqualTo("edit.lock");
  }

  @Test
  void anEditOfNoKnownKindIsRefusedWithTheKindsThereAre() throws Exception {
    JsonNode plan = prescription();
    String path = "/api/prescriptions/" + plan.get("id").asString() + "/edits";
    for (String edit : List.of("{\"action\":\"JUGGLE\"}", "{}")) {
      HttpResponse<String> answer =
          coach.post(path, "{\"baseRevision\":" + rev(plan) + ",\"edit\":" + edit + "}");
      assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
      assertThat(answer.body()).contains("\"field\":\"edit", "REFIT", "SWAP");
    }
    assertThat(coach.post(path, "{\"baseRevision\":" + rev(plan) + "}").statusCode())
        .isEqualTo(422);
  }

  @Test
  void aFindingThatNoEditHelpsIsTakenNoteOf() throws Exception {
    JsonNode plan = prescription(2);
    String path = "/api/prescriptions/" + plan.get("id").asString() + "/edits";
    String cold =
        circumstances(plan, 30).replaceAll("\"temperature\":-?\\d+", "\"temperature\":-9");
    JsonNode freezing = JSON.readTree(coach.post(path, cold).body());
    JsonNode finding = withRemedy(freezing, "ACKNOWLEDGE");
    String seen =
        "{\"baseRevision\":" + rev(freezing) + ",\"edit\":" + finding.at("/remedy/edit") + "}";
    JsonNode after = JSON.readTree(coach.post(path, seen).body());
    assertThat(withRemedy(after, "ACKNOWLEDGE").get("seen").asBoolean()).isTrue();
    assertThat(after.at("/plan/items")).isEqualTo(freezing.at("/plan/items"));
  }

  @Test
  void theCurvesEndAtTheStartWhereTheVerdictIsRead() throws Exception {
    JsonNode plan = prescription(1).get("plan");
    JsonNode readiness = plan.get("readiness");
    int points = plan.get("seconds").asInt() / readiness.get("step").asInt() + 1;
    for (String curve : List.of("warmth", "warmthLow", "warmthHigh", "freshness", "heart")) {
      assertThat(readiness.get(curve).size()).as(curve).isEqualTo(points);
    }
    double last = readiness.get("warmth").get(points - 1).asInt() / 100.0;
    assertThat(readiness.at("/verdict/warmth").asDouble()).isCloseTo(last, within(0.26));
    assertThat(readiness.at("/verdict/sentences").size()).isGreaterThan(1);
  }

  private static JsonNode withRemedy(JsonNode view, String action) {
    for (JsonNode finding : view.at("/plan/findings")) {
      if (finding.at("/remedy/edit/action").asString().equals(action)) {
        return finding;
      }
    }
    throw new AssertionError(view.at("/plan/findings").toString());
  }

  /** Two tabs that open at the same moment, again and again. */
  @Test
  void whoSignsInTwiceAtOnceIsLetInTwice() {
    for (int round = 0; round < 12; round++) {
      List<CompletableFuture<Integer>> both =
          IntStream.range(0, 3)
              .mapToObj(
                  i ->
                      CompletableFuture.supplyAsync(
                          () -> {
                            try {
                              return new Visitor().signedIn().get("/api/me").statusCode();
                            } catch (Exception e) {
                              throw new IllegalStateException(e);
                            }
                          }))
              .toList();
      assertThat(both.stream().map(CompletableFuture::join)).containsOnly(200);
    }
  }

  @Test
  void ofTwoEditsOnTheSameRevisionOneIsAConflictAndNothingIsLost() throws Exception {
    JsonNode plan = prescription();
    String path = "/api/prescriptions/" + plan.get("id").asString() + "/edits";
    List<CompletableFuture<Integer>> both =
        List.of(plan.at("/plan/items/0/id"), plan.at("/plan/items/1/id")).stream()
            .map(
                id ->
                    CompletableFuture.supplyAsync(
                        () -> {
                          try {
                            Visitor one = new Visitor().signedIn();
                            return one.post(
                                    path,
                                    edit(plan, "MOVE", id.asString())
                                        .replace("}}", ",\"places\":1}}"))
                                .statusCode();
                          } catch (Exception e) {
                            throw new IllegalStateException(e);
                          }
                        }))
            .toList();
    assertThat(both.stream().map(CompletableFuture::join)).containsExactlyInAnyOrder(200, 409);
  }

  @Test
  void aLinkLeadsToThePlanWithoutSigningInUntilItIsRevoked() throws Exception {
    JsonNode plan = prescription();
    String path = "/api/prescriptions/" + plan.get("id").asString() + "/hand-over";
    String token = JSON.readTree(coach.post(path, "").body()).get("token").asString();
    assertThat(token).hasSizeGreaterThanOrEqualTo(27);
    Visitor athlete = new Visitor();
    JsonNode followed = JSON.readTree(athlete.get("/api/follow/" + token).body());
    assertThat(followed.at("/items")).isNotEmpty();
    assertThat(followed.toString()).doesNotContain("lanternmere.example");
    assertThat(coach.delete(path).statusCode()).isEqualTo(204);
    assertThat(athlete.get("/api/follow/" + token).statusCode()).isEqualTo(404);
    assertThat(athlete.get("/api/follow/unknown").statusCode()).isEqualTo(404);
  }

  @Test
  void whatBelongsToAnotherClubIsNotThere() throws Exception {
    Club other =
        RunningServer.bean(ClubRepository.class)
            .save(new Club(UUID.randomUUID(), "Another club", ZoneId.of("UTC")));
    AthleteProfile profile = JSON.readValue(athlete("55", "190", null), AthleteProfile.class);
    AthleteView foreign =
        ClubScope.within(
            other.id(),
            () ->
                RunningServer.bean(Athletes.class).create(other.id(), UUID.randomUUID(), profile));
    assertThat(coach.get("/api/athletes/" + foreign.id()).statusCode()).isEqualTo(404);
    assertThat(
            coach
                .put("/api/athletes/" + foreign.id() + "?version=0", athlete("60", "180", null))
                .statusCode())
        .isEqualTo(404);
    String session = sessions().get(0).get("id").asString();
    String body = "{\"sessionId\":\"" + session + "\",\"athleteId\":\"" + foreign.id() + "\"}";
    assertThat(coach.post("/api/prescriptions", body).statusCode()).isEqualTo(404);
    assertThat(coach.get("/api/athletes").body()).doesNotContain(foreign.id().toString());
  }

  @Test
  void theDescriptionTheWebIsBuiltFromIsTheOneServed() throws Exception {
    JsonNode served = JSON.readTree(new Visitor().get("/api/openapi").body());
    Path committed = Path.of("src/main/openapi/openapi.json");
    Files.writeString(
        Path.of("target/openapi.json"),
        JSON.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n");
    assertThat(JSON.readTree(Files.readString(committed)))
        .as("server/src/main/openapi/openapi.json is stale; the new one is in server/target")
        .isEqualTo(served);
  }

  /** Whatever a request has is bounded, and the description says by how much. */
  @Test
  void everyTextAndListOfARequestHasALimitInTheDescription() throws Exception {
    JsonNode api = JSON.readTree(new Visitor().get("/api/openapi").body());
    List<String> unbounded = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    for (Map.Entry<String, JsonNode> path : api.get("paths").properties()) {
      for (JsonNode operation : path.getValue()) {
        JsonNode body = operation.at("/requestBody/content/application~1json/schema");
        // The one file that is not taken apart here; its body has a limit.
        if (!path.getKey().equals("/api/library")) {
          collectUnbounded(api, body, path.getKey(), unbounded, seen);
        }
      }
    }
    assertThat(unbounded).isEmpty();
    assertThat(seen).hasSizeGreaterThan(20);
  }

  private static void collectUnbounded(
      JsonNode api, JsonNode schema, String where, List<String> unbounded, Set<String> seen) {
    if (schema.isMissingNode()) {
      return;
    }
    if (schema.has("$ref")) {
      String name = schema.get("$ref").asString().replaceFirst(".*/", "");
      if (seen.add(name)) {
        JsonNode target = api.at("/components/schemas/" + name);
        collectUnbounded(api, target, name, unbounded, seen);
      }
      return;
    }
    String type = schema.path("type").asString("");
    boolean isFixed = schema.has("enum") || schema.has("format") || schema.has("discriminator");
    if (type.equals("string") && !isFixed && !schema.has("maxLength")) {
      unbounded.add(where);
    }
    if (type.equals("array") && !schema.has("maxItems")) {
      unbounded.add(where);
    }
    for (String part : List.of("items", "additionalProperties")) {
      collectUnbounded(api, schema.path(part), where + "." + part, unbounded, seen);
    }
    for (String either : List.of("oneOf", "allOf", "anyOf")) {
      schema.path(either).forEach(s -> collectUnbounded(api, s, where, unbounded, seen));
    }
    boolean isUnion = schema.has("discriminator");
    for (Map.Entry<String, JsonNode> p : schema.path("properties").properties()) {
      if (!isUnion) {
        collectUnbounded(api, p.getValue(), where + "." + p.getKey(), unbounded, seen);
      }
    }
  }

  private String club(String hourCycle) throws Exception {
    JsonNode settings = JSON.readTree(coach.get("/api/me").body()).get("club");
    return settings.toString().replaceFirst("\"H(24|12)\"", '"' + hourCycle + '"');
  }

  private JsonNode sessions() throws Exception {
    String today = JSON.readTree(coach.get("/api/me").body()).get("today").asString();
    return JSON.readTree(coach.get("/api/sessions?from=" + today + "&until=" + today).body());
  }

  /** The first athlete's plan for the first session of today. */
  private JsonNode prescription() throws Exception {
    return prescription(0);
  }

  /** For the first athlete of a session; tests that change much take one that no other uses. */
  private JsonNode prescription(int sessionIndex) throws Exception {
    JsonNode session = sessions().get(sessionIndex);
    Map<String, String> whom =
        Map.of(
            "sessionId", session.get("id").asString(),
            "athleteId", session.at("/details/athleteIds/0").asString());
    return JSON.readTree(coach.post("/api/prescriptions", JSON.writeValueAsString(whom)).body());
  }

  private static JsonNode item(JsonNode view, String block) {
    for (JsonNode item : view.at("/plan/items")) {
      if (item.get("block").asString().equals(block)) {
        return item;
      }
    }
    throw new AssertionError("no item in " + block);
  }

  private static JsonNode byId(JsonNode view, String id) {
    for (JsonNode item : view.at("/plan/items")) {
      if (item.get("id").asString().equals(id)) {
        return item;
      }
    }
    throw new AssertionError("no item " + id);
  }

  private static int rev(JsonNode view) {
    return view.get("revision").asInt();
  }

  private static String edit(JsonNode view, String action, String itemId) {
    return "{\"baseRevision\":"
        + rev(view)
        + ",\"edit\":{\"action\":\""
        + action
        + "\""
        + (itemId == null ? "" : ",\"itemId\":\"" + itemId + "\"")
        + "}}";
  }

  private static String circumstances(JsonNode view, int minutes) {
    return "{\"baseRevision\":"
        + rev(view)
        + ",\"edit\":{\"action\":\"CIRCUMSTANCES\",\"circumstances\":"
        + view.get("circumstances")
            .toString()
            .replaceFirst("\"minutes\":\\d+", "\"minutes\":" + minutes)
        + "}}";
  }

  private static String athlete(String resting, String maximum, String result) {
    return "{\"name\":\"Test Person\",\"sport\":\"ROW\",\"level\":\"NOVICE\",\"age\":30,"
        + "\"restingHeartRate\":"
        + resting
        + ",\"maximumHeartRate\":"
        + maximum
        + ",\"results\":["
        + (result == null ? "" : result)
        + "],\"restrictions\":[],\"contraindications\":[],"
        + "\"deconditioned\":false,\"mastery\":{}}";
  }
}
