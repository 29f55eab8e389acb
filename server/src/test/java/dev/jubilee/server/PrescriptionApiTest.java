package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import dev.jubilee.server.recording.Schemas;
import java.net.http.HttpResponse;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * One athlete's warm-up over HTTP: taken up anew, other drills in its place, weather and places.
 */
@ExtendWith(RunningServer.class)
class PrescriptionApiTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private Visitor coach;

  @BeforeEach
  void signIn() throws Exception {
    coach = new Visitor().signedIn();
  }

  private static JsonNode read(HttpResponse<String> answer) {
    assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 201);
    return JSON.readTree(answer.body());
  }

  private JsonNode athlete(String name) throws Exception {
    ObjectNode profile =
        JSON.createObjectNode()
            .put("name", name)
            .put("sport", "RUN")
            .put("level", "ADVANCED")
            .put("age", 30)
            .put("deconditioned", false);
    profile
        .putArray("results")
        .addObject()
        .put("kind", "RUN_RACE")
        .put("metres", 5000)
        .put("seconds", 1200);
    profile.putArray("restrictions");
    profile.putArray("contraindications");
    profile.putObject("mastery");
    return read(coach.post("/api/athletes", "" + profile));
  }

  private JsonNode session(String kind, String startsAt, JsonNode athlete) throws Exception {
    return read(coach.post("/api/sessions", "" + details(kind, startsAt, athlete)));
  }

  private static ObjectNode details(String kind, String startsAt, JsonNode athlete) {
    ObjectNode details =
        JSON.createObjectNode()
            .put("startsAt", startsAt)
            .put("sport", "RUN")
            .put("kind", kind)
            .put("title", kind.toLowerCase(Locale.ROOT))
            .put("place", "TRACK")
            .put("minutes", 40)
            .put("temperature", 12)
            .put("comingFrom", "MOVING");
    details.putArray("athleteIds").add(athlete.get("id").asString());
    return details;
  }

  private JsonNode prescribed(JsonNode session, JsonNode athlete) throws Exception {
    ObjectNode body =
        JSON.createObjectNode()
            .put("sessionId", session.get("id").asString())
            .put("athleteId", athlete.get("id").asString());
    return read(coach.post("/api/prescriptions", "" + body));
  }

  private static String path(JsonNode plan) {
    return "/api/prescriptions/" + plan.get("id").asString();
  }

  private static List<String> texts(JsonNode array, String field) {
    return array.valueStream().map(n -> n.get(field).asString()).toList();
  }

  @Test
  void whatChangedOfTheAthleteIsTakenUpWhenTheCoachSaysSo() throws Exception {
    JsonNode athlete = athlete("Asta Refresher");
    JsonNode before = prescribed(session("SPRINT", "2096-05-02T17:30:00", athlete), athlete);
    assertThat(before.at("/plan/contacts").asInt()).isPositive();

    ObjectNode sore = (ObjectNode) athlete.get("profile").deepCopy();
    sore.withArray("/restrictions").addObject().put("region", "ACHILLES").put("severity", "SORE");
    read(coach.put("/api/athletes/" + athlete.get("id").asString() + "?version=0", "" + sore));
    assertThat(read(coach.get(path(before))).get("plan"))
        .as("a plan is what was prescribed, until it is refreshed")
        .isEqualTo(before.get("plan"));

    JsonNode after = read(coach.post(path(before) + "/refresh?baseRevision=1", ""));
    assertThat(after.get("revision").asInt()).isEqualTo(2);
    assertThat(after.at("/plan/contacts").asInt()).isZero();
    assertThat(texts(after.at("/plan/findings"), "code")).contains("SORE");
    assertThat(coach.post(path(before) + "/refresh?baseRevision=1", "").statusCode())
        .as("on an old revision")
        .isEqualTo(409);
    JsonNode undone = read(coach.post(path(before) + "/undo?baseRevision=2", ""));
    assertThat(undone.at("/plan/items")).isEqualTo(before.at("/plan/items"));
  }

  @Test
  void whatTheSessionBecameIsTakenUpToo() throws Exception {
    JsonNode athlete = athlete("Bente Mover");
    JsonNode session = session("INTERVALS", "2096-05-03T17:30:00", athlete);
    JsonNode before = prescribed(session, athlete);
    ObjectNode easy = (ObjectNode) session.get("details").deepCopy();
    easy.put("kind", "EASY");
    read(
        coach.put(
            "/api/sessions/"
                + session.get("id").asString()
                + "?version="
                + session.get("version").asInt(),
            "" + easy));
    JsonNode after = read(coach.post(path(before) + "/refresh?baseRevision=1", ""));
    assertThat(after.at("/session/kind").asString()).isEqualTo("EASY");
    assertThat(after.at("/plan/seconds").asInt())
        .isLessThan(before.at("/plan/seconds").asInt() / 2);
  }

  @Test
  void everyAlternativeOfEveryDrillCanTakeItsPlace() throws Exception {
    JsonNode athlete = athlete("Cato Swapper");
    JsonNode plan = prescribed(session("INTERVALS", "2096-05-04T17:30:00", athlete), athlete);
    List<String> ids = texts(plan.at("/plan/items"), "id");
    int tried = 0;
    for (String id : ids) {
      JsonNode now = read(coach.get(path(plan)));
      JsonNode alternatives = read(coach.get(path(plan) + "/items/" + id + "/alternatives"));
      assertThat(texts(alternatives, "drillId"))
          .doesNotHaveDuplicates()
          .doesNotContainAnyElementsOf(texts(now.at("/plan/items"), "drillId"));
      if (alternatives.isEmpty() || tried == 3) {
        continue;
      }
      tried++;
      JsonNode best = alternatives.get(0);
      ObjectNode edit = JSON.createObjectNode().put("baseRevision", now.get("revision").asInt());
      edit.putObject("edit")
          .put("action", "SWAP")
          .put("itemId", id)
          .put("drillId", best.get("drillId").asString());
      JsonNode swapped = read(coach.post(path(plan) + "/edits", "" + edit));
      assertThat(texts(swapped.at("/plan/items"), "name")).contains(best.get("name").asString());
    }
    assertThat(tried).isEqualTo(3);
    HttpResponse<String> unknown = coach.get(path(plan) + "/items/nothing/alternatives");
    assertThat(unknown.statusCode()).isEqualTo(422);
    assertThat(unknown.body()).contains("nothing");
  }

  @Test
  void placesHaveWhatTheSportIsDoneOnToo() throws Exception {
    JsonNode places = read(coach.get("/api/places"));
    assertThat(texts(places, "place")).contains("TRACK", "POOL_DECK", "BOATHOUSE").hasSize(13);
    assertThat(kit(places, "BOATHOUSE", "ROW")).contains("ROWER");
    assertThat(kit(places, "TRACK", "RIDE")).contains("BIKE");
    assertThat(kit(places, "TRACK", "RUN")).doesNotContain("BIKE");
    assertThat(kit(places, "LIVING_ROOM", "SWIM")).doesNotContain("POOL");
  }

  private static List<String> kit(JsonNode places, String place, String sport) {
    return places
        .valueStream()
        .filter(p -> p.get("place").asString().equals(place))
        .flatMap(p -> p.at("/usualKit/" + sport).valueStream())
        .map(JsonNode::asString)
        .toList();
  }

  @Test
  void aForecastSaysWhereItIsFromAndIsTheSameEachTime() throws Exception {
    String at = "/api/weather?place=TRACK&at=2026-11-30T06:30:00";
    JsonNode forecast = read(coach.get(at));
    assertThat(forecast.get("source").asString()).isNotBlank();
    assertThat(forecast.get("temperature").asInt()).isBetween(-30, 45);
    assertThat(forecast.get("humidity").asInt()).isBetween(0, 100);
    assertThat(read(coach.get(at))).isEqualTo(forecast);
    assertThat(new Visitor().get(at).statusCode()).as("to strangers").isEqualTo(401);
  }

  /** Clocks change on 25 October 2026 and 28 March 2027 in Europe (from memory). */
  @ParameterizedTest
  @CsvSource({
    "2026-10-24T17:30:00",
    "2026-10-25T17:30:00",
    "2027-03-27T06:30:00",
    "2027-03-28T06:30:00"
  })
  void aLinkSaysTheInstantOfTheStartOnEitherSideOfTheChangeOfClocks(String startsAt)
      throws Exception {
    JsonNode athlete = athlete("Dag Clockwork " + startsAt);
    JsonNode plan = prescribed(session("EASY", startsAt, athlete), athlete);
    String token = read(coach.post(path(plan) + "/hand-over", "")).get("token").asString();
    // Some of these days are over; a link is good for a week unless it is kept.
    read(coach.put(path(plan) + "/hand-over", "{\"keep\":true}"));
    JsonNode followed = read(new Visitor().get("/api/follow/" + token));
    ZoneId zone = ZoneId.of(read(coach.get("/api/me")).at("/club/timeZone").asString());
    assertThat(OffsetDateTime.parse(followed.get("startsAt").asString()))
        .isEqualTo(LocalDateTime.parse(startsAt).atZone(zone).toOffsetDateTime());
  }

  @Test
  void sessionsOfADayAreThoseOfTheClubsDay() throws Exception {
    JsonNode athlete = athlete("Eik Midnight");
    session("EASY", "2096-06-01T23:59:00", athlete);
    session("EASY", "2096-06-02T00:00:00", athlete);
    JsonNode day = read(coach.get("/api/sessions?from=2096-06-02&until=2096-06-02"));
    assertThat(
            day.valueStream()
                .map(s -> s.at("/details/startsAt").asString())
                .flatMap(s -> Stream.of(s.substring(0, 16))))
        .containsExactly("2096-06-02T00:00");
  }

  /**
   * Places, what was done before and a start that slips are kept, undone and shown with the day.
   */
  @Test
  void whereItIsDoneWhatWasDoneBeforeAndALateStartAreKept() throws Exception {
    JsonNode athlete = athlete("Ida Comes Warm");
    JsonNode session = session("INTERVALS", "2027-03-02T10:00:00", athlete);
    JsonNode plan = prescribed(session, athlete);
    assertThat(plan.get("startsAt").asString()).startsWith("2027-03-02T10:00");

    ObjectNode circumstances = (ObjectNode) plan.get("circumstances").deepCopy();
    circumstances
        .putArray("before")
        .addObject()
        .put("kind", "JOURNEY")
        .put("movement", "RIDING")
        .put("hardness", "EASY")
        .put("minutes", 25)
        .put("endedBefore", 45);
    ObjectNode room = circumstances.putArray("earlier").addObject();
    room.put("place", "HOTEL_ROOM").put("temperature", 21).put("minutes", 10);
    room.put("transfer", "WALK").put("transferMinutes", 5).putArray("kit");
    JsonNode staged = edited(plan, "CIRCUMSTANCES", "circumstances", circumstances);

    assertThat(staged.at("/circumstances/earlier/0/place").asString()).isEqualTo("HOTEL_ROOM");
    assertThat(staged.at("/circumstances/before/0/movement").asString()).isEqualTo("RIDING");
    assertThat(staged.at("/plan/items").findValuesAsString("block")).contains("TRANSFER");
    assertThat(staged.at("/plan/items").findValues("stage").stream().map(JsonNode::asInt))
        .contains(0, 1)
        .isSorted();
    assertThat(read(coach.get(path(plan)))).isEqualTo(staged);

    JsonNode late = edited(staged, "START_SLIPPED", "minutes", JSON.readTree("15"));
    assertThat(late.get("startsAt").asString()).startsWith("2027-03-02T10:15");
    assertThat(late.at("/circumstances/minutes").asInt()).isEqualTo(15);
    assertThat(late.at("/plan/seconds").asInt()).isLessThanOrEqualTo(900);
    JsonNode day = read(coach.get("/api/sessions?from=2027-03-02&until=2027-03-02"));
    assertThat(day.at("/0/warmUps/0/slipped").asInt()).isEqualTo(15);

    room.put("minutes", 40);
    HttpResponse<String> tooLong =
        coach.post(
            path(plan) + "/edits", edit(late, "CIRCUMSTANCES", "circumstances", circumstances));
    assertThat(tooLong.statusCode()).isEqualTo(422);
    assertThat(tooLong.body()).contains("\"minutes\"").contains("48 or more");

    room.put("minutes", 61);
    assertThat(
            coach
                .post(
                    path(plan) + "/edits",
                    edit(late, "CIRCUMSTANCES", "circumstances", circumstances))
                .body())
        .contains("earlier[0].minutes", "3 to 60 min");

    int revision = late.get("revision").asInt();
    JsonNode back = read(coach.post(path(plan) + "/undo?baseRevision=" + revision, ""));
    assertThat(back.get("plan")).isEqualTo(staged.get("plan"));
    assertThat(back.get("startsAt").asString()).startsWith("2027-03-02T10:00");
  }

  private JsonNode edited(JsonNode plan, String action, String name, JsonNode value)
      throws Exception {
    return read(coach.post(path(plan) + "/edits", edit(plan, action, name, value)));
  }

  private static String edit(JsonNode plan, String action, String name, JsonNode value) {
    ObjectNode body = JSON.createObjectNode().put("baseRevision", plan.get("revision").asInt());
    body.putObject("edit").put("action", action).set(name, value);
    return "" + body;
  }

  /** The athlete's calendar says when to begin; nothing of the body stands in it. */
  @Test
  void aWarmUpComesAsACalendarFile() throws Exception {
    JsonNode athlete = athlete("Kaja Calendar");
    ObjectNode sore = (ObjectNode) athlete.get("profile").deepCopy();
    sore.withArray("/restrictions").addObject().put("region", "ACHILLES").put("severity", "SORE");
    read(coach.put("/api/athletes/" + athlete.get("id").asString() + "?version=0", "" + sore));
    JsonNode plan = prescribed(session("INTERVALS", "2027-01-12T17:30:00", athlete), athlete);
    String token = read(coach.post(path(plan) + "/hand-over", "")).get("token").asString();

    HttpResponse<String> file = new Visitor().get("/api/follow/" + token + "/calendar.ics");
    assertThat(file.headers().firstValue("Content-Type").orElse("")).contains("text/calendar");
    String text = file.body().replace("\r\n ", "");
    int minutes = (plan.at("/plan/seconds").asInt() + 59) / 60;
    LocalTime begins = LocalTime.of(17, 30).minusMinutes(minutes);
    // The demo's club is at home in Dublin, which is at universal time in winter.
    assertThat(text)
        .contains("DTSTART:20270112T" + begins.format(DateTimeFormatter.ofPattern("HHmmss")) + "Z")
        .contains("DURATION:PT" + minutes + "M")
        .contains("SUMMARY:Warm-up: intervals")
        .contains("LOCATION:the track")
        .contains("TRIGGER:-PT30M")
        .doesNotContainIgnoringCase("sore");
    assertThat(new Visitor().get("/api/follow/nonsense/calendar.ics").statusCode()).isEqualTo(404);
  }

  /** A watch counts down what was prescribed, to the second; the schema is TCX's, from memory. */
  @ParameterizedTest
  @CsvSource({
    "RUN,INTERVALS,TRACK",
    "RUN,SPRINT,TRACK",
    "RUN,EASY,ROAD",
    "RIDE,THRESHOLD,GYM",
    "ROW,TIME_TRIAL,BOATHOUSE",
    "SWIM,TIME_TRIAL,POOL_DECK"
  })
  void aWarmUpComesAsAWorkoutOfAWatch(String sport, String kind, String place) throws Exception {
    JsonNode athlete = athlete("Kaja “Watch” & <Sons> 🏃 of the Longest Name");
    ObjectNode tested = (ObjectNode) athlete.get("profile").deepCopy();
    tested.withArray("results").addObject().put("kind", "ROW_2K").put("seconds", 430);
    tested.withArray("results").addObject().put("kind", "THRESHOLD_POWER").put("watts", 260);
    tested
        .withArray("results")
        .addObject()
        .put("kind", "SWIM_PAIR")
        .put("seconds400", 330)
        .put("seconds200", 156);
    read(coach.put("/api/athletes/" + athlete.get("id").asString() + "?version=0", "" + tested));
    ObjectNode details = details(kind, "2027-01-12T17:30:00", athlete);
    details.put("sport", sport).put("title", "Evening & <b> 🏃").put("place", place);
    JsonNode made = read(coach.post("/api/sessions", "" + details));
    JsonNode plan = prescribed(made, athlete);
    String token = read(coach.post(path(plan) + "/hand-over", "")).get("token").asString();
    HttpResponse<String> file = new Visitor().get("/api/follow/" + token + "/workout.tcx");
    assertThat(file.statusCode()).as(file.body()).isEqualTo(200);
    Schemas.TCX.requireValid(file.body());
    int seconds =
        Pattern.compile("<Seconds>(\\d+)</Seconds>")
            .matcher(file.body())
            .results()
            .mapToInt(m -> Integer.parseInt(m.group(1)))
            .sum();
    assertThat(seconds).isEqualTo(plan.at("/plan/seconds").asInt());
    assertThat(new Visitor().get("/api/follow/nonsense/workout.tcx").statusCode()).isEqualTo(404);
  }
}
