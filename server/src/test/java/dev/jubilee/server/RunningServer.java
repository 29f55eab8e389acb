package dev.jubilee.server;

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
    String url = System.getenv("JUBILEE_DB_URL");
    if (url == null) {
      throw new IllegalStateException(
          "These tests need PostgreSQL: run ./jubilee test, or set JUBILEE_DB_URL, JUBILEE_DB_USER"
              + " and JUBILEE_DB_PASSWORD.");
    }
    String name = "server_" + ProcessHandle.current().pid();
    execute(url, "DROP DATABASE IF EXISTS " + name, "CREATE DATABASE " + name);
    database = url.replaceFirst("/[^/]*$", "/" + name);
    return SpringApplication.run(
        JubileeApplication.class,
        "--spring.datasource.url=" + database,
        "--server.port=0",
        "--jubilee.demo=true");
  }

  private static void execute(String url, String... statements) throws SQLException {
    try (Connection connection =
            DriverManager.getConnection(
                url, System.getenv("JUBILEE_DB_USER"), System.getenv("JUBILEE_DB_PASSWORD"));
        Statement statement = connection.createStatement()) {
      for (String sql : statements) {
        statement.execute(sql);
      }
    }
  }

  /** What an earlier version, or bad luck, may have left in the database. */
  static void sql(String statement) throws SQLException {
    execute(database, statement);
  }

  static String base() {
    return "http://127.0.0.1:" + ((WebServerApplicationContext) context).getWebServer().getPort();
  }

  static <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  /** A browser without a screen: keeps cookies and sends the CSRF token. */
  static final class Visitor {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
    private boolean sendsToken = true;

    Visitor withoutCsrfToken() {
      sendsToken = false;
      return this;
    }

    Visitor signedIn() throws Exception {
      get("/api/me");
      HttpResponse<String> answer =
          post(
              "/api/sign-in",
              "{\"email\":\"coach@lanternmere.example\",\"password\":\"lantern-mere\"}");
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
      HttpRequest.Builder request =
          HttpRequest.newBuilder(URI.create(base() + path))
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
      if (sendsToken && token.isPresent()) {
        request.header("X-XSRF-TOKEN", token.get().getValue());
      }
      return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }
  }
}
