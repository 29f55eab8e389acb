package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import dev.jubilee.server.RunningServer.Visitor;
import io.jenetics.jpx.GPX;
import io.jenetics.jpx.Length;
import io.jenetics.jpx.WayPoint;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Records by hand and in a sweep, what they say, questions, and recordings of devices. */
@ExtendWith(RunningServer.class)
class RecordApiTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final ZoneId DUBLIN = ZoneId.of("Europe/Dublin");

  private Visitor coach;
  private String athlete;

  @BeforeEach
  void club() throws Exception {
    coach = Squads.coachOf("Bookkeepers");
    athlete = athlete("Tilda Invented");
  }

  @Test
  void whatWasPrescribedIsFilledInAndWhatDifferedIsKept() throws Exception {
    String id = prescribed(LocalDateTime.now(DUBLIN).minusDays(2));
    String at = "/api/prescriptions/" + id + "/record";
    JsonNode before = read(coach.get(at));
    assertThat(before.get("isRecorded").asBoolean()).isFalse();
    assertThat(before.get("done")).isEqualTo(before.get("planned"));
    String effort = item(before, "BUILD");
    ObjectNode said = JSON.createObjectNode().put("felt", 4).put("waited", 300);
    said.putArray("items").addObject().put("id", effort).put("state", "SKIPPED");
    said.putObject("results").put("unit", "SECONDS").putArray("efforts").add(190).add(186).add(188);
    JsonNode after = read(coach.put(at, said.toString()));
    assertThat(after.at("/done/efforts").asInt())
        .isEqualTo(before.at("/planned/efforts").asInt() - 1);
    assertThat(after.get("bestEffort").asInt()).as("the quickest").isEqualTo(2);
    assertThat(read(coach.get(at))).isEqualTo(after);
    assertThat(read(coach.delete(at)).get("isRecorded").asBoolean()).isFalse();

    assertThat(field(coach.put(at, "{\"felt\":6}"))).isEqualTo("felt");
    assertThat(field(coach.put(at, "{\"waited\":-1}"))).isEqualTo("waited");
    assertThat(Squads.coachOf("Others").get(at).statusCode()).isEqualTo(404);
  }

  @Test
  void whatAPhoneTellsIsARecordByItself() throws Exception {
    String id = prescribed(LocalDateTime.now(DUBLIN).minusHours(1));
    JsonNode plan = read(coach.get("/api/prescriptions/" + id + "/record"));
    String token =
        read(coach.post("/api/prescriptions/" + id + "/hand-over", "")).get("token").asString();
    long now = Instant.now().toEpochMilli();
    ObjectNode batch = JSON.createObjectNode();
    batch.put("device", UUID.randomUUID().toString());
    batch.put("run", 1).put("sentAt", now).put("revision", 1);
    int sequence = 0;
    event(batch, ++sequence, now - 3_000_000, "BEGUN");
    for (JsonNode item : plan.get("items")) {
      event(batch, ++sequence, now - 2_000_000, "ITEM_DONE")
          .put("item", item.get("id").asString())
          .put("seconds", item.get("planned").asInt());
    }
    event(batch, ++sequence, now - 1_900_000, "ENDED");
    event(batch, ++sequence, now - 1_000, "FELT").put("value", 4);
    Visitor phone = new Visitor();
    read(phone.post("/api/follow/" + token + "/events", batch.toString()));
    JsonNode record = read(coach.get("/api/prescriptions/" + id + "/record"));
    assertThat(record.get("isFollowed").asBoolean()).isTrue();
    assertThat(record.get("isByHand").asBoolean()).isFalse();
    assertThat(record.get("felt").asInt()).isEqualTo(4);
    assertThat(record.at("/done/efforts")).isEqualTo(record.at("/planned/efforts"));
  }

  @Test
  void changeoversOfAClubAreShownAndUsedOnceTheCoachSaysSo() throws Exception {
    LocalDateTime now = LocalDateTime.now(DUBLIN);
    String today = now.toLocalDate().toString();
    String use = "{\"until\":\"" + today + "\"}";
    assertThat(field(coach.put("/api/own-changeovers", use))).isEqualTo("until");
    for (int i = 1; i <= 6; i++) {
      String id = prescribed(now.minusHours(20L * i));
      tellsTwiceTheChangeovers(id, Instant.now().minusSeconds(72_000L * i));
    }
    JsonNode own =
        read(coach.get("/api/review?from=" + now.toLocalDate().minusDays(6))).get("changeovers");
    assertThat(own.get("warmUps").asInt()).isEqualTo(6);
    assertThat(own.get("factor").asDouble()).isBetween(1.3, 2.0);
    assertThat(own.get("isUsed").asBoolean()).isFalse();
    int notYet = changing(prescribed(now.plusDays(1)));
    assertThat(coach.put("/api/own-changeovers", use).statusCode()).isEqualTo(204);
    assertThat(changing(prescribed(now.plusDays(2)))).isGreaterThan(notYet);
    assertThat(coach.delete("/api/own-changeovers").statusCode()).isEqualTo(204);
    // After the same last time as before.
    assertThat(changing(prescribed(now.plusDays(1)))).isEqualTo(notYet);
  }

  private void tellsTwiceTheChangeovers(String id, Instant at) throws Exception {
    String token =
        read(coach.post("/api/prescriptions/" + id + "/hand-over", "")).get("token").asString();
    ObjectNode batch = JSON.createObjectNode();
    batch.put("device", UUID.randomUUID().toString());
    batch.put("run", 1).put("sentAt", at.toEpochMilli()).put("revision", 1);
    int sequence = 0;
    event(batch, ++sequence, at.toEpochMilli(), "BEGUN");
    for (JsonNode item : read(coach.get("/api/prescriptions/" + id)).at("/plan/items")) {
      String key = item.get("id").asString();
      int change = item.get("changeSeconds").asInt();
      if (change > 0) {
        event(batch, ++sequence, at.toEpochMilli(), "CHANGED_OVER")
            .put("item", key)
            .put("seconds", 2 * change);
      }
      event(batch, ++sequence, at.toEpochMilli(), "ITEM_DONE")
          .put("item", key)
          .put("seconds", item.get("seconds").asInt() + change);
    }
    event(batch, ++sequence, at.toEpochMilli(), "ENDED");
    read(new Visitor().post("/api/follow/" + token + "/events", batch.toString()));
  }

  private int changing(String id) throws Exception {
    return read(coach.get("/api/prescriptions/" + id))
        .at("/plan/items")
        .valueStream()
        .mapToInt(i -> i.get("changeSeconds").asInt())
        .sum();
  }

  private static ObjectNode event(ObjectNode batch, int sequence, long at, String kind) {
    return batch
        .withArray("events")
        .addObject()
        .put("sequence", sequence)
        .put("run", 1)
        .put("at", at)
        .put("kind", kind);
  }

  @Test
  void aGroupIsWrittenInOneSweepOrNotAtAll() throws Exception {
    String second = athlete("Odo Invented");
    String session = session(LocalDateTime.now(DUBLIN).minusDays(1), athlete, second);
    List<String> ids = List.of(prescribe(session, athlete), prescribe(session, second));
    String at = "/api/sessions/" + session + "/records";
    ObjectNode sweep = JSON.createObjectNode();
    for (int i = 0; i < 2; i++) {
      ObjectNode one = sweep.withArray("records").addObject().put("prescriptionId", ids.get(i));
      one.putObject("record").put("felt", i == 0 ? 3 : 9);
    }
    HttpResponse<String> refused = coach.post(at, sweep.toString());
    assertThat(field(refused)).isEqualTo("records[1].record.felt");
    assertThat(read(coach.get(at)).valueStream()).noneMatch(r -> r.get("isRecorded").asBoolean());
    ((ObjectNode) sweep.at("/records/1/record")).put("felt", 5);
    assertThat(read(coach.post(at, sweep.toString())).valueStream())
        .allMatch(r -> r.get("isByHand").asBoolean());
    String day = LocalDateTime.now(DUBLIN).minusDays(1).toLocalDate().toString();
    HttpResponse<String> table = coach.get("/api/records.csv?from=%s&until=%s".formatted(day, day));
    assertThat(table.body().lines()).hasSize(3);
    assertThat(table.body()).contains("Odo Invented");
    hasTheFormThatIsPublished(read(coach.get("/api/records.json?from=" + day + "&until=" + day)));
  }

  private void hasTheFormThatIsPublished(JsonNode whole) throws Exception {
    Schema schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(read(coach.get("/api/records.schema.json")));
    assertThat(schema.validate(whole)).isEmpty();
    assertThat(whole.get("records")).hasSize(2);
    assertThat(whole.get("athletes").valueStream().map(JsonNode::asString))
        .containsExactlyInAnyOrder("Tilda Invented", "Odo Invented");
    // Whatever is missing, new or of another kind is seen.
    for (String name : whole.at("/records/0").propertyNames()) {
      JsonNode without = whole.deepCopy();
      ((ObjectNode) without.at("/records/0")).remove(name);
      assertThat(schema.validate(without)).as(name).isNotEmpty();
      ((ObjectNode) without.at("/records/0")).putArray(name).add(-1);
      assertThat(schema.validate(without)).as(name).isNotEmpty();
    }
    JsonNode more = whole.deepCopy();
    ((ObjectNode) more.at("/records/0/items/0")).put("more", 1);
    assertThat(schema.validate(more)).isNotEmpty();
  }

  @Test
  void sixWarmUpsAreARangeAndManyJacketsAShorterRaise() throws Exception {
    LocalDateTime start = LocalDateTime.now(DUBLIN).minusDays(40);
    String last = "";
    int usualRaise = 0;
    for (int i = 0; i < 14; i++) {
      last = prescribed(start.plusDays(i));
      JsonNode plan = read(coach.get("/api/prescriptions/" + last)).get("plan");
      if (i == 0) {
        usualRaise = raise(plan);
      }
      if (i == 5) {
        assertThat(read(coach.get("/api/prescriptions/" + last + "/usual")).get("range").isNull())
            .as("five say nothing")
            .isTrue();
      }
      coach.put(
          "/api/prescriptions/" + last + "/record",
          "{\"jacketOff\":150,\"felt\":4,\"bestEffort\":%d}".formatted(2 + i % 2));
    }
    JsonNode page = read(coach.get("/api/athletes/" + athlete + "/page"));
    assertThat(page.get("records").asInt()).isEqualTo(14);
    assertThat(page.at("/body/moments").asInt()).isEqualTo(14);
    assertThat(page.at("/body/middle").asDouble()).isLessThan(0.9);
    assertThat(page.at("/ranges/0/usual")).isNotEmpty();
    assertThat(page.get("best")).isNotEmpty();
    String next = prescribed(LocalDateTime.now(DUBLIN).plusDays(1));
    JsonNode plan = read(coach.get("/api/prescriptions/" + next)).get("plan");
    assertThat(raise(plan)).isLessThan(usualRaise);
    assertThat(plan.get("why").valueStream())
        .anyMatch(w -> w.asString().contains("the jacket comes off after"));
    assertThat(read(coach.get("/api/prescriptions/" + next + "/usual")).get("range").isNull())
        .isFalse();
  }

  @Test
  void aQuestionIsDrawnOnTheDayAndAnsweredAtItsEnd() throws Exception {
    String ask =
        "{\"sport\":\"RUN\",\"kind\":\"INTERVALS\",\"first\":4,\"second\":2,"
            + "\"measure\":\"FELT\",\"pairs\":1}";
    String at = "/api/athletes/" + athlete + "/questions";
    String question = read(coach.post(at, ask)).get("id").asString();
    assertThat(coach.post(at, ask).statusCode()).as("one at a time").isEqualTo(409);
    assertThat(field(coach.post(at, ask.replace("\"second\":2", "\"second\":4"))))
        .isEqualTo("second");

    String other = ask.replace("INTERVALS", "EASY");
    String easy =
        prescribe(
            session("EASY", "40 min easy", LocalDateTime.now(DUBLIN).minusDays(2), athlete),
            athlete);
    coach.put("/api/prescriptions/" + easy + "/record", "{\"felt\":3}");
    HttpResponse<String> impossible = coach.post(at, other);
    assertThat(field(impossible)).as("an easy run has no graded efforts").isEqualTo("first");
    String tomorrow = prescribed(LocalDateTime.now(DUBLIN).plusDays(1));
    assertThat(read(coach.get("/api/prescriptions/" + tomorrow + "/turn")).get("question").isNull())
        .as("hidden until the day")
        .isTrue();
    assertThat(coach.post("/api/prescriptions/" + tomorrow + "/turn", "").statusCode())
        .isEqualTo(409);
    List<Integer> tried = new ArrayList<>();
    for (int turn = 0; turn < 2; turn++) {
      String today = prescribed(LocalDateTime.now(DUBLIN).toLocalDate().atTime(12, 10 * turn));
      JsonNode taken = read(coach.post("/api/prescriptions/" + today + "/turn", ""));
      assertThat(coach.post("/api/prescriptions/" + today + "/turn", "").statusCode())
          .isEqualTo(409);
      int efforts = taken.at("/taken/" + turn + "/efforts").asInt();
      tried.add(efforts);
      JsonNode record = read(coach.get("/api/prescriptions/" + today + "/record"));
      assertThat(record.at("/planned/efforts").asInt()).isEqualTo(efforts);
      assertThat(read(coach.get(at)).at("/0/answer").isNull()).as("not before its end").isTrue();
      coach.put("/api/prescriptions/" + today + "/record", "{\"felt\":" + (efforts + 1) + "}");
    }
    assertThat(tried).containsExactlyInAnyOrder(4, 2);
    JsonNode answered = read(coach.get(at)).get(0);
    assertThat(answered.at("/answer/mean").asDouble()).isEqualTo(2);
    assertThat(answered.at("/answer/isFound").asBoolean()).as("one pair proves nothing").isFalse();
    assertThat(coach.delete("/api/questions/" + question).statusCode()).isEqualTo(409);
    assertThat(read(coach.get("/api/questions/power")).at("/needed/2/pairs").asInt())
        .isBetween(9, 11);
  }

  @Test
  void aRecordingFromAnotherProgramIsFoundInThePlan() throws Exception {
    LocalDateTime start = LocalDateTime.now(DUBLIN).minusDays(1).withNano(0);
    String id = prescribed(start);
    String gpx = gpx(start.atZone(DUBLIN).toInstant(), 4.0, 4.6);
    assertThat(
            GPX.Reader.DEFAULT
                .read(new ByteArrayInputStream(gpx.getBytes(StandardCharsets.UTF_8)))
                .tracks())
        .as("what is sent is GPX to its writer")
        .hasSize(1);
    String at = "/api/prescriptions/" + id + "/recording";
    JsonNode view = read(coach.post(at, file("run.gpx", "GPX", gpx)));
    assertThat(view.get("gap").asInt()).isBetween(100, 500);
    assertThat(view.get("stretches").valueStream().filter(s -> !s.get("step").isNull()).count())
        .isGreaterThan(6);
    JsonNode record = read(coach.get("/api/prescriptions/" + id + "/record"));
    assertThat(record.at("/results/efforts")).hasSize(5);
    assertThat(record.get("waited")).isEqualTo(view.get("gap"));
    // What a coach says otherwise counts: here that all but one effort of the session was rest.
    int last = view.get("seconds").asInt();
    String rest = "{\"begins\":[0,%d],\"stepOf\":[-1,%d]}";
    int step = view.get("steps").size() - 1;
    JsonNode arranged = read(coach.put(at, rest.formatted(last - 60, step)));
    assertThat(arranged.get("gap").isNull()).isTrue();
    assertThat(arranged.get("stretches")).hasSize(2);
    assertThat(arranged.get("isByHand").asBoolean()).isTrue();
    assertThat(read(coach.get(at)).get("recording")).isEqualTo(arranged);
    assertThat(field(coach.put(at, rest.formatted(0, step)))).isEqualTo("begins[1]");
    assertThat(field(coach.put(at, rest.formatted(last, step)))).isEqualTo("begins[1]");
    assertThat(field(coach.put(at, rest.formatted(9, step + 1)))).isEqualTo("stepOf[1]");
    assertThat(field(coach.put(at, "{\"begins\":[0],\"stepOf\":[]}"))).isEqualTo("stepOf");
    assertThat(read(coach.delete(at + "/arrangement"))).isEqualTo(view);
    assertThat(coach.delete(at).statusCode()).isEqualTo(204);
    assertThat(read(coach.get(at)).get("recording").isNull()).isTrue();
  }

  @Test
  void tablesAreReadWithColumnsThatAreRemembered() throws Exception {
    String id = prescribed(LocalDateTime.now(DUBLIN).minusDays(1));
    StringBuilder table = new StringBuilder("t,effort,pulse\n");
    for (int s = -1200; s < 600; s++) {
      table.append(s).append(',').append(s < 0 ? 150 : 250).append(",140\n");
    }
    String at = "/api/prescriptions/" + id + "/recording";
    assertThat(field(coach.post(at, file("t.csv", "CSV", table.toString()))))
        .isEqualTo("files[0].columns");
    ObjectNode told = (ObjectNode) JSON.readTree(file("t.csv", "CSV", table.toString()));
    ((ObjectNode) told.at("/files/0"))
        .putObject("columns")
        .put("time", "t")
        .put("power", "effort")
        .put("heart", "pulse");
    JsonNode view = read(coach.post(at, told.toString()));
    assertThat(view.get("measure").asString()).isEqualTo("POWER");
    assertThat(view.get("beginsBefore").asInt()).isEqualTo(1200);
    coach.delete(at);
    assertThat(coach.post(at, file("t.csv", "CSV", table.toString())).statusCode())
        .as("remembered")
        .isEqualTo(200);
  }

  @Test
  void whatIsNoRecordingOfThisIsSaidAndNothingIsKept() throws Exception {
    LocalDateTime start = LocalDateTime.now(DUBLIN).minusDays(1).withNano(0);
    String id = prescribed(start);
    Instant at = start.atZone(DUBLIN).toInstant();
    String path = "/api/prescriptions/" + id + "/recording";
    String good = gpx(at, 4.0, 4.6);
    String bomb =
        "<?xml version=\"1.0\"?><!DOCTYPE gpx [<!ENTITY a \"ha\"><!ENTITY b \"&a;&a;&a;\">]>"
            + "<gpx><trk><name>&b;</name></trk></gpx>";
    String deep = "<gpx><trk>" + "<x>".repeat(100) + "</x>".repeat(100) + "</trk></gpx>";
    String tcx =
        "<TrainingCenterDatabase><Activities><Activity Sport=\"Biking\"><Lap><Track>"
            + "<Trackpoint><Time>"
            + at
            + "</Time></Trackpoint><Trackpoint><Time>"
            + at.plusSeconds(1)
            + "</Time></Trackpoint></Track></Lap></Activity></Activities></TrainingCenterDatabase>";
    Map<String, String> refused =
        Map.of(
            file("day.gpx", "GPX", gpx(at.minusSeconds(90_000), 4, 4.6)),
            "a recording of",
            file("bomb.gpx", "GPX", bomb),
            "document type",
            file("deep.gpx", "GPX", deep),
            "too deep",
            file("bike.tcx", "TCX", tcx),
            "another sport",
            file("cut.gpx", "GPX", good.substring(0, 500)),
            "not well-formed",
            file("back.gpx", "GPX", backward(good)),
            "backward",
            file("none.gpx", "GPX", "<gpx/>"),
            "no track",
            "{\"files\":[" + inner("a.gpx", good) + "," + inner("b.gpx", "<x/>") + "]}",
            "files[1]");
    for (Map.Entry<String, String> entry : refused.entrySet()) {
      HttpResponse<String> answer = coach.post(path, entry.getKey());
      assertThat(answer.statusCode()).as(entry.getValue()).isEqualTo(422);
      assertThat(answer.body()).contains(entry.getValue());
      assertThat(read(coach.get(path)).get("recording").isNull()).isTrue();
    }
    assertThat(coach.post(path, file("a.gpx", "GPX", "x".repeat(5_300_000))).statusCode())
        .isEqualTo(413);
    assertThat(coach.post(path, file("a.gpx", "GPX", good)).statusCode()).isEqualTo(200);
    HttpResponse<String> twice =
        coach.post(
            "/api/prescriptions/" + prescribed(start) + "/recording", file("b.gpx", "GPX", good));
    assertThat(twice.statusCode()).isEqualTo(409);
    assertThat(twice.body()).contains("Tilda Invented");
    // Three hours at the café with the watch running.
    coach.delete(path);
    StringBuilder cafe = new StringBuilder("s,speed\n");
    for (int s = -1500; s < 12_000; s++) {
      cafe.append(s).append(',').append(s < 900 ? 3.4 : 0.05).append('\n');
    }
    ObjectNode table = (ObjectNode) JSON.readTree(file("c.csv", "CSV", cafe.toString()));
    ((ObjectNode) table.at("/files/0")).putObject("columns").put("time", "s").put("speed", "speed");
    assertThat(read(coach.post(path, table.toString())).get("notes").valueStream())
        .anyMatch(n -> n.asString().contains("Standing for 185 min"));
    // Another one's efforts are told as such, not refused.
    coach.delete(path);
    JsonNode odd = read(coach.post(path, file("c.gpx", "GPX", gpx(at, 2.0, 2.2))));
    assertThat(odd.get("notes")).isNotEmpty();
  }

  /** Twenty minutes of warming up, five efforts: by another library. */
  private static String gpx(Instant start, double build, double rep) throws Exception {
    List<WayPoint> points = new ArrayList<>();
    double latitude = 53.3;
    for (int s = -1200; s < 1500; s++) {
      double speed;
      if (s < -240) {
        speed = s < -700 ? 2.7 : (s / 20 % 4 == 0 ? build : 1.5);
      } else if (s < 0) {
        speed = 0.3;
      } else {
        speed = s % 300 < 210 ? rep : 2.0;
      }
      latitude += speed / 111_195;
      points.add(
          WayPoint.builder()
              .lat(latitude)
              .lon(-6.2)
              .ele(Length.of(10, Length.Unit.METER))
              .time(start.plusSeconds(s))
              .build());
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    GPX.Writer.DEFAULT.write(
        GPX.builder().addTrack(t -> t.addSegment(g -> g.points(points))).build(), out);
    return out.toString(StandardCharsets.UTF_8);
  }

  private static String backward(String gpx) {
    int first = gpx.indexOf("<time>") + 6;
    int end = gpx.indexOf("</time>", first);
    String time = gpx.substring(first, end);
    Instant late = OffsetDateTime.parse(time).toInstant().plusSeconds(600);
    return gpx.substring(0, first) + late + gpx.substring(end);
  }

  private static String file(String name, String format, String text) {
    return "{\"files\":["
        + JSON.createObjectNode().put("name", name).put("format", format).put("text", text)
        + "]}";
  }

  private static String inner(String name, String text) {
    return JSON.createObjectNode()
        .put("name", name)
        .put("format", "GPX")
        .put("text", text)
        .toString();
  }

  private static int raise(JsonNode plan) {
    return plan.get("items")
        .valueStream()
        .filter(i -> i.get("block").asString().equals("RAISE"))
        .mapToInt(i -> i.get("seconds").asInt())
        .sum();
  }

  private static String item(JsonNode record, String block) {
    return record
        .get("items")
        .valueStream()
        .filter(i -> i.get("block").asString().equals(block))
        .findFirst()
        .orElseThrow()
        .get("id")
        .asString();
  }

  private String athlete(String name) throws Exception {
    return read(coach.post(
            "/api/athletes",
            """
                {"name":"%s","sport":"RUN","level":"INTERMEDIATE","age":28,"deconditioned":false,
                 "results":[{"kind":"RUN_RACE","metres":5000,"seconds":1200}]}"""
                .formatted(name)))
        .get("id")
        .asString();
  }

  private String session(LocalDateTime at, String... athletes) throws Exception {
    return session("INTERVALS", "5 x 1 km @ 5k, 90 s jog", at, athletes);
  }

  private String session(String kind, String title, LocalDateTime at, String... athletes)
      throws Exception {
    ObjectNode session =
        (ObjectNode)
            JSON.readTree(
                """
                {"sport":"RUN","place":"TRACK","minutes":35,"temperature":12,"comingFrom":"MOVING"}""");
    session.put("startsAt", at.withNano(0).toString()).put("kind", kind).put("title", title);
    for (String one : athletes) {
      session.withArray("athleteIds").add(one);
    }
    return read(coach.post("/api/sessions", session.toString())).get("id").asString();
  }

  private String prescribe(String session, String whom) throws Exception {
    return read(coach.post(
            "/api/prescriptions",
            "{\"sessionId\":\"%s\",\"athleteId\":\"%s\"}".formatted(session, whom)))
        .get("id")
        .asString();
  }

  private String prescribed(LocalDateTime at) throws Exception {
    return prescribe(session(at, athlete), athlete);
  }

  private static JsonNode read(HttpResponse<String> answer) {
    assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 299);
    return JSON.readTree(answer.body());
  }

  private static String field(HttpResponse<String> answer) {
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
    return JSON.readTree(answer.body()).at("/errors/0/field").asString();
  }
}
