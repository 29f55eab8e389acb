package dev.jubilee.e2e.fuzz;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Someone who sends whatever they like. */
final class Visitor {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final Duration PATIENCE = Duration.ofSeconds(60);

  private final String server;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();

  Visitor(String server) {
    this.server = server;
  }

  /** Bytes of whatever kind. */
  static final class Body {
    private final byte[] bytes;

    Body(byte[] bytes) {
      this.bytes = bytes;
    }

    byte[] bytes() {
      return bytes;
    }

    String text() {
      return new String(bytes, StandardCharsets.UTF_8);
    }
  }

  /** What is sent. */
  record Sent(String method, String path, String contentType, Body body) {
    static Sent json(String method, String path, String body) {
      return new Sent(
          method, path, "application/json", new Body(body.getBytes(StandardCharsets.UTF_8)));
    }

    static Sent plain(String method, String path) {
      return new Sent(method, path, "application/json", null);
    }

    @Override
    public String toString() {
      String text = body == null ? "" : body.text();
      String shown = text.length() > 700 ? text.substring(0, 700) + " …" : text;
      return method + " " + path + " " + contentType + " " + shown;
    }
  }

  /** What came back, and after how long. */
  record Answer(int status, String body, Duration took) {
    JsonNode json() {
      return JSON.readTree(body);
    }
  }

  Visitor signedIn(String email, String password) throws IOException, InterruptedException {
    get("/api/me");
    Answer answer =
        send(
            Sent.json(
                "POST",
                "/api/sign-in",
                "{\"email\":\"" + email + "\",\"password\":\"" + password + "\"}"));
    if (answer.status() != 200) {
      throw new IllegalStateException("sign-in answered " + answer);
    }
    get("/api/me");
    return this;
  }

  Answer get(String path) throws IOException, InterruptedException {
    return send(Sent.plain("GET", path));
  }

  Answer send(Sent sent) throws IOException, InterruptedException {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(server + sent.path()))
            .timeout(PATIENCE)
            .method(
                sent.method(),
                sent.body() == null
                    ? BodyPublishers.noBody()
                    : BodyPublishers.ofByteArray(sent.body().bytes()));
    if (sent.contentType() != null) {
      request.header("Content-Type", sent.contentType());
    }
    cookies.getCookieStore().getCookies().stream()
        .filter(c -> c.getName().equals("XSRF-TOKEN"))
        .findFirst()
        .ifPresent(c -> request.header("X-XSRF-TOKEN", c.getValue()));
    long before = System.nanoTime();
    HttpResponse<String> answer;
    try {
      answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    } catch (IOException e) {
      // A line that was cut after too large a body is taken for an open one now and then.
      answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }
    Duration took = Duration.ofNanos(System.nanoTime() - before);
    return new Answer(answer.statusCode(), answer.body(), took);
  }
}
