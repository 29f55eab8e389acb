package dev.jubilee.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import dev.jubilee.server.JubileeApplication;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The whole application with demo data on a fresh database, and Debian's Chromium to drive it. */
public final class RunningJubilee implements BeforeAllCallback {
  static final String CHROMIUM = "/usr/bin/chromium-headless-shell";

  private static ConfigurableApplicationContext application;
  private static Playwright playwright;
  private static Browser browser;

  /** Cookies and what the page keeps, by server. */
  private static final Map<String, String> SIGNED_IN = new HashMap<>();

  @Override
  public synchronized void beforeAll(ExtensionContext context) throws Exception {
    if (application == null) {
      application = start("e2e", "--jubilee.demo=true", "--jubilee.demo-weeks=0");
      // A busy machine is slow, not wrong.
      PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
      playwright = Playwright.create();
      browser = playwright.chromium().launch(headless());
    }
  }

  /** Debian's Chromium, quiet but for what a test asks of it. */
  static BrowserType.LaunchOptions headless(String... more) {
    List<String> settings =
        new ArrayList<>(
            List.of(
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync"));
    settings.addAll(List.of(more));
    return new BrowserType.LaunchOptions().setExecutablePath(Path.of(CHROMIUM)).setArgs(settings);
  }

  static Playwright playwright() {
    return playwright;
  }

  /**
   * Starts the application against a database of its own.
   *
   * @param purpose becomes part of the database's name
   */
  public static ConfigurableApplicationContext start(String purpose, String... settings)
      throws Exception {
    String url = System.getenv("JUBILEE_DB_URL");
    if (url == null) {
      throw new IllegalStateException("These tests need PostgreSQL: run ./jubilee test.");
    }
    String name = purpose + "_" + ProcessHandle.current().pid();
    try (Connection admin =
            DriverManager.getConnection(
                url, System.getenv("JUBILEE_DB_USER"), System.getenv("JUBILEE_DB_PASSWORD"));
        Statement statement = admin.createStatement()) {
      statement.execute("CREATE DATABASE " + name);
    }
    return startOn(url.replaceFirst("/[^/]*$", "/" + name), settings);
  }

  /** Starts the application against a database that is there. */
  static ConfigurableApplicationContext startOn(String url, String... settings) {
    List<String> all = new ArrayList<>(List.of(settings));
    all.add("--spring.datasource.url=" + url);
    if (all.stream().noneMatch(s -> s.startsWith("--server.port="))) {
      all.add("--server.port=0");
    }
    return SpringApplication.run(JubileeApplication.class, all.toArray(String[]::new));
  }

  /** Where an application that was started answers. */
  public static String base(ConfigurableApplicationContext started) {
    String address = started.getEnvironment().getProperty("server.address");
    return "http://"
        + address
        + ":"
        + ((WebServerApplicationContext) started).getWebServer().getPort();
  }

  static String base() {
    return base(application);
  }

  public static BrowserContext screen(int width, int height) {
    return screen(browser, width, height);
  }

  static BrowserContext screen(Browser browser, int width, int height) {
    return browser.newContext(new Browser.NewContextOptions().setViewportSize(width, height));
  }

  /** A phone on which nothing stands between the page and the network. */
  static BrowserContext withoutWorker() {
    return browser.newContext(
        new Browser.NewContextOptions()
            .setViewportSize(390, 844)
            .setServiceWorkers(ServiceWorkerPolicy.BLOCK));
  }

  /** A coach at a laptop, signed in. */
  static Page coach() {
    return coach(base());
  }

  /** The demo's coach at a laptop, signed in to a server; once, as all their laptops share it. */
  public static synchronized Page coach(String server) {
    String known = SIGNED_IN.get(server);
    BrowserContext laptop =
        browser.newContext(
            new Browser.NewContextOptions().setViewportSize(1280, 800).setStorageState(known));
    Page page = laptop.newPage();
    page.navigate(server + "/");
    if (known == null) {
      page.getByLabel("E-mail").fill("coach@lanternmere.example");
      page.getByLabel("Password").fill("lantern-mere");
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in")).click();
    }
    // Leaving before the answer has come would leave the coach signed out.
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign out")).waitFor();
    SIGNED_IN.computeIfAbsent(server, s -> laptop.storageState());
    return page;
  }
}
