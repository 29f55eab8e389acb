package dev.jubilee.e2e.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import dev.jubilee.e2e.RunningJubilee;
import dev.jubilee.e2e.fuzz.Contract.Operation;
import dev.jubilee.e2e.fuzz.Contract.Parameter;
import dev.jubilee.e2e.fuzz.Visitor.Answer;
import dev.jubilee.e2e.fuzz.Visitor.Sent;
import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.signin.Coach;
import dev.jubilee.server.signin.CoachRepository;
import dev.jubilee.server.tenant.ClubScope;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.security.crypto.password.PasswordEncoder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Sends what nobody should send to everything that the server's own description names, as a coach
 * of one of two clubs. Whatever it is: no answer is the server's own fault, none takes long, the
 * other club notices nothing, and every page still opens.
 *
 * <p>How many requests and which: -Djubilee.fuzz=10000 -Djubilee.fuzz.seed=2.
 */
@ExtendWith(RunningJubilee.class)
class FuzzTest {
  private static final int REQUESTS = Integer.getInteger("jubilee.fuzz", 800);
  private static final long SEED = Long.getLong("jubilee.fuzz.seed", 1);
  private static final Duration SLOW = Duration.ofSeconds(2);
  private static final JsonMapper JSON = JsonMapper.shared();

  /** These would end the visit. */
  private static final Set<String> LEAVING =
      Set.of("/api/sign-out", "/api/me/sign-out-everywhere", "/api/me/password");

  private static final String OTHER = "coach@otherside.example";
  private static final String OTHER_PASSWORD = "gorse and bracken";

  private final Random random = new Random(SEED);
  private final List<String> own = new ArrayList<>();
  private final List<String> foreign = new ArrayList<>();
  private final Map<String, List<JsonNode>> bodies = new HashMap<>();

  @Test
  void nothingThatIsSentHurtsAnyone() throws Exception {
    try (ConfigurableApplicationContext application =
        RunningJubilee.start("fuzz", "--jubilee.demo=true", "--jubilee.demo-weeks=0")) {
      String server = RunningJubilee.base(application);
      String foreignAthlete = settleOther(application);
      Visitor coach = new Visitor(server).signedIn("coach@lanternmere.example", "lantern-mere");
      Visitor other = new Visitor(server).signedIn(OTHER, OTHER_PASSWORD);
      foreign.add(foreignAthlete);
      learn(coach);
      List<String> pagesOfOther = pages(other, foreignAthlete);
      Contract contract = new Contract(coach.get("/api/openapi").body());
      List<Operation> operations =
          contract.operations().stream().filter(o -> !LEAVING.contains(o.path())).toList();
      Map<String, String> bad = new LinkedHashMap<>();
      Map<Integer, Integer> statuses = new TreeMap<>();
      for (int i = 0; i < REQUESTS; i++) {
        Operation operation = pick(operations);
        Sent sent = wrong(contract, operation);
        Answer answer = coach.send(sent);
        statuses.merge(answer.status(), 1, Integer::sum);
        judge(coach, operation, sent, answer, bad);
      }
      System.out.println("fuzz: " + REQUESTS + " requests, answers " + statuses);
      assertThat(bad.values()).as("by the kind of fault, the first of each").isEmpty();
      assertThat(pages(other, foreignAthlete)).isEqualTo(pagesOfOther);
      everythingReads(coach);
      everyPageOpens(server);
    }
  }

  private static String settleOther(ConfigurableApplicationContext application) {
    Club club =
        application
            .getBean(ClubRepository.class)
            .save(new Club(UUID.randomUUID(), "The other side", ZoneId.of("Europe/Dublin")));
    String hash = application.getBean(PasswordEncoder.class).encode(OTHER_PASSWORD);
    Coach coach = new Coach(UUID.randomUUID(), club.id(), OTHER, "Ottilie", hash, true);
    ClubScope.within(club.id(), () -> application.getBean(CoachRepository.class).save(coach));
    AthleteProfile profile =
        JSON.readValue(
            "{\"name\":\"Nobody else's\",\"sport\":\"RUN\",\"level\":\"NOVICE\",\"age\":30,"
                + "\"deconditioned\":false}",
            AthleteProfile.class);
    return ClubScope.within(
            club.id(),
            () -> application.getBean(Athletes.class).create(club.id(), UUID.randomUUID(), profile))
        .id()
        .toString();
  }

  /** What there is: ids to name, and bodies that were accepted once. */
  private void learn(Visitor coach) throws IOException, InterruptedException {
    String today = coach.get("/api/me").json().get("today").asString();
    for (JsonNode athlete : coach.get("/api/athletes").json()) {
      own.add(athlete.get("id").asString());
      know("/api/athletes", athlete.get("profile"));
      know("/api/athletes/{id}", athlete.get("profile"));
    }
    for (JsonNode session : coach.get(sessions(today)).json()) {
      own.add(session.get("id").asString());
      know("/api/sessions", session.get("details"));
      know("/api/sessions/{id}", session.get("details"));
      for (JsonNode warmUp : session.path("warmUps")) {
        own.add(warmUp.path("prescriptionId").asString(""));
      }
    }
    for (JsonNode block : coach.get("/api/blocks").json()) {
      String id = block.get("id").asString();
      own.add(id);
      JsonNode definition = coach.get("/api/blocks/" + id).json().get("definition");
      know("/api/blocks", definition);
      know("/api/blocks/{id}/preview", definition);
    }
    coach.get("/api/library/export?own=false").json().forEach(d -> know("/api/library", list(d)));
    own.removeIf(String::isEmpty);
  }

  private static JsonNode list(JsonNode one) {
    return JSON.createArrayNode().add(one);
  }

  private void know(String path, JsonNode body) {
    bodies.computeIfAbsent(path, p -> new ArrayList<>()).add(body);
  }

  private static String sessions(String today) {
    return "/api/sessions?from=" + today + "&until=" + today;
  }

  private <T> T pick(List<T> list) {
    return list.get(random.nextInt(list.size()));
  }

  private Sent wrong(Contract contract, Operation operation) {
    boolean hasBody = !operation.body().isMissingNode();
    boolean isBodyWrong = hasBody && random.nextInt(5) > 0;
    String path = address(operation, !isBodyWrong);
    if (!hasBody) {
      return Sent.plain(operation.method(), path);
    }
    List<JsonNode> known = bodies.getOrDefault(operation.path(), List.of());
    JsonNode body =
        known.isEmpty() || random.nextInt(6) == 0
            ? contract.sample(operation.body(), random, own)
            : pick(known);
    if (!isBodyWrong) {
      return Sent.json(operation.method(), path, body.toString());
    }
    String type =
        random.nextInt(15) == 0
            ? pick(List.of("application/yaml", "text/plain", "application/xml", "x", "*/*"))
            : "application/json";
    return new Sent(
        operation.method(), path, type, new Visitor.Body(Mutations.body(body, random, foreign)));
  }

  private String address(Operation operation, boolean isWrong) {
    String path = operation.path();
    StringBuilder query = new StringBuilder();
    for (Parameter parameter : operation.parameters()) {
      String value = isWrong && random.nextBoolean() ? wrongPart() : rightPart(parameter);
      if (parameter.in().equals("path")) {
        path = path.replace("{" + parameter.name() + "}", encoded(value));
      } else if (parameter.in().equals("query") && !(isWrong && random.nextInt(6) == 0)) {
        query.append(query.isEmpty() ? '?' : '&').append(parameter.name()).append('=');
        query.append(encoded(value));
      }
    }
    return path + query;
  }

  private String rightPart(Parameter parameter) {
    JsonNode schema = parameter.schema();
    if (schema.has("enum")) {
      return pick(schema.get("enum").valueStream().map(JsonNode::asString).toList());
    }
    return switch (schema.path("format").asString(schema.path("type").asString(""))) {
      case "uuid" -> pick(own);
      case "date" -> "2026-12-07";
      case "date-time" -> "2026-12-07T17:30:00";
      case "int32", "int64" -> String.valueOf(1 + random.nextInt(2));
      case "boolean" -> "true";
      default -> "a-skip";
    };
  }

  private String wrongPart() {
    return pick(
        List.of(
            pick(foreign),
            "abc",
            "-1",
            "99999999999999999999",
            "NaN",
            "",
            "\u0000",
            "../../etc",
            "%",
            "\ud83d\ude00",
            "+999999999-12-31",
            "2026-02-30",
            "1-1-1-1-1",
            "x".repeat(3000),
            "' OR 1=1 --",
            "null"));
  }

  private static String encoded(String part) {
    return URLEncoder.encode(part, StandardCharsets.UTF_8).replace("+", "%20");
  }

  private static void judge(
      Visitor coach, Operation operation, Sent sent, Answer answer, Map<String, String> bad)
      throws IOException, InterruptedException {
    String where = operation.method() + " " + operation.path() + ": ";
    if (answer.status() >= 500) {
      bad.putIfAbsent(where + answer.status(), sent + "\n  -> " + answer);
    } else if (answer.status() == 401 && !operation.path().equals("/api/sign-in")) {
      bad.putIfAbsent(where + "signed out", sent + "\n  -> " + answer);
    } else if (answer.status() >= 400 && !answer.body().startsWith("<!doctype")) {
      boolean isTold = answer.body().contains("\"detail\"") || answer.status() == 400;
      if (!isTold) {
        bad.putIfAbsent(where + "says nothing", sent + "\n  -> " + answer);
      }
    }
    if (answer.took().compareTo(SLOW) > 0) {
      // A machine with other work to do is slow once, a slow answer again.
      Duration again = coach.send(sent).took();
      if (again.compareTo(SLOW) > 0) {
        bad.putIfAbsent(where + "slow", sent + "\n  -> " + answer.took() + ", " + again);
      }
    }
  }

  private static List<String> pages(Visitor visitor, String athlete)
      throws IOException, InterruptedException {
    List<String> pages = new ArrayList<>();
    for (String path :
        List.of(
            "/api/me",
            "/api/athletes",
            "/api/athletes/" + athlete,
            "/api/blocks",
            "/api/people",
            "/api/routines",
            "/api/library",
            "/api/approach",
            "/api/sessions?from=2026-01-01&until=2026-02-01")) {
      Answer answer = visitor.get(path);
      assertThat(answer.status()).as(path).isEqualTo(200);
      pages.add(answer.body());
    }
    return pages;
  }

  /** Whatever was accepted is read again. */
  private static void everythingReads(Visitor coach) throws IOException, InterruptedException {
    List<String> paths =
        new ArrayList<>(
            List.of(
                "/api/athletes", "/api/blocks", "/api/library", "/api/routines", "/api/people"));
    coach.get("/api/athletes").json().forEach(a -> paths.add("/api/athletes/" + id(a)));
    coach.get("/api/blocks").json().forEach(b -> paths.add("/api/blocks/" + id(b)));
    for (int year : List.of(1900, 2026, 2027, 2200)) {
      paths.add("/api/sessions?from=" + year + "-12-01&until=" + year + "-12-30");
    }
    for (String path : paths) {
      assertThat(coach.get(path).status()).as(path).isEqualTo(200);
    }
  }

  private static String id(JsonNode view) {
    return view.get("id").asString();
  }

  private static void everyPageOpens(String server) {
    Page page = RunningJubilee.coach(server);
    for (String path :
        List.of("/day", "/athletes", "/block", "/library", "/club", "/sessions/new")) {
      page.navigate(server + path);
      page.locator("h1").first().waitFor();
      page.waitForTimeout(500);
      String shown = page.locator("main").innerText();
      assertThat(shown).as(path).doesNotContain("cannot be shown", "That did not work");
    }
    page.context().close();
  }
}
