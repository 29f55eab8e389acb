package dev.jubilee.server;

import java.io.InputStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Starts the application once for all tests, on a free port, against a fresh database in the
 * PostgreSQL that the environment names. Tests speak HTTP.
 */
public final class RunningServer implements BeforeAllCallback {
  private static ConfigurableApplicationContext context;
  private static String database;

  @Override
  public synchronized void beforeAll(ExtensionContext extension) throws Exception {
    if (context == null) {
      context = start();
    }
  }

  private static ConfigurableApplicationContext start() throws Exception {
    String name = "server_" + ProcessHandle.current().pid();
    database = freshDatabase(name);
    return start(database, "--jubilee.demo=true", "--jubilee.demo-weeks=0");
  }

  /** Another server, against a database that is there. */
  static ConfigurableApplicationContext start(String url, String... settings) {
    List<String> all = new ArrayList<>(List.of(settings));
    all.add("--spring.datasource.url=" + url);
    all.add("--server.port=0");
    all.add(
        "--spring.jpa.properties.hibernate.session_factory.statement_inspector="
            + ClubStatements.class.getName());
    return SpringApplication.run(JubileeApplication.class, all.toArray(String[]::new));
  }

  /** Another server of the same database. */
  static ConfigurableApplicationContext startBeside() {
    return start(database);
  }

  /** The address of a new, empty database. */
  static String freshDatabase(String name) throws SQLException {
    String url = System.getenv("JUBILEE_DB_URL");
    if (url == null) {
      throw new IllegalStateException(
          "These tests need PostgreSQL: run ./jubilee test, or set JUBILEE_DB_URL, JUBILEE_DB_USER"
              + " and JUBILEE_DB_PASSWORD.");
    }
    execute(url, "DROP DATABASE IF EXISTS " + name, "CREATE DATABASE " + name);
    return url.replaceFirst("/[^/]*$", "/" + name);
  }

  static void execute(String url, String... statements) throws SQLException {
    try (Connection connection = connect(url);
        Statement statement = connection.createStatement()) {
      for (String sql : statements) {
        statement.execute(sql);
      }
    }
  }

  static Connection connect(String url) throws SQLException {
    return DriverManager.getConnection(
        url, System.getenv("JUBILEE_DB_USER"), System.getenv("JUBILEE_DB_PASSWORD"));
  }

  /** To the database of the server that all tests share. */
  static Connection connect() throws SQLException {
    return connect(database);
  }

  /** What an earlier version, or bad luck, may have left in the database. */
  static void sql(String statement) throws SQLException {
    execute(database, statement);
  }

  static String base() {
    return base(context);
  }

  /** Where a server that was started answers. */
  static String base(ConfigurableApplicationContext started) {
    return "http://127.0.0.1:" + ((WebServerApplicationContext) started).getWebServer().getPort();
  }

  static <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  /** A browser without a screen: keeps cookies and sends the CSRF token. */
  static final class Visitor {
    private final CookieManager cookies;
    private final HttpClient http;
    private final String server;
    private boolean sendsToken = true;

    Visitor() {
      this(base());
    }

    Visitor(String server) {
      this(server, new CookieManager());
    }

    private Visitor(String server, CookieManager cookies) {
      this.server = server;
      this.cookies = cookies;
      this.http = HttpClient.newBuilder().cookieHandler(cookies).build();
    }

    /** The same person at another server. */
    Visitor at(String otherServer) {
      return new Visitor(otherServer, cookies);
    }

    /** What a server tells line by line. */
    InputStream stream(String path) throws Exception {
      HttpRequest request = HttpRequest.newBuilder(URI.create(server + path)).build();
      return http.send(request, HttpResponse.BodyHandlers.ofInputStream()).body();
    }

    Visitor withoutCsrfToken() {
      sendsToken = false;
      return this;
    }

    Visitor signedIn() throws Exception {
      return signedIn("coach@lanternmere.example", "lantern-mere");
    }

    Visitor signedIn(String email, String password) throws Exception {
      get("/api/me");
      String body = "{\"email\":\"" + email + "\",\"password\":\"" + password + "\"}";
      HttpResponse<String> answer = post("/api/sign-in", body);
      // A slow machine hashes few passwords at once, and says when to come back.
      for (int again = 0; again < 3 && answer.statusCode() == 429; again++) {
        Thread.sleep(1000L * answer.headers().firstValueAsLong("Retry-After").orElse(1));
        answer = post("/api/sign-in", body);
      }
      if (answer.statusCode() != 200) {
        throw new IllegalStateException("sign-in answered " + answer.statusCode());
      }
      get("/api/me");
      return this;
    }

    HttpResponse<String> get(String path) throws Exception {
      return send("GET", path, null);
    }

    HttpResponse<String> post(String path, String body) throws Exception {
      return send("POST", path, body);
    }

    HttpResponse<String> put(String path, String body) throws Exception {
      return send("PUT", path, body);
    }

    HttpResponse<String> delete(String path) throws Exception {
      return send("DELETE", path, null);
    }

    private HttpResponse<String> send(String method, String path, String body) throws Exception {
      return send(method, path, body, Map.of());
    }

    /** With headers of one's own. */
    HttpResponse<String> send(String method, String path, String body, Map<String, String> headers)
        throws Exception {
      HttpRequest.Builder request =
          HttpRequest.newBuilder(URI.create(server + path))
              .header("Content-Type", "application/json")
              .method(
                  method,
                  body == null
                      ? HttpRequest.BodyPublishers.noBody()
                      : HttpRequest.BodyPublishers.ofString(body));
      Optional<HttpCookie> token =
          cookies.getCookieStore().getCookies().stream()
              .filter(c -> c.getName().equals("XSRF-TOKEN"))
              .findFirst();
      headers.forEach(request::setHeader);
      if (sendsToken && token.isPresent()) {
        request.header("X-XSRF-TOKEN", token.get().getValue());
      }
      return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }
  }
}
