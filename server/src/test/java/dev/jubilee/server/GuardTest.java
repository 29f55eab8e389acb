package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Nobody can hurt another by what they send, how much of it, how slowly or how often. */
@ExtendWith(RunningServer.class)
class GuardTest {
  private static final JsonMapper JSON = JsonMapper.shared();

  @ParameterizedTest
  @ValueSource(strings = {"application/yaml", "text/plain", "application/x-yaml", "nonsense"})
  void onlyJsonIsTakenWhereJsonIsMeant(String type) throws Exception {
    Visitor coach = new Visitor().signedIn();
    for (String path : List.of("/api/library", "/api/athletes", "/api/shorthand")) {
      int status = coach.send("POST", path, "[]", Map.of("Content-Type", type)).statusCode();
      assertThat(status).as(path).isEqualTo(415);
    }
  }

  @ParameterizedTest
  @CsvSource({"/api/sign-in, 4", "/api/set-up, 4", "/api/athletes, 64", "/api/library, 5120"})
  void aBodyHasASize(String path, int kilo) throws Exception {
    Visitor coach = new Visitor().signedIn();
    HttpResponse<String> answer = coach.post(path, "\"" + "x".repeat(kilo * 1024) + "\"");
    assertThat(answer.statusCode()).isEqualTo(413);
    assertThat(JSON.readTree(answer.body()).get("detail").asString()).contains(kilo + " kB");
    long before = System.nanoTime();
    int within = coach.post(path, "\"" + "x".repeat(kilo * 1024 - 3) + "\"").statusCode();
    assertThat(within).as("not for its size").isNotEqualTo(413);
    assertThat(Duration.ofNanos(System.nanoTime() - before)).isLessThan(Duration.ofSeconds(2));
  }

  /** Without a length in its head the size shows only as it arrives. */
  @Test
  void nothingIsOfAnyType() throws Exception {
    HttpResponse<String> refused =
        new Visitor().send("POST", "/api/password-links/use", null, Map.of("Content-Type", "*/*"));
    assertThat(refused.statusCode()).isIn(403, 415);
    assertThat(
            new Visitor()
                .send("GET", "/api/clock", null, Map.of("Content-Type", "text/*"))
                .statusCode())
        .isEqualTo(415);
  }

  @Test
  void aBodyInPiecesHasASizeToo() throws Exception {
    byte[] body = ("{\"email\":\"" + "x".repeat(20_000)).getBytes(StandardCharsets.UTF_8);
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(RunningServer.base() + "/api/password-links/look"))
            .header("Content-Type", "application/json")
            .header("Cookie", "XSRF-TOKEN=a")
            .header("X-XSRF-TOKEN", "a")
            .POST(BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(body)))
            .build();
    HttpResponse<String> answer =
        HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
    assertThat(answer.statusCode()).isEqualTo(413);
  }

  @Test
  void bodiesThatNeverArriveAreEndedAndHoldNobodyUp() throws Exception {
    URI server = URI.create(RunningServer.base());
    List<Socket> slow = new ArrayList<>();
    for (int i = 0; i < 24; i++) {
      Socket socket = new Socket(server.getHost(), server.getPort());
      OutputStream out = socket.getOutputStream();
      out.write(
          ("POST /api/password-links/look HTTP/1.1\r\nHost: x\r\nContent-Type: application/json"
                  + "\r\nCookie: XSRF-TOKEN=a\r\nX-XSRF-TOKEN: a\r\nContent-Length: 3000\r\n\r\n{")
              .getBytes(StandardCharsets.US_ASCII));
      out.flush();
      slow.add(socket);
    }
    try {
      Thread.sleep(500);
      Visitor another = new Visitor();
      another.get("/api/me");
      HttpResponse<String> onTop = another.post("/api/password-links/look", "{}");
      assertThat(onTop.statusCode()).as("more of the same address").isEqualTo(429);
      long before = System.nanoTime();
      assertThat(new Visitor().get("/api/health").statusCode()).isEqualTo(200);
      assertThat(Duration.ofNanos(System.nanoTime() - before)).isLessThan(Duration.ofSeconds(1));
      String answer = new String(first(slow.get(0).getInputStream()), StandardCharsets.US_ASCII);
      assertThat(answer).startsWith("HTTP/1.1 408");
    } finally {
      for (Socket socket : slow) {
        socket.close();
      }
    }
  }

  private static byte[] first(InputStream in) throws Exception {
    return in.readNBytes(12);
  }

  @Test
  void fortyGuessesAtOnceAreNotAllJudgedAndLockNobodyElseOut() throws Exception {
    String guess = "{\"email\":\"coach@lanternmere.example\",\"password\":\"guess\"}";
    Visitor stranger = new Visitor();
    stranger.get("/api/me");
    Map<String, String> from = Map.of("X-Forwarded-For", "203.0.113.7");
    List<CompletableFuture<HttpResponse<String>>> all = new ArrayList<>();
    long begun = System.nanoTime();
    for (int i = 0; i < 40; i++) {
      all.add(CompletableFuture.supplyAsync(() -> signIn(stranger, guess, from)));
    }
    List<HttpResponse<String>> answers = all.stream().map(CompletableFuture::join).toList();
    assertThat(answers).extracting(HttpResponse::statusCode).containsOnly(401, 429);
    // Six are free; then one waits 2 s, which on a slow machine pass within the forty.
    long more = Duration.ofNanos(System.nanoTime() - begun).toSeconds() / 2;
    assertThat(answers.stream().filter(r -> r.statusCode() == 401).count())
        .isLessThanOrEqualTo(6 + more);
    assertThat(answers)
        .filteredOn(r -> r.statusCode() == 429)
        .anyMatch(r -> r.headers().firstValueAsLong("Retry-After").isPresent());
    String right = guess.replace("guess", "lantern-mere");
    Map<String, String> elsewhere = Map.of("X-Forwarded-For", "203.0.113.8");
    assertThat(signIn(new Visitor(), right, elsewhere).statusCode())
        .as("the coach, from elsewhere")
        .isEqualTo(200);
  }

  private static HttpResponse<String> signIn(
      Visitor visitor, String body, Map<String, String> headers) {
    try {
      visitor.get("/api/me");
      return visitor.send("POST", "/api/sign-in", body, headers);
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void eightHandOversMakeOneLinkAndRevokedItIsGone() throws Exception {
    Visitor coach = new Visitor().signedIn();
    String path = "/api/prescriptions/" + prescription(coach) + "/hand-over";
    coach.delete(path);
    List<CompletableFuture<String>> all = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      all.add(CompletableFuture.supplyAsync(() -> token(coach, path)));
    }
    List<String> tokens = all.stream().map(CompletableFuture::join).distinct().toList();
    assertThat(tokens).hasSize(1);
    String link = "/api/follow/" + tokens.get(0);
    assertThat(new Visitor().get(link).statusCode()).isEqualTo(200);
    assertThat(coach.delete(path).statusCode()).isEqualTo(204);
    assertThat(new Visitor().get(link).statusCode()).isEqualTo(404);
  }

  private static String token(Visitor coach, String path) {
    try {
      return JSON.readTree(coach.post(path, "").body()).get("token").asString();
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void aLinkSaysNothingThatThePhoneDoesNotNeed() throws Exception {
    Visitor coach = new Visitor().signedIn();
    String path = "/api/prescriptions/" + prescription(coach) + "/hand-over";
    String shown = new Visitor().get("/api/follow/" + token(coach, path)).body();
    assertThat(JSON.readTree(shown).get("items")).isNotEmpty();
    assertThat(shown)
        .doesNotContain("\"basis\"", "\"conflicts\"", "\"readiness\"", "\"heart\"", "\"why\":[")
        .doesNotContain("resting", "painful", "sore");
    JSON.readTree(shown).findValues("heartHigh").forEach(rate -> assertThat(rate.asInt()).isZero());
  }

  /** One swimmer of the demo has asthma, and a sore shoulder: the coach is told, a link is not. */
  @Test
  void aLinkSaysNothingOfAnyonesHealth() throws Exception {
    Visitor coach = new Visitor().signedIn();
    LocalDate today = LocalDate.now(ZoneOffset.UTC);
    String week = "/api/sessions?from=" + today.minusDays(3) + "&until=" + today.plusDays(3);
    int told = 0;
    for (JsonNode session : JSON.readTree(coach.get(week).body())) {
      for (JsonNode warmUp : session.get("warmUps")) {
        if (warmUp.get("prescriptionId").isNull()) {
          continue;
        }
        String plan = "/api/prescriptions/" + warmUp.get("prescriptionId").asString();
        told += coach.get(plan).body().contains("Asthma") ? 1 : 0;
        String shown = new Visitor().get("/api/follow/" + token(coach, plan + "/hand-over")).body();
        assertThat(shown).doesNotContainIgnoringCase("asthma").doesNotContain("clinician decides");
      }
    }
    assertThat(told).isPositive();
  }

  @Test
  void aLinkEndsAWeekAfterTheStartUnlessItIsKept() throws Exception {
    Visitor coach = new Visitor().signedIn();
    JsonNode session = session(coach);
    String id = prescription(coach, session);
    String path = "/api/prescriptions/" + id + "/hand-over";
    String link = "/api/follow/" + token(coach, path);
    String then = LocalDate.now(ZoneId.systemDefault()).minusDays(9).toString();
    RunningServer.sql(
        "UPDATE training_session SET starts_at = '"
            + then
            + "', details = jsonb_set(details, '{startsAt}', '\""
            + then
            + "T06:00:00\"') WHERE id = '"
            + session.get("id").asString()
            + "'");
    assertThat(new Visitor().get(link).statusCode()).isEqualTo(404);
    assertThat(coach.put(path, "{\"keep\":true}").statusCode()).isEqualTo(200);
    assertThat(new Visitor().get(link).statusCode()).isEqualTo(200);
  }

  @Test
  void aFormSentSixTimesMakesOne() throws Exception {
    Visitor coach = new Visitor().signedIn();
    String key = UUID.randomUUID().toString();
    String body = athlete("Only Once " + key);
    List<CompletableFuture<String>> all = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      all.add(CompletableFuture.supplyAsync(() -> made(coach, "/api/athletes", key, body)));
    }
    assertThat(all.stream().map(CompletableFuture::join).distinct()).hasSize(1);
    String list = coach.get("/api/athletes").body();
    assertThat(list.split("Only Once " + key, -1)).hasSize(2);
    assertThat(made(coach, "/api/athletes", UUID.randomUUID().toString(), body))
        .as("another form")
        .isNotEqualTo(all.get(0).join());
  }

  private static String made(Visitor coach, String path, String key, String body) {
    try {
      HttpResponse<String> answer = coach.send("POST", path, body, Map.of("Idempotency-Key", key));
      assertThat(answer.statusCode()).as(answer.body()).isEqualTo(201);
      return JSON.readTree(answer.body()).get("id").asString();
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void nobodyIsInTwoBlocksAtOnceHoweverManyPress() throws Exception {
    Visitor coach = new Visitor().signedIn();
    String athlete =
        made(coach, "/api/athletes", UUID.randomUUID().toString(), athlete("Torn Between"));
    String block =
        "{\"name\":\"Six at once\",\"start\":\"2031-01-06\",\"race\":\"2031-02-09\",\"groups\":"
            + "[{\"name\":\"All\",\"athleteIds\":[\""
            + athlete
            + "\"]}]}";
    List<CompletableFuture<Integer>> all = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      all.add(
          CompletableFuture.supplyAsync(
              () -> {
                try {
                  return coach.post("/api/blocks", block).statusCode();
                } catch (Exception e) {
                  throw new IllegalStateException(e);
                }
              }));
    }
    List<Integer> answers = all.stream().map(CompletableFuture::join).toList();
    assertThat(answers).containsOnlyOnce(201);
    assertThat(answers.stream().filter(s -> s != 201)).allMatch(s -> s == 409 || s == 422);
  }

  @Test
  void anEmptyBlockIsDoneAtOnce() throws Exception {
    Visitor coach = new Visitor().signedIn();
    String block = "{\"name\":\"Nobody yet\",\"start\":\"2032-01-05\",\"race\":\"2032-02-08\"}";
    JsonNode made = JSON.readTree(coach.post("/api/blocks", block).body());
    assertThat(made.at("/compilation/state").asString()).isEqualTo("DONE");
  }

  @Test
  void everyAnswerHasANumberAndNoFileACookie() throws Exception {
    HttpResponse<String> page = new Visitor().get("/");
    assertThat(page.headers().firstValue("X-Request-Id")).isPresent();
    String asset = page.body().replaceAll("(?s).*?(/assets/[^\"]+\\.js).*", "$1");
    HttpResponse<String> file = new Visitor().get(asset);
    assertThat(file.statusCode()).isEqualTo(200);
    assertThat(file.headers().firstValue("Set-Cookie")).isEmpty();
    assertThat(file.headers().firstValue("Cache-Control").orElse("")).contains("immutable");
    HttpResponse<String> stranger = new Visitor().get("/api/athletes");
    assertThat(JSON.readTree(stranger.body()).get("detail").asString()).contains("signed out");
  }

  private static String athlete(String name) {
    return "{\"name\":\""
        + name
        + "\",\"sport\":\"RUN\",\"level\":\"NOVICE\",\"age\":30,\"deconditioned\":false}";
  }

  private static JsonNode session(Visitor coach) throws Exception {
    String today = JSON.readTree(coach.get("/api/me").body()).get("today").asString();
    String path = "/api/sessions?from=" + today + "&until=" + today;
    JsonNode like = JSON.readTree(coach.get(path).body()).get(0).get("details");
    return JSON.readTree(coach.post("/api/sessions", like.toString()).body());
  }

  private static String prescription(Visitor coach) throws Exception {
    return prescription(coach, session(coach));
  }

  private static String prescription(Visitor coach, JsonNode session) throws Exception {
    Map<String, String> whom =
        Map.of(
            "sessionId", session.get("id").asString(),
            "athleteId", session.at("/details/athleteIds/0").asString());
    String answer = coach.post("/api/prescriptions", JSON.writeValueAsString(whom)).body();
    return JSON.readTree(answer).get("id").asString();
  }
}
