package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Training blocks over HTTP, prescribed in the background, on a real PostgreSQL. */
@ExtendWith(RunningServer.class)
class BlockApiTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** A Monday to come, so that nothing of a block is over. */
  private static final LocalDate START =
      LocalDate.of(2096, 1, 1).with(TemporalAdjusters.next(DayOfWeek.MONDAY));

  private static int athletes;

  private Visitor coach;

  @BeforeEach
  void signIn() throws Exception {
    coach = new Visitor().signedIn();
  }

  @Test
  void everyAthleteAndSessionGetsAWarmUpAndAgainChangesNothing() throws Exception {
    JsonNode block = created(definition(2, 3));
    assertThat(block.at("/weeks").size()).isEqualTo(3);
    List<JsonNode> warmUps = warmUps(block);
    // Two athletes, two sessions a week, three weeks to a Saturday.
    assertThat(warmUps).hasSize(12);
    for (JsonNode warmUp : warmUps) {
      assertThat(warmUp.get("seconds").asInt()).isBetween(180, 35 * 60);
      assertThat(revision(warmUp)).isEqualTo(1);
    }
    JsonNode again = done(coach.post(path(block, "/compile"), ""));
    assertThat(warmUps(again)).extracting(this::revision).containsOnly(1);
  }

  @Test
  void whatACoachChangedIsNeverOverwritten() throws Exception {
    JsonNode block = created(definition(1, 3));
    JsonNode first = warmUps(block).get(1);
    String id = first.get("prescriptionId").asString();
    JsonNode plan = JSON.readTree(coach.get("/api/prescriptions/" + id).body());
    String item = plan.at("/plan/items/2/id").asString();
    String edit =
        "{\"baseRevision\":1,\"edit\":{\"action\":\"REMOVE\",\"itemId\":\"" + item + "\"}}";
    coach.post("/api/prescriptions/" + id + "/edits", edit);
    String before = coach.get("/api/prescriptions/" + id).body();

    ObjectNode ill = (ObjectNode) block.get("definition");
    ill.withArray("/interruptions")
        .addObject()
        .put("athleteId", block.at("/athletes/0/id").asString())
        .put("kind", "PAIN")
        .put("region", "ACHILLES")
        .put("from", START.toString())
        .put("until", START.plusDays(9).toString());
    JsonNode after = changed(block, ill);
    assertThat(coach.get("/api/prescriptions/" + id).body()).isEqualTo(before);
    List<JsonNode> all = warmUps(after);
    assertThat(all.get(1).get("kept").asBoolean()).isTrue();
    // The others took the pain up.
    assertThat(all.get(2).get("contacts").asInt()).isZero();
    assertThat(revision(all.get(2))).isEqualTo(2);
  }

  @Test
  void aChangeIsOneStepThatIsPreviewedUndoneAndRedone() throws Exception {
    JsonNode block = created(definition(1, 4));
    ObjectNode shorter = (ObjectNode) block.get("definition").deepCopy();
    shorter.put("race", START.plusDays(19).toString());
    JsonNode preview = JSON.readTree(coach.post(path(block, "/preview"), "" + shorter).body());
    assertThat(preview.at("/sessions/0").asString()).contains("The race moves");
    assertThat(preview.at("/athletes").size()).isEqualTo(1);
    assertThat(warmUps(fetched(block))).hasSize(8);

    JsonNode moved = changed(block, shorter);
    assertThat(warmUps(moved)).hasSize(6);
    HttpResponse<String> late = coach.put(path(block, ""), change(block, shorter));
    assertThat(late.statusCode()).isEqualTo(409);
    JsonNode undone =
        done(coach.post(path(block, "/undo?baseRevision=" + moved.get("revision").asInt()), ""));
    assertThat(warmUps(undone)).hasSize(8);
    JsonNode redone =
        done(coach.post(path(block, "/redo?baseRevision=" + undone.get("revision").asInt()), ""));
    assertThat(warmUps(redone)).hasSize(6);
  }

  /**
   * A squad of 200 for 25 weeks: answers of bounded length, each athlete in exactly one of them.
   */
  @Test
  void aPreviewOfALargeSquadComesInTurns() throws Exception {
    Visitor coach = Squads.coachOf("Previewed");
    String path = "/api/blocks/" + Squads.block(coach, 200, "2041-06-30");
    coach.post(path + "/cancel", "");
    ObjectNode later =
        ((ObjectNode) JSON.readTree(coach.get(path).body()).get("definition"))
            .put("race", "2041-06-23");
    Set<String> seen = new HashSet<>();
    int done = 0;
    int answers = 0;
    double longest = 0;
    while (done < 200) {
      long before = System.nanoTime();
      HttpResponse<String> answer = coach.post(path + "/preview?from=" + done, "" + later);
      longest = Math.max(longest, (System.nanoTime() - before) / 1e6);
      assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
      JsonNode preview = JSON.readTree(answer.body());
      assertThat(preview.get("total").asInt()).isEqualTo(200);
      assertThat(preview.get("done").asInt()).isGreaterThan(done);
      done = preview.get("done").asInt();
      preview.get("athletes").forEach(a -> assertThat(seen.add(a.get("id").asString())).isTrue());
      answers++;
    }
    assertThat(seen).hasSize(200);
    System.out.printf(
        "a preview for 200 athletes: %d answers, longest %.0f ms%n", answers, longest);
    HttpResponse<String> beyond = coach.post(path + "/preview?from=201", "" + later);
    assertThat(beyond.statusCode()).isEqualTo(422);
    assertThat(beyond.body()).contains("0 to 200");
  }

  /** Changes come quicker than they are prescribed; the last one counts, and nothing fails. */
  @Test
  void aChangeWhileWarmUpsAreBeingMadeOvertakesThem() throws Exception {
    JsonNode block = JSON.readTree(coach.post("/api/blocks", "" + definition(3, 4)).body());
    for (int weeks = 5; weeks <= 7; weeks++) {
      ObjectNode longer = (ObjectNode) block.get("definition");
      longer.put("race", START.plusWeeks(weeks - 1L).plusDays(5).toString());
      block = JSON.readTree(coach.put(path(block, ""), change(block, longer)).body());
    }
    JsonNode done = done(coach.get(path(block, "")));
    assertThat(warmUps(done)).hasSize(3 * 7 * 2);
    assertThat(done.at("/compilation/done").asInt()).isEqualTo(3);
  }

  /** Whoever edits while the block is prescribed anew keeps the edit, or is told of a conflict. */
  @Test
  void anEditWhileWarmUpsAreBeingMadeIsNeverOverwritten() throws Exception {
    JsonNode block = created(definition(2, 8));
    List<JsonNode> before = warmUps(block);
    ObjectNode ill = (ObjectNode) block.get("definition");
    for (JsonNode athlete : block.get("athletes")) {
      ill.withArray("/interruptions")
          .addObject()
          .put("athleteId", athlete.get("id").asString())
          .put("kind", "PAIN")
          .put("region", "ACHILLES")
          .put("from", START.toString())
          .put("until", START.plusWeeks(8).minusDays(2).toString());
    }
    assertThat(coach.put(path(block, ""), change(block, ill)).statusCode()).isEqualTo(200);
    Map<String, String> removed = new HashMap<>();
    for (JsonNode warmUp : before) {
      String id = warmUp.get("prescriptionId").asString();
      JsonNode plan = JSON.readTree(coach.get("/api/prescriptions/" + id).body());
      String item = plan.at("/plan/items/1/id").asString();
      String edit =
          "{\"baseRevision\":%d,\"edit\":{\"action\":\"REMOVE\",\"itemId\":\"%s\"}}"
              .formatted(plan.get("revision").asInt(), item);
      HttpResponse<String> answer = coach.post("/api/prescriptions/" + id + "/edits", edit);
      assertThat(answer.statusCode()).as(answer.body()).isIn(200, 409);
      if (answer.statusCode() == 200) {
        removed.put(id, answer.body());
      }
    }
    done(coach.get(path(block, "")));
    assertThat(removed).isNotEmpty();
    for (Map.Entry<String, String> one : removed.entrySet()) {
      assertThat(coach.get("/api/prescriptions/" + one.getKey()).body()).isEqualTo(one.getValue());
    }
  }

  /**
   * On the day of the race nobody warms up for six times a kilometre; a coach may say otherwise.
   */
  @Test
  void theDayOfTheRaceHasTheRacesWarmUp() throws Exception {
    ObjectNode definition = definition(1, 4);
    LocalDate race = START.plusWeeks(3).plusDays(3);
    LocalDate another = START.plusWeeks(1).plusDays(3);
    definition.put("race", race.toString()).putArray("otherRaces").add(another.toString());
    JsonNode block = created(definition);
    for (LocalDate day : new LocalDate[] {race, another}) {
      JsonNode warmUp = on(block, day);
      assertThat(warmUp.get("kind").asString()).isEqualTo("TIME_TRIAL");
      assertThat(warmUp.get("title").asString()).isEqualTo("race");
    }
    assertThat(on(block, race.minusWeeks(1)).get("kind").asString()).isEqualTo("INTERVALS");
    ObjectNode other = (ObjectNode) block.get("definition");
    other
        .withArray("/exceptions")
        .addObject()
        .put("key", "THURSDAY")
        .put("date", race.toString())
        .put("shorthand", "3 km time trial");
    assertThat(on(changed(block, other), race).get("title").asString())
        .isEqualTo("3 km time trial");
  }

  /** What was frozen for races is what the race has; other weeks stay as they are. */
  @Test
  void theRaceHasTheWarmUpThatWasFrozenForRaces() throws Exception {
    ObjectNode definition = definition(1, 4);
    LocalDate race = START.plusWeeks(3).plusDays(3);
    JsonNode block = created(definition.put("race", race.toString()));
    String athlete = block.at("/athletes/0/id").asString();
    ObjectNode trial =
        JSON.createObjectNode()
            .put("startsAt", LocalDate.now(ZoneOffset.UTC).minusDays(30) + "T17:30:00")
            .put("sport", "RUN")
            .put("kind", "TIME_TRIAL")
            .put("title", "3 km time trial")
            .put("place", "TRACK")
            .put("minutes", 35)
            .put("temperature", 12)
            .put("comingFrom", "MOVING");
    trial.putArray("athleteIds").add(athlete);
    String session =
        JSON.readTree(coach.post("/api/sessions", "" + trial).body()).get("id").asString();
    ObjectNode asked = JSON.createObjectNode().put("sessionId", session).put("athleteId", athlete);
    JsonNode old = JSON.readTree(coach.post("/api/prescriptions", "" + asked).body());
    String id = old.get("id").asString();
    String drill =
        old.at("/plan/items")
            .valueStream()
            .filter(i -> i.get("block").asString().equals("MOBILISE"))
            .map(i -> i.get("id").asString())
            .findFirst()
            .orElseThrow();
    coach.post(
        "/api/prescriptions/" + id + "/edits",
        "{\"baseRevision\":1,\"edit\":{\"action\":\"REMOVE\",\"itemId\":\"" + drill + "\"}}");
    coach.put("/api/prescriptions/" + id + "/record", "{\"felt\":5}");
    String freeze = "{\"sport\":\"RUN\",\"name\":\"The good day\"}";
    assertThat(coach.post("/api/athletes/" + athlete + "/race-routines", freeze).statusCode())
        .isEqualTo(200);

    JsonNode again = done(coach.post(path(block, "/compile"), ""));
    JsonNode rehearsed = on(again, race);
    assertThat(rehearsed.at("/changes/0").asString()).contains("The good day");
    assertThat(drills(rehearsed.get("prescriptionId").asString())).isEqualTo(drills(id));
    assertThat(on(again, race.minusWeeks(2))).isEqualTo(on(block, race.minusWeeks(2)));
  }

  private Set<String> drills(String prescription) throws Exception {
    return JSON.readTree(coach.get("/api/prescriptions/" + prescription).body())
        .at("/plan/items")
        .valueStream()
        .filter(i -> Set.of("MOBILISE", "ACTIVATE", "DRILL").contains(i.get("block").asString()))
        .map(i -> i.get("drillId").asString())
        .collect(Collectors.toSet());
  }

  private static JsonNode on(JsonNode block, LocalDate day) {
    return warmUps(block).stream()
        .filter(w -> w.get("date").asString().equals(day.toString()))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void workIsStoppedAndGoneOnWith() throws Exception {
    JsonNode block = JSON.readTree(coach.post("/api/blocks", "" + definition(4, 12)).body());
    JsonNode stopped = JSON.readTree(coach.post(path(block, "/cancel"), "").body());
    assertThat(stopped.at("/compilation/state").asString()).isEqualTo("CANCELLED");
    assertThat(warmUps(done(coach.post(path(block, "/compile"), "")))).hasSize(4 * 12 * 2);
  }

  @Test
  void anAthleteWhoJoinsLaterBeginsThen() throws Exception {
    ObjectNode definition = definition(2, 4);
    definition
        .withArray("/members")
        .addObject()
        .put("athleteId", definition.at("/groups/0/athleteIds/1").asString())
        .put("joins", START.plusWeeks(2).toString());
    JsonNode block = created(definition);
    assertThat(block.at("/athletes/0/weeks").size()).isEqualTo(4);
    assertThat(block.at("/athletes/1/weeks").size()).isEqualTo(2);
    assertThat(block.at("/athletes/1/weeks/0/changes/0/kind").asString()).isEqualTo("START");
    assertThat(block.at("/athletes/1/warmUps").size()).isEqualTo(4);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "race | 2020-01-01 | race | a day after the start",
        "race | 2199-01-01 | weeks | 2 to 26 weeks",
        "name | '' | name | 1 to 80 characters"
      })
  void whatCannotBeLaidOutIsRefusedByName(String field, String value, String named, String accepted)
      throws Exception {
    ObjectNode definition = definition(1, 3).put(field, value);
    assertRefused(definition, named, accepted);
  }

  @Test
  void faultsOfTheWeekAreRefusedWithTheirPlace() throws Exception {
    ObjectNode misread = definition(1, 3);
    ((ObjectNode) misread.at("/pattern/1")).put("shorthand", "3 x 10 min threshhold / 3 min");
    assertRefused(misread, "pattern[1].shorthand", "threshold");
    ObjectNode endless = definition(1, 3);
    ((ObjectNode) endless.at("/pattern/1")).put("minutes", 500);
    assertRefused(endless, "pattern[1].minutes", "3 to 90 min");
    ObjectNode nowhere = definition(1, 3);
    ((ObjectNode) nowhere.at("/pattern/1")).remove("place");
    assertRefused(nowhere, "pattern[1].place", "a value");
    ObjectNode unknown = definition(1, 3);
    unknown
        .withArray("/progressions")
        .addObject()
        .put("athleteId", unknown.at("/groups/0/athleteIds/0").asString())
        .put("ladder", "x")
        .put("step", 2)
        .put("firstDay", "" + START);
    assertRefused(unknown, "progressions[0].ladder", "the id of a ladder");
    for (String part :
        List.of("place", "comingFrom", "group", "shorthand", "sport", "day", "time")) {
      ObjectNode without = definition(1, 3);
      ((ObjectNode) without.at("/pattern/1")).putNull(part);
      assertRefused(without, "pattern[1]." + part, "a value");
    }
    ObjectNode stranger = definition(1, 3);
    ((ObjectNode) stranger.at("/pattern/0")).put("group", "Nobody");
    assertRefused(stranger, "pattern[0].group", "one of Squad");
    ObjectNode overlapping = definition(1, 3);
    created(overlapping);
    assertRefused(overlapping, "groups", "who are not in Spring");
  }

  private void assertRefused(ObjectNode definition, String field, String accepted)
      throws Exception {
    HttpResponse<String> answer = coach.post("/api/blocks", "" + definition);
    assertThat(answer.statusCode()).isEqualTo(422);
    JsonNode error = JSON.readTree(answer.body()).at("/errors/0");
    assertThat(error.get("field").asString()).isEqualTo(field);
    assertThat(error.get("accepted").asString()).contains(accepted);
  }

  @Test
  void aFileIsTakenInWholeOrNotAtAllAndAgainOnlyChanges() throws Exception {
    JsonNode block = created(definition(1, 3));
    String good = "id,date,time,group,session,minutes\n" + "t1," + START.plusDays(3);
    String faulty =
        good
            + ",07:00,Squad,\"6 x 1000 @ 5k, 90 s jog\",25\n"
            + "t2,7.12.2026,07:00,Squad,easy 40 min,\n"
            + "t3,"
            + START.plusDays(4)
            + ",07:00,Nobody,easy 40 min,\n";
    JsonNode understood =
        JSON.readTree(coach.post(path(block, "/import/preview"), file(faulty)).body());
    assertThat(understood.get("faulty").asInt()).isEqualTo(2);
    assertThat(understood.at("/lines/0/understood").asString())
        .isEqualTo("6 x 1000 m @ 5 km pace / 90 s jog");
    assertThat(understood.at("/lines/1/fault").asString()).contains("2026-12-07");
    assertThat(understood.at("/lines/2/fault").asString()).contains("must be Squad");
    assertThat(coach.post(path(block, "/import"), file(faulty)).statusCode()).isEqualTo(422);
    assertThat(warmUps(fetched(block))).hasSize(6);

    String first = good + ",07:00,Squad,\"6 x 1000 @ 5k, 90 s jog\",25\n";
    assertThat(warmUps(done(coach.post(path(block, "/import"), file(first))))).hasSize(7);
    String second = good + ",08:00,Squad,easy 40 min,10\n";
    JsonNode again = done(coach.post(path(block, "/import"), file(second)));
    assertThat(warmUps(again)).hasSize(7);
    assertThat(warmUps(again)).anyMatch(w -> w.get("title").asString().equals("easy 40 min"));

    // What is written is read as the same sessions.
    String table = coach.get(path(block, "/sessions.csv")).body();
    JsonNode same = JSON.readTree(coach.post(path(block, "/import/preview"), file(table)).body());
    assertThat(same.get("lines").size()).isEqualTo(7);
    assertThat(same.get("lines")).allMatch(l -> l.get("outcome").asString().equals("SAME"));

    HttpResponse<String> calendar = coach.get(path(block, "/sessions.ics"));
    assertThat(calendar.headers().firstValue("Content-Type").orElse("")).contains("text/calendar");
    String events =
        "" + JSON.createObjectNode().put("format", "ICALENDAR").put("text", calendar.body());
    JsonNode read = JSON.readTree(coach.post(path(block, "/import/preview"), events).body());
    assertThat(read.get("lines").size()).isEqualTo(7);
    assertThat(read.get("lines")).allMatch(l -> l.get("outcome").asString().equals("SAME"));

    // The warm-ups are in both files: when they begin, where, how long and what is done.
    assertThat(calendar.body().replace("\r\n ", ""))
        .contains("SUMMARY:Warm-up: ", "LOCATION:track", "UID:warm-up-", "T−");
    HttpResponse<String> items = coach.get(path(block, "/warm-ups.csv"));
    assertThat(items.statusCode()).isEqualTo(200);
    List<String> lines = items.body().lines().toList();
    assertThat(lines.get(0)).startsWith("date,start,group,session,place,athlete,begins");
    assertThat(lines.size()).isGreaterThan(7 * 4);
    assertThat(lines).anyMatch(l -> l.contains(",raise,") && l.contains(",track,"));
  }

  @Test
  void aFileBringsBackSessionsThatWereTakenAway() throws Exception {
    JsonNode block = created(definition(1, 3));
    String table = coach.get(path(block, "/sessions.csv")).body();
    ObjectNode fewer = (ObjectNode) block.get("definition");
    fewer.withArray("/pattern").remove(1);
    JsonNode changed = changed(block, fewer);
    assertThat(warmUps(changed)).hasSize(3);
    JsonNode understood =
        JSON.readTree(coach.post(path(block, "/import/preview"), file(table)).body());
    assertThat(understood.get("lines"))
        .extracting(l -> l.get("outcome").asString())
        .containsOnly("SAME", "NEW");
    assertThat(warmUps(done(coach.post(path(block, "/import"), file(table))))).hasSize(6);
    assertThat(warmUps(done(coach.post(path(block, "/import"), file(table))))).hasSize(6);
  }

  @Test
  void undoDoesNotTakeAnAthleteOutOfAnotherBlock() throws Exception {
    JsonNode both = created(definition(2, 3));
    ObjectNode one = (ObjectNode) both.get("definition").deepCopy();
    ArrayNode ids = one.withArray("/groups/0/athleteIds");
    String left = ids.remove(1).asString();
    JsonNode alone = changed(both, one);
    ObjectNode other = definition(1, 3);
    other.put("name", "Elsewhere");
    other.withArray("/groups/0/athleteIds").removeAll().add(left);
    created(other);
    HttpResponse<String> undone =
        coach.post(path(both, "/undo?baseRevision=" + alone.get("revision").asInt()), "");
    assertThat(undone.statusCode()).isEqualTo(422);
    assertThat(undone.body()).contains("groups", "who are not in Elsewhere");
    assertThat(fetched(both).get("revision")).isEqualTo(alone.get("revision"));
  }

  @Test
  void filesWithOtherColumnsOrFarTooMuchAreRefused() throws Exception {
    JsonNode block = created(definition(1, 3));
    assertThat(coach.post(path(block, "/import"), file("day,what\nMon,easy\n")).body())
        .contains("columns", "date, time, session are needed");
    StringBuilder endless = new StringBuilder("date,time,session\n");
    for (int i = 0; i < 2001; i++) {
      endless.append(START).append(",07:00,easy 40 min\n");
    }
    assertThat(coach.post(path(block, "/import"), file("" + endless)).body())
        .contains("at most 1000 sessions");
  }

  @Test
  void theSquadSheetLaysVersionsSideBySide() throws Exception {
    JsonNode block = created(definition(2, 3));
    String session = warmUps(block).get(1).get("sessionId").asString();
    JsonNode sheet = JSON.readTree(coach.get("/api/sessions/" + session + "/sheet").body());
    assertThat(sheet.get("columns").size()).isEqualTo(2);
    Map<String, Integer> cells = new HashMap<>();
    for (JsonNode row : sheet.get("rows")) {
      assertThat(row.get("cells").size()).isEqualTo(2);
      row.get("cells").forEach(c -> cells.merge(c.get("name").asString(), 1, Integer::sum));
    }
    // Alike athletes, so that nothing stands in two rows.
    assertThat(cells).doesNotContainKey("");
  }

  @Test
  void blocksOfOthersAreNotThere() throws Exception {
    JsonNode block = created(definition(1, 3));
    assertThat(new Visitor().get(path(block, "")).statusCode()).isEqualTo(401);
    assertThat(coach.get("/api/blocks/00000000-0000-0000-0000-000000000000").statusCode())
        .isEqualTo(404);
  }

  private static String file(String text) {
    return "" + JSON.createObjectNode().put("format", "CSV").put("text", text);
  }

  private static String path(JsonNode block, String rest) {
    return "/api/blocks/" + block.get("id").asString() + rest;
  }

  private static String change(JsonNode block, JsonNode definition) {
    return ""
        + JSON.createObjectNode()
            .put("baseRevision", block.get("revision").asInt())
            .put("edit", "Changed")
            .set("definition", definition);
  }

  private JsonNode changed(JsonNode block, JsonNode definition) throws Exception {
    return done(coach.put(path(block, ""), change(block, definition)));
  }

  private JsonNode created(JsonNode definition) throws Exception {
    return done(coach.post("/api/blocks", "" + definition));
  }

  private JsonNode fetched(JsonNode block) throws Exception {
    return JSON.readTree(coach.get(path(block, "")).body());
  }

  /** The block when all is prescribed. */
  private JsonNode done(HttpResponse<String> answer) throws Exception {
    assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 201);
    JsonNode block = JSON.readTree(answer.body());
    for (int i = 0; i < 300; i++) {
      block = fetched(block);
      String state = block.at("/compilation/state").asString();
      if (!state.equals("RUNNING")) {
        assertThat(state).as(block.at("/compilation/message").asString()).isEqualTo("DONE");
        return block;
      }
      Thread.sleep(100);
    }
    throw new AssertionError("not prescribed within half a minute");
  }

  private static List<JsonNode> warmUps(JsonNode block) {
    List<JsonNode> all = new ArrayList<>();
    block.get("athletes").forEach(a -> a.get("warmUps").forEach(all::add));
    return all;
  }

  private int revision(JsonNode warmUp) {
    try {
      String id = warmUp.get("prescriptionId").asString();
      return JSON.readTree(coach.get("/api/prescriptions/" + id).body()).get("revision").asInt();
    } catch (Exception e) {
      throw new AssertionError(e);
    }
  }

  /** Runners of their own, two sessions a week, to a Saturday. */
  private ObjectNode definition(int size, int weeks) throws Exception {
    ObjectNode definition = JSON.createObjectNode();
    definition.put("name", "Spring").put("start", START.toString());
    definition.put("race", START.plusWeeks(weeks - 1L).plusDays(5).toString());
    ArrayNode ids =
        definition.withArray("/groups").addObject().put("name", "Squad").putArray("athleteIds");
    for (int i = 0; i < size; i++) {
      String athlete =
          "{\"name\":\"Runner "
              + athletes++
              + "\",\"sport\":\"RUN\",\"level\":\"INTERMEDIATE\",\"age\":30,\"results\":[],"
              + "\"restrictions\":[],\"contraindications\":[],\"deconditioned\":false,\"mastery\":{}}";
      ids.add(JSON.readTree(coach.post("/api/athletes", athlete).body()).get("id").asString());
    }
    for (String[] session :
        new String[][] {{"TUESDAY", "easy 40 min"}, {"THURSDAY", "6 x 1000 @ 5k, 90 s jog"}}) {
      definition
          .withArray("/pattern")
          .addObject()
          .put("key", session[0])
          .put("day", session[0])
          .put("time", "18:00")
          .put("group", "Squad")
          .put("sport", "RUN")
          .put("shorthand", session[1])
          .put("place", "TRACK")
          .put("minutes", 35)
          .put("temperature", 12)
          .put("comingFrom", "DESK");
    }
    return definition;
  }
}
