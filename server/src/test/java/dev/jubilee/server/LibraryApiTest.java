package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.library.LibraryReader;
import dev.jubilee.server.RunningServer.Visitor;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Own drills, approach, routines and revisions over HTTP. */
@ExtendWith(RunningServer.class)
class LibraryApiTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private static final String OWN =
      """
      [{"id": "%s", "name": "Lakeside lunge", "block": "mobilise", "suits": {"run": 3, "row": 3},
        "position": "standing", "effort": 24, "regions": {"hip-flexors": 2},
        "dose": {"reps": 8, "range": [4, 12], "tempo": 2},
        "steps": ["Lunge."], "cues": ["tall"], "fault": "Leaning; stand up."}]""";

  private Visitor coach;

  @BeforeEach
  void signIn() throws Exception {
    coach = new Visitor().signedIn();
  }

  /**
   * What is taken out is what was in, and keeps to the schema that is served. Only a role stays
   * behind: the library that ships gives it, and no entry can claim it.
   */
  @Test
  void theExportIsTheLibraryAndKeepsToItsSchema() throws Exception {
    String exported = coach.get("/api/library/export?own=false").body();
    DrillLibrary again = LibraryReader.part("export", exported);
    DrillLibrary builtIn = BuiltInLibrary.get();
    for (Drill drill : builtIn.drills()) {
      Drill read = again.require(drill.id());
      assertThat(read.role()).isEmpty();
      assertThat(drill.role().map(read::with).orElse(read)).isEqualTo(drill);
    }
    Schema schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(coach.get("/drill-library.schema.json").body());
    assertThat(schema.validate(exported, InputFormat.JSON)).isEmpty();
    assertThat(schema.validate(OWN.formatted("Bad Id"), InputFormat.JSON)).isNotEmpty();
  }

  @Test
  void aFaultyImportIsRefusedWholeWithEveryFaultByLine() throws Exception {
    String faulty =
        """
        [{"id": "good-one", "name": "Good", "block": "mobilise", "suits": {"run": 2},
          "position": "standing", "effort": 20, "regions": {"hips": 2},
          "dose": {"reps": 8, "range": [4, 12], "tempo": 2},
          "steps": ["Do it."], "cues": ["tall"], "fault": "None."},
         {"id": "bad-one", "name": "Bad", "block": "mobilise", "suits": {"run": 2},
          "position": "hanging", "effort": 20, "regions": {"elbowish": 2},
          "dose": {"reps": 8, "range": [4, 12], "tempo": 90},
          "steps": ["Do it."], "cues": [], "fault": "None."}]""";
    HttpResponse<String> answer = coach.post("/api/library", faulty);
    assertThat(answer.statusCode()).isEqualTo(422);
    List<String> faults = new ArrayList<>();
    JSON.readTree(answer.body()).get("errors").forEach(e -> faults.add(e.get("place").asString()));
    assertThat(String.join("\n", faults))
        .contains("position", "elbowish", "tempo", "cues", "line 6", "line 7", "line 8");
    assertThat(coach.get("/api/drills").body()).doesNotContain("good-one");
    assertThat(coach.post("/api/library", "[{\"id\": ").statusCode()).isEqualTo(422);
  }

  /** U+007F and its like are legal JSON when escaped, and no reader of the library takes them. */
  @ParameterizedTest
  @ValueSource(strings = {"\\u007f", "\\u0007", "\\u2028", "\\ud800", "\\ufeff"})
  void aCharacterThatCannotBeShownIsRefusedWithItsLine(String character) throws Exception {
    String own = OWN.formatted("odd-lunge").replace("\"tall\"", "\"ta" + character + "ll\"");
    HttpResponse<String> answer = coach.post("/api/library", own);
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
    assertThat(answer.body()).contains("line 4", "cues", "U+");
    assertThat(coach.get("/api/library").statusCode()).isEqualTo(200);
  }

  @Test
  void linesInAWordOfCautionAreKept() throws Exception {
    String own = OWN.formatted("wordy-lunge").replace("Leaning; stand up.", "Leaning:\\nstand up.");
    assertThat(coach.post("/api/library", own).statusCode()).isEqualTo(200);
    assertThat(coach.get("/api/library/wordy-lunge/form").body()).contains("Leaning:\\nstand up.");
    coach.post("/api/library/wordy-lunge/archive?away=true", "");
  }

  @Test
  void aStoredDrillThatCannotBeReadIsSetAsideAndTheRestOfTheLibraryOpens() throws Exception {
    coach.post("/api/library", OWN.formatted("spoiled-lunge"));
    coach.post("/api/library", OWN.formatted("sound-lunge"));
    RunningServer.sql(
        "UPDATE club_drill SET entry ="
            + " replace(entry::text, '\"tall\"', '\"ta' || chr(127) || 'll\"')::jsonb,"
            + " version = version + 1 WHERE drill_id = 'spoiled-lunge'");
    assertThat(coach.get("/api/drills").body())
        .contains("sound-lunge", "a-skip")
        .doesNotContain("spoiled-lunge");
    JsonNode aside = JSON.readTree(coach.get("/api/library/set-aside").body());
    assertThat(aside).hasSize(1);
    assertThat(aside.at("/0/drillId").asString()).isEqualTo("spoiled-lunge");
    assertThat(aside.at("/0/faults/0").asString()).contains("U+007F");
    assertThat(coach.post("/api/library", OWN.formatted("other-lunge")).statusCode())
        .as("others can still be imported")
        .isEqualTo(200);
    assertThat(coach.post("/api/library", OWN.formatted("spoiled-lunge")).statusCode())
        .as("importing it again mends it")
        .isEqualTo(200);
    assertThat(coach.get("/api/library/set-aside").body()).isEqualTo("[]");
    for (String id : List.of("spoiled", "sound", "other")) {
      coach.post("/api/library/" + id + "-lunge/archive?away=true", "");
    }
  }

  @Test
  void anOwnDrillIsUsedAndAfterItIsPutAwayPlansKeepIt() throws Exception {
    assertThat(coach.post("/api/library", OWN.formatted("lakeside-lunge")).statusCode())
        .isEqualTo(200);
    String path = "/api/prescriptions/" + prescription().get("id").asString();
    JsonNode with = edit(path, "\"action\":\"ADD\",\"drillId\":\"lakeside-lunge\"");
    assertThat(names(with)).contains("Lakeside lunge");

    assertThat(coach.post("/api/library/lakeside-lunge/archive?away=true", "").statusCode())
        .isEqualTo(200);
    assertThat(coach.get("/api/drills").body()).doesNotContain("lakeside-lunge");
    assertThat(names(edit(path, "\"action\":\"REFIT\""))).contains("Lakeside lunge");
    assertThat(coach.post("/api/library/a-skip/archive?away=true", "").statusCode())
        .as("what ships cannot be put away")
        .isEqualTo(404);
  }

  @Test
  void anApproachIsKeptAndChangesThePlan() throws Exception {
    JsonNode usual = JSON.readTree(coach.get("/api/approach").body());
    assertThat(usual.get("first").asString()).isEqualTo("RAISE");
    String path = "/api/prescriptions/" + prescription().get("id").asString();
    String joints = usual.toString().replace("\"RAISE\"", "\"JOINTS\"");
    JsonNode plan = edit(path, "\"action\":\"APPROACH\",\"approach\":" + joints);
    assertThat(plan.at("/approach/first").asString()).isEqualTo("JOINTS");
    assertThat(plan.at("/plan/items/0/block").asString()).isEqualTo("MOBILISE");
    assertThat(coach.put("/api/approach", joints).statusCode()).isEqualTo(200);
    assertThat(coach.get("/api/approach").body()).contains("JOINTS");
    assertThat(coach.put("/api/approach", usual.toString()).statusCode()).isEqualTo(200);
    edit(path, "\"action\":\"APPROACH\",\"approach\":" + usual);
  }

  @Test
  void aRoutineIsGivenToAnotherAthleteAndRevisionsCanBeCompared() throws Exception {
    JsonNode mine = prescription();
    String name = "Rehearsal " + System.nanoTime();
    HttpResponse<String> kept =
        coach.post(
            "/api/routines",
            "{\"prescriptionId\":" + mine.get("id") + ",\"name\":\"" + name + "\"}");
    assertThat(kept.statusCode()).isEqualTo(201);
    assertThat(
            coach
                .post(
                    "/api/routines",
                    "{\"prescriptionId\":" + mine.get("id") + ",\"name\":\"" + name + "\"}")
                .statusCode())
        .as("a name is used once")
        .isEqualTo(422);
    String id = JSON.readTree(kept.body()).get("id").asString();
    HttpResponse<String> applied =
        coach.post(
            "/api/routines/" + id + "/apply",
            "{\"prescriptionId\":"
                + mine.get("id")
                + ",\"baseRevision\":"
                + mine.get("revision")
                + "}");
    assertThat(applied.statusCode()).isEqualTo(200);
    assertThat(JSON.readTree(applied.body()).get("differences")).isEmpty();

    String path = "/api/prescriptions/" + mine.get("id").asString();
    JsonNode revisions = JSON.readTree(coach.get(path + "/revisions").body());
    assertThat(revisions.size()).isGreaterThanOrEqualTo(2);
    assertThat(revisions.get(0).get("current").asBoolean()).isTrue();
    int first = revisions.get(revisions.size() - 1).get("number").asInt();
    assertThat(JSON.readTree(coach.get(path + "/revisions/" + first).body()).get("items"))
        .isNotEmpty();
    assertThat(coach.get(path + "/revisions/9999").statusCode()).isEqualTo(404);
    assertThat(coach.delete("/api/routines/" + id).statusCode()).isEqualTo(204);
  }

  @Test
  void aWaitLongerThanTheMinutesIsRefusedByName() throws Exception {
    JsonNode plan = prescription();
    String circumstances =
        plan.get("circumstances").toString().replace("\"waitMinutes\":0", "\"waitMinutes\":45");
    HttpResponse<String> answer =
        coach.post(
            "/api/prescriptions/" + plan.get("id").asString() + "/edits",
            "{\"baseRevision\":"
                + plan.get("revision")
                + ",\"edit\":{\"action\":\"CIRCUMSTANCES\",\"circumstances\":"
                + circumstances
                + "}}");
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body()).contains("waitMinutes");
  }

  private JsonNode edit(String path, String what) throws Exception {
    String revision = JSON.readTree(coach.get(path).body()).get("revision").asString();
    HttpResponse<String> answer =
        coach.post(path + "/edits", "{\"baseRevision\":" + revision + ",\"edit\":{" + what + "}}");
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
    return JSON.readTree(answer.body());
  }

  private static List<String> names(JsonNode view) {
    List<String> names = new ArrayList<>();
    view.at("/plan/items").forEach(i -> names.add(i.get("name").asString()));
    return names;
  }

  private JsonNode prescription() throws Exception {
    String today = JSON.readTree(coach.get("/api/me").body()).get("today").asString();
    JsonNode session =
        JSON.readTree(coach.get("/api/sessions?from=" + today + "&until=" + today).body()).get(0);
    String body =
        "{\"sessionId\":"
            + session.get("id")
            + ",\"athleteId\":"
            + session.at("/details/athleteIds/0")
            + "}";
    return JSON.readTree(coach.post("/api/prescriptions", body).body());
  }
}
