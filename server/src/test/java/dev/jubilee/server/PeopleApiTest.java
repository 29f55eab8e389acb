package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An empty server, its first club, and who may do what there. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PeopleApiTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final String TOKEN = "a-token-that-was-printed";
  private static final String PASSWORD = "gorse on the harbour wall";
  private static final String OWNER = "ines@harbourwall.example";

  private static String database;
  private static ConfigurableApplicationContext application;

  @BeforeAll
  static void anEmptyServer() throws Exception {
    database = RunningServer.freshDatabase("people_" + ProcessHandle.current().pid());
    application = RunningServer.start(database, "--jubilee.set-up-token=" + TOKEN);
  }

  @AfterAll
  static void gone() {
    application.close();
  }

  @Test
  @Order(1)
  void onlyWhoHasTheTokenSetsUpAndOnlyOnce() throws Exception {
    assertThat(read(visitor().get("/api/set-up")).get("awaited").asBoolean()).isTrue();
    assertThat(visitor().post("/api/set-up", setUp("another", PASSWORD)).statusCode())
        .isEqualTo(404);
    List<CompletableFuture<Integer>> all = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      Visitor one = visitor();
      all.add(
          CompletableFuture.supplyAsync(
              () -> status(() -> one.post("/api/set-up", setUp(TOKEN, PASSWORD)))));
    }
    assertThat(all.stream().map(CompletableFuture::join))
        .containsExactlyInAnyOrder(200, 404, 404, 404, 404, 404);
    assertThat(read(visitor().get("/api/set-up")).get("awaited").asBoolean()).isFalse();
    JsonNode me = read(owner().get("/api/me"));
    assertThat(me.at("/club/weekStart").asString()).isEqualTo("SUNDAY");
    assertThat(me.get("owner").asBoolean()).isTrue();
  }

  /** Too short, or among the first that anyone tries; the lists are zxcvbn's. */
  @ParameterizedTest
  @Order(2)
  @ValueSource(
      strings = {
        "gorse",
        "123456789",
        "1234567890",
        "password123",
        "qwertyuiop",
        "aaaaaaaaaaaaaaaa",
        "abcabcabcabc",
        "ines quayle",
        "harbour wall striders",
        "p4ssw0rd1234"
      })
  void aPasswordThatAnyoneWouldTryIsRefused(String password) throws Exception {
    HttpResponse<String> answer = accept(invitation(), "quick@harbourwall.example", password);
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(read(answer).at("/errors/0/field").asString()).isEqualTo("coach.password");
    assertThat(answer.body()).doesNotContain('"' + password + '"');
  }

  @ParameterizedTest
  @Order(2)
  @ValueSource(strings = {"gorse on the wall", "zq7 vexly 0plim", "Ein Stück Küste!"})
  void aPasswordOfOnesOwnIsTakenWhateverItIsMadeOf(String password) throws Exception {
    String email = "c" + password.length() + "@harbourwall.example";
    assertThat(accept(invitation(), email, password).statusCode()).isEqualTo(200);
    visitor().signedIn(email.toUpperCase(java.util.Locale.ROOT), password);
  }

  @Test
  @Order(3)
  void anInvitationIsGoodForOneOfEight() throws Exception {
    String token = invitation();
    List<CompletableFuture<Integer>> all = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      String email = "one" + i + "@harbourwall.example";
      all.add(CompletableFuture.supplyAsync(() -> status(() -> accept(token, email, PASSWORD))));
    }
    List<Integer> answers = all.stream().map(CompletableFuture::join).toList();
    assertThat(answers).containsOnlyOnce(200);
    assertThat(answers.stream().filter(s -> s != 200)).allMatch(s -> s == 404 || s == 429);
  }

  @Test
  @Order(3)
  void anInvitationThatIsWithdrawnOrOldLeadsNowhere() throws Exception {
    Visitor owner = owner();
    String withdrawn = invitation();
    JsonNode all = read(owner.get("/api/people")).get("invitations");
    for (JsonNode open : all) {
      owner.delete("/api/invitations/" + open.get("id").asString());
    }
    assertThat(accept(withdrawn, "late@harbourwall.example", PASSWORD).statusCode()).isEqualTo(404);
    String old = invitation();
    sql("UPDATE one_time_link SET expires_at = now() - interval '1 second'");
    assertThat(accept(old, "late@harbourwall.example", PASSWORD).statusCode()).isEqualTo(404);
    assertThat(look(old).statusCode()).isEqualTo(404);
  }

  @Test
  @Order(3)
  void anAddressIsOneCoachs() throws Exception {
    HttpResponse<String> answer = accept(invitation(), "  INES@harbourwall.example", PASSWORD);
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(read(answer).at("/errors/0/field").asString()).isEqualTo("coach.email");
  }

  @Test
  @Order(4)
  void whoIsTakenOutIsOutWithTheNextRequestAndMayComeBack() throws Exception {
    String email = "gone@harbourwall.example";
    Visitor coach = joined(email);
    String id = read(coach.get("/api/me")).get("coachId").asString();
    assertThat(coach.delete("/api/people/" + id).statusCode()).as("no owner").isEqualTo(403);
    assertThat(coach.post("/api/invitations", INVITED).statusCode()).isEqualTo(403);
    assertThat(owner().delete("/api/people/" + id).statusCode()).isEqualTo(204);
    assertThat(coach.post("/api/athletes", athlete()).statusCode()).isEqualTo(401);
    assertThat(visitor().post("/api/sign-in", credentials(email, PASSWORD)).statusCode())
        .isEqualTo(401);
    joined(email);
  }

  /** A session whose row outlived the removal, as it does on another server for a moment. */
  @Test
  @Order(4)
  void aSignInCountsOnlyWithThePresentStamp() throws Exception {
    Visitor coach = joined("stamp@harbourwall.example");
    assertThat(coach.get("/api/athletes").statusCode()).isEqualTo(200);
    sql("UPDATE coach SET sign_in_stamp = sign_in_stamp + 1 WHERE email LIKE 'stamp@%'");
    assertThat(coach.get("/api/athletes").statusCode()).isEqualTo(401);
  }

  @Test
  @Order(4)
  void aClubIsNeverWithoutAnOwner() throws Exception {
    Visitor owner = owner();
    String own = read(owner.get("/api/me")).get("coachId").asString();
    assertThat(owner.delete("/api/people/" + own).statusCode()).isEqualTo(409);
    assertThat(owner.put("/api/people/" + own, "{\"owner\":false}").statusCode()).isEqualTo(409);
    Visitor second = joined("second@harbourwall.example");
    String id = read(second.get("/api/me")).get("coachId").asString();
    assertThat(owner.put("/api/people/" + id, "{\"owner\":true}").statusCode()).isEqualTo(204);
    assertThat(second.put("/api/people/" + own, "{\"owner\":false}").statusCode()).isEqualTo(204);
    assertThat(owner.post("/api/invitations", INVITED).statusCode()).isEqualTo(403);
    assertThat(second.put("/api/people/" + own, "{\"owner\":true}").statusCode()).isEqualTo(204);
  }

  @Test
  @Order(4)
  void aNewPasswordEndsEverySignInButThisOne() throws Exception {
    String email = "devices@harbourwall.example";
    Visitor here = joined(email);
    Visitor there = visitor().signedIn(email, PASSWORD);
    // One of them from joining.
    assertThat(read(here.get("/api/me/devices"))).hasSize(3);
    String wrong = "{\"currentPassword\":\"guess\",\"password\":\"quite another one\"}";
    HttpResponse<String> refused = here.put("/api/me/password", wrong);
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(read(refused).at("/errors/0/field").asString()).isEqualTo("currentPassword");
    String right = wrong.replace("guess", PASSWORD);
    assertThat(here.put("/api/me/password", right).statusCode()).isEqualTo(204);
    here.get("/api/me");
    assertThat(here.get("/api/athletes").statusCode()).isEqualTo(200);
    assertThat(there.get("/api/athletes").statusCode()).isEqualTo(401);
    assertThat(read(here.get("/api/me/devices"))).hasSize(1);
    visitor().signedIn(email, "quite another one");
  }

  @Test
  @Order(4)
  void oneDeviceOrAllAreSignedOut() throws Exception {
    String email = "lost@harbourwall.example";
    Visitor here = joined(email);
    Visitor lost = visitor().signedIn(email, PASSWORD);
    for (JsonNode device : read(here.get("/api/me/devices"))) {
      assertThat(device.get("id").asString()).as("no session's own id").hasSize(64);
      if (!device.get("isThis").asBoolean()) {
        here.delete("/api/me/devices/" + device.get("id").asString());
      }
    }
    assertThat(lost.get("/api/me").statusCode()).isEqualTo(401);
    Visitor again = visitor().signedIn(email, PASSWORD);
    assertThat(here.post("/api/me/sign-out-everywhere", "").statusCode()).isEqualTo(204);
    assertThat(here.get("/api/me").statusCode()).isEqualTo(401);
    assertThat(again.get("/api/me").statusCode()).isEqualTo(401);
  }

  @Test
  @Order(4)
  void anOwnerLetsACoachChooseANewPassword() throws Exception {
    String email = "forgot@harbourwall.example";
    Visitor coach = joined(email);
    String path = "/api/people/" + read(coach.get("/api/me")).get("coachId").asString();
    Visitor owner = owner();
    String first = read(owner.post(path + "/password-link", "")).get("token").asString();
    String second = read(owner.post(path + "/password-link", "")).get("token").asString();
    assertThat(use(first).statusCode()).as("overtaken by the second").isEqualTo(404);
    assertThat(use(second).statusCode()).isEqualTo(200);
    assertThat(use(second).statusCode()).as("used").isEqualTo(404);
    assertThat(coach.get("/api/me").statusCode()).isEqualTo(401);
    visitor().signedIn(email, "the newest of them");
  }

  private static HttpResponse<String> use(String token) throws Exception {
    return visitor()
        .post(
            "/api/password-links/use",
            "{\"token\":\"" + token + "\",\"password\":\"the newest of them\"}");
  }

  private static Visitor visitor() {
    Visitor visitor = new Visitor(RunningServer.base(application));
    try {
      visitor.get("/api/me");
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
    return visitor;
  }

  private static Visitor owner() throws Exception {
    return visitor().signedIn(OWNER, PASSWORD);
  }

  private static Visitor joined(String email) throws Exception {
    assertThat(accept(invitation(), email, PASSWORD).statusCode()).isEqualTo(200);
    return visitor().signedIn(email, PASSWORD);
  }

  private static final String INVITED = "{\"addressee\":\"Bartholomew Quirke\"}";

  private static String invitation() throws Exception {
    return read(owner().post("/api/invitations", INVITED)).get("token").asString();
  }

  private static HttpResponse<String> look(String token) throws Exception {
    return visitor().post("/api/invitations/look", "{\"token\":\"" + token + "\"}");
  }

  private static HttpResponse<String> accept(String token, String email, String password)
      throws Exception {
    return visitor()
        .post(
            "/api/invitations/accept",
            "{\"token\":\""
                + token
                + "\",\"coach\":{\"name\":\"Ines Quayle\",\"email\":\""
                + email
                + "\",\"password\":\""
                + password
                + "\"}}");
  }

  private static String setUp(String token, String password) {
    return "{\"token\":\""
        + token
        + "\",\"club\":{\"name\":\"Harbour Wall Striders\",\"timeZone\":\"Europe/Dublin\","
        + "\"hourCycle\":\"H12\",\"measures\":\"MILES\",\"weekStart\":\"SUNDAY\"},"
        + "\"owner\":{\"name\":\"Ines Quayle\",\"email\":\""
        + OWNER
        + "\",\"password\":\""
        + password
        + "\"}}";
  }

  private static String credentials(String email, String password) {
    return "{\"email\":\"" + email + "\",\"password\":\"" + password + "\"}";
  }

  private static String athlete() {
    return "{\"name\":\"Nobody\",\"sport\":\"RUN\",\"level\":\"NOVICE\",\"age\":30,"
        + "\"deconditioned\":false}";
  }

  private interface Call {
    HttpResponse<String> send() throws Exception;
  }

  private static int status(Call call) {
    try {
      return call.send().statusCode();
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  private static JsonNode read(HttpResponse<String> answer) {
    return JSON.readTree(answer.body());
  }

  private static void sql(String statement) throws Exception {
    try (Connection connection =
            DriverManager.getConnection(
                database, System.getenv("JUBILEE_DB_USER"), System.getenv("JUBILEE_DB_PASSWORD"));
        Statement sql = connection.createStatement()) {
      sql.execute(statement);
    }
  }
}
