package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What cannot be meant is refused by its field, with what would be accepted; nothing is stored. */
@ExtendWith(RunningServer.class)
class BadInputTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private Visitor coach;

  @BeforeEach
  void signIn() throws Exception {
    coach = new Visitor().signedIn();
  }

  private static final String ATHLETE =
      "{'name':'Bad Input','sport':'RUN','level':'NOVICE','age':30,'results':[],'restrictions':[],"
          + "'contraindications':[],'deconditioned':false,'mastery':{}}";

  private static final String SESSION =
      "{'startsAt':'2096-07-01T17:30:00','sport':'RUN','kind':'EASY','title':'easy 40 min',"
          + "'place':'TRACK','minutes':30,'temperature':10,'comingFrom':'BED','kit':[],"
          + "'athleteIds':[]}";

  private static final String BLOCK =
      "{'name':'Bad block','start':'2096-01-02','race':'2096-02-25','otherRaces':[],"
          + "'emphases':[],'groups':[],'pattern':[],'exceptions':[],'members':[],"
          + "'interruptions':[],'mastery':[],'progressions':[]}";

  private static final String NOBODY = "00000000-0000-0000-0000-000000000000";

  /** A day that nobody lives to see is refused by name, wherever a day is asked for. */
  @ParameterizedTest
  @ValueSource(strings = {"+999999999-12-31", "-999999999-01-01", "2201-01-01"})
  void daysThatNobodySeesAreRefused(String day) throws Exception {
    String until = "{'until':'%s','drill':'easy-jog'}".formatted(day).replace('\'', '"');
    String asked = day.replace("+", "%2B");
    for (HttpResponse<String> answer :
        List.of(
            coach.put("/api/own-changeovers", "{\"until\":\"" + day + "\"}"),
            coach.post("/api/own-times", until),
            coach.get("/api/review?from=" + asked),
            coach.get("/api/records.csv?from=" + asked + "&until=" + asked),
            coach.get("/api/records.json?from=" + asked + "&until=" + asked))) {
      assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
      assertThat(answer.body()).contains("a day from 1900");
    }
  }

  /** One part of a sound request is put out of joint; the field is named and nothing else. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      value = {
        "athletes | 'name':'Bad Input' | 'name':'' | name | 1 to 80 characters",
        "athletes | 'name':'Bad Input' | 'name':null | name | 1 to 80 characters",
        "athletes | 'sport':'RUN', |  | sport | a value",
        "athletes | 'level':'NOVICE' | 'level':null | level | a value",
        "athletes | 'results':[] | 'results':[null] | results[0] | a value",
        "athletes | 'results':[] | 'results':[{}] | results[0].kind | a value",
        "athletes | 'results':[] | 'results':[{'kind':'SPRINT_RUN','seconds':3.6,'metres':30}] | results[0].metres | nothing; this result has seconds",
        "athletes | 'results':[] | 'results':[{'kind':'ROW_2K','seconds':420,'watts':300}] | results[0].watts | nothing; this result has seconds",
        "athletes | 'age':30 | 'age':3 | age | 8 to 95",
        "athletes | 'age':30 | 'age':110 | age | 8 to 95",
        "athletes | 'restrictions':[] | 'restrictions':[null] | restrictions[0] | a value",
        "athletes | 'restrictions':[] | 'restrictions':[{'region':'HIPS'}] | restrictions[0].severity | a value",
        "athletes | 'contraindications':[] | 'contraindications':[null] | contraindications[0] | a value",
        "athletes | 'contraindications':[] | 'contraindications':['NAPS'] | contraindications[0] | one of CONTACTS,",
        "athletes | 'mastery':{} | 'mastery':{'squat':null} | mastery[squat] | a value",
        "sessions | 'kind':'EASY' | 'kind':null | kind | a value",
        "sessions | 'title':'easy 40 min' | 'title':null | title | a value",
        "sessions | 'place':'TRACK', |  | place | a value",
        "sessions | 'kit':[] | 'kit':[null] | kit[0] | a value",
        "sessions | 'athleteIds':[] | 'athleteIds':[null] | athleteIds[0] | a value",
        "blocks | 'start':'2096-01-02', |  | start | a value",
        "blocks | 'start':'2096-01-02' | 'start':'+999999999-12-31' | start | a day from 1900",
        "blocks | 'otherRaces':[] | 'otherRaces':[null] | otherRaces[0] | a value",
        "blocks | 'groups':[] | 'groups':[null] | groups[0] | a value",
        "blocks | 'groups':[] | 'groups':[{'name':'A'}] | groups[0].athleteIds | a value",
        "blocks | 'pattern':[] | 'pattern':[null] | pattern[0] | a value",
        "blocks | 'members':[] | 'members':[null] | members[0] | a value",
        "blocks | 'interruptions':[] | 'interruptions':[null] | interruptions[0] | a value",
        "blocks | 'mastery':[] | 'mastery':[null] | mastery[0] | a value",
        "blocks | 'progressions':[] | 'progressions':[{'step':1}] | progressions[0].firstDay | a value",
      })
  void aPartThatCannotBeMeantIsNamed(
      String path, String part, String spoiled, String field, String accepted) throws Exception {
    String sound =
        switch (path) {
          case "athletes" -> ATHLETE;
          case "sessions" -> SESSION;
          default -> BLOCK;
        };
    assertThat(sound).contains(part);
    String body = sound.replace(part, spoiled == null ? "" : spoiled);
    assertRefused(coach.post("/api/" + path, body.replace('\'', '"')), field, accepted);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      value = {
        "prescriptions | {} | sessionId",
        "prescriptions | {'sessionId':'" + NOBODY + "'} | athleteId",
        "prescriptions/" + NOBODY + "/edits | {'baseRevision':1} | edit",
        "prescriptions/"
            + NOBODY
            + "/edits | {'baseRevision':1,'edit':{'action':'REMOVE'}} | edit.itemId",
        "prescriptions/"
            + NOBODY
            + "/edits | {'baseRevision':1,'edit':{'action':'LOCK','itemId':'a'}} | edit.lock",
        "routines | {'name':'A'} | prescriptionId",
        "routines | {'prescriptionId':'" + NOBODY + "','name':''} | name",
        "shorthand | {'text':'easy'} | sport",
        "sign-in | {'email':'a@b.example'} | password",
        "blocks/" + NOBODY + "/import | {'format':'CSV'} | text",
      })
  void whatARequestMustHaveIsMissedByName(String path, String body, String field) throws Exception {
    HttpResponse<String> answer = coach.post("/api/" + path, body.replace('\'', '"'));
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
    assertThat(fields(answer)).contains(field);
  }

  @Test
  void listsAndTextsHaveALimit() throws Exception {
    String many = "null,".repeat(20) + "null";
    assertRefused(
        coach.post(
            "/api/sessions",
            SESSION.replace("'kit':[]", "'kit':[" + many + "]").replace('\'', '"')),
        "kit",
        "a list of at most 20");
    String name = "x".repeat(81);
    assertRefused(
        coach.post("/api/athletes", ATHLETE.replace("Bad Input", name).replace('\'', '"')),
        "name",
        "1 to 80 characters");
    assertRefused(
        coach.post("/api/sign-in", "{\"email\":\"" + "e".repeat(201) + "\",\"password\":\"p\"}"),
        "email",
        "1 to 200 characters");
  }

  /** Lists that a request leaves out are empty, so that what is stored can be shown. */
  @Test
  void anAthleteWithoutListsIsShownWithEmptyOnes() throws Exception {
    String bare =
        "{'name':'Bare Bones','sport':'ROW','level':'NOVICE','age':41,'deconditioned':false,'restrictions':null}";
    HttpResponse<String> made = coach.post("/api/athletes", bare.replace('\'', '"'));
    assertThat(made.statusCode()).as(made.body()).isEqualTo(201);
    JsonNode profile = JSON.readTree(made.body()).get("profile");
    for (String list : List.of("results", "restrictions", "contraindications", "mastery")) {
      assertThat(profile.get(list).isEmpty()).as(list).isTrue();
    }
  }

  private static void assertRefused(HttpResponse<String> answer, String field, String accepted) {
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
    assertThat(fields(answer)).contains(field);
    String all =
        JSON.readTree(answer.body())
            .get("errors")
            .valueStream()
            .filter(e -> e.get("field").asString().equals(field))
            .map(e -> e.get("accepted").asString())
            .collect(Collectors.joining(" / "));
    assertThat(all).contains(accepted);
  }

  private static List<String> fields(HttpResponse<String> answer) {
    return JSON.readTree(answer.body())
        .get("errors")
        .valueStream()
        .map(e -> e.get("field").asString())
        .toList();
  }
}
