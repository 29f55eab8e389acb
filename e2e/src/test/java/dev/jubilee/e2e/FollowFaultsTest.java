package dev.jubilee.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** What can go wrong in an athlete's hand: nothing is lost, nothing counts twice. */
@ExtendWith(RunningJubilee.class)
class FollowFaultsTest {
  private Page coach;
  private JsonNode link;

  @BeforeEach
  void handOver() {
    coach = RunningJubilee.coach();
    link = FollowedLink.handOver(coach, Sport.RUN);
  }

  @AfterEach
  void leave() {
    coach.context().close();
  }

  @Test
  void whatThePhoneRefusesIsDoneWithout() {
    BrowserContext phone = RunningJubilee.screen(320, 640);
    phone.addInitScript(
        "AudioContext = class { constructor() { throw new DOMException('no', 'NotAllowedError'); } };"
            + " Object.defineProperty(navigator, 'wakeLock', {value: {request: () =>"
            + "   Promise.reject(new DOMException('no', 'NotAllowedError'))}});"
            + " Object.defineProperty(navigator, 'bluetooth', {value: {requestDevice: () =>"
            + "   Promise.reject(new DOMException('no', 'SecurityError'))}});");
    Page page = open(phone);
    page.getByText("put a sensor on").click();
    button(page, "Heart-rate strap").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Bluetooth is not allowed here");
    button(page, "Start").click();
    assertThat(page.getByTestId("count")).isVisible();
    button(page, "Skip").click();
    until(f -> "SKIPPED".equals(f.at("/items/0/state").asString()));
    phone.close();
  }

  /** Stands in for a strap: says 126 once a second, until it is told to fall silent. */
  private static final String STRAP =
      "window.strap = new EventTarget(); let listener; let timer;"
          + " strap.name = 'Strap 7'; strap.gatt = {disconnect() {}, connect: async () => {"
          + "   if (window.silent) throw new DOMException('gone', 'NetworkError'); return {"
          + "   getPrimaryService: async () => ({getCharacteristic: async () => {"
          + "     const source = new EventTarget(); source.startNotifications = async () => {"
          + "       clearInterval(timer); timer = setInterval(() => { if (window.silent) return;"
          + "         source.value = new DataView(new Uint8Array([0, 126]).buffer);"
          + "         source.dispatchEvent(new Event('characteristicvaluechanged')); }, 1000); };"
          + "     return source; }}) }; }};"
          + " Object.defineProperty(navigator, 'bluetooth',"
          + "   {value: {requestDevice: async () => window.strap}});";

  @Test
  void aStrapThatDropsOutIsSaidAndLookedForAgainAndWhatItSaidIsOnTheRecord() {
    BrowserContext phone = RunningJubilee.screen(390, 844);
    phone.addInitScript(STRAP);
    Page page = open(phone);
    page.getByText("put a sensor on").click();
    button(page, "Heart-rate strap").click();
    assertThat(page.getByText("Strap 7, heard")).isVisible();
    button(page, "Start").click();
    Locator sensors = page.getByLabel("Sensors");
    assertThat(sensors).containsText("126");
    page.evaluate(
        "() => { window.silent = true;"
            + " strap.dispatchEvent(new Event('gattserverdisconnected')); }");
    assertThat(sensors).containsText("The sensor is not heard; it goes on by the clock.");
    assertThat(page.getByTestId("count")).isVisible();
    page.evaluate("() => { window.silent = false; }");
    assertThat(sensors).containsText("126");
    button(page, "Pause").click();
    until(f -> f.get("measured").size() > 0);
    JsonNode measured = FollowedLink.followed(coach, link).get("measured");
    assertThat(measured.at("/0/heartRate").asInt()).isEqualTo(126);
    phone.close();
  }

  @Test
  void aPhoneWhoseStorageIsFullSaysSoAndTellsAllTheSame() {
    BrowserContext phone = RunningJubilee.screen(390, 844);
    phone.addInitScript(
        "const put = IDBObjectStore.prototype.put; IDBObjectStore.prototype.put = function (...a) {"
            + " if (this.name === 'event') throw new DOMException('full', 'QuotaExceededError');"
            + " return put.apply(this, a); };");
    Page page = open(phone);
    button(page, "Start").click();
    button(page, "Skip").click();
    until(f -> "SKIPPED".equals(f.at("/items/0/state").asString()));
    button(page, "Leave the player").click();
    assertThat(page.getByText("This phone cannot keep anything")).isVisible();
    assertThat(FollowedLink.followed(coach, link).get("devices").size()).isBetween(1, 2);
    phone.close();
  }

  @Test
  void aClockThatIsSetInTheMiddleChangesNothing() {
    BrowserContext phone = RunningJubilee.screen(390, 844);
    phone.addInitScript(
        "const real = Date.now; window.wrong = 0; Date.now = () => real() + window.wrong;");
    Page page = open(phone);
    button(page, "Start").click();
    Locator left = page.getByTitle("Until the warm-up ends");
    String before = left.textContent();
    page.evaluate("() => { window.wrong = 3600000; }");
    page.waitForTimeout(1500);
    assertThat(secondsOf(before) - secondsOf(left.textContent())).isBetween(1, 5);
    page.evaluate("() => { window.wrong = -600000; }");
    button(page, "Jacket off").click();
    until(f -> !f.get("jacketOffSeconds").isNull());
    JsonNode followed = FollowedLink.followed(coach, link);
    assertThat(followed.get("jacketOffSeconds").asInt()).isBetween(0, 10);
    assertThat(followed.at("/devices/0/clockSeconds").asInt()).isBetween(-2, 2);
    phone.close();
  }

  @Test
  void aLinkThatIsRevokedInTheMiddleStillTellsAndTwoPhonesAreOneRecord() {
    BrowserContext phone = RunningJubilee.screen(390, 844);
    BrowserContext other = RunningJubilee.screen(390, 844);
    Page page = open(phone);
    Page second = open(other);
    button(page, "Start").click();
    button(second, "Start").click();
    button(page, "Skip").click();
    until(f -> f.get("devices").size() == 2 && !f.at("/items/0/state").isNull());
    coach.evaluate(
        "id => fetch(`/api/prescriptions/${id}/hand-over`, {method: 'DELETE', headers: {"
            + "'X-XSRF-TOKEN': decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1])}})",
        link.get("id").asString());
    button(page, "Jacket off").click();
    until(f -> !f.get("jacketOffSeconds").isNull());
    assertThat(page.getByTestId("count")).isVisible();
    assertThat(FollowedLink.followed(coach, link).get("devices")).hasSize(2);
    page.reload();
    assertThat(page.getByText("This link does not work")).isVisible();
    phone.close();
    other.close();
  }

  @Test
  void aServerThatIsStartedAnewMissesNothing() throws Exception {
    ConfigurableApplicationContext server =
        RunningJubilee.start("restarted", "--jubilee.demo=true", "--jubilee.demo-weeks=0");
    String database = server.getEnvironment().getProperty("spring.datasource.url");
    Page own = RunningJubilee.coach(RunningJubilee.base(server));
    JsonNode there = FollowedLink.handOver(own, Sport.RUN);
    BrowserContext phone = RunningJubilee.screen(390, 844);
    try (SlowLine line = new SlowLine(RunningJubilee.base(server), 0, 5, 1)) {
      Page page = phone.newPage();
      page.navigate(line.base() + "/f/" + there.get("token").asString());
      button(page, "Start").click();
      server.close();
      button(page, "Skip").click();
      button(page, "Jacket off").click();
      assertThat(page.getByTestId("count")).isVisible();
      try (ConfigurableApplicationContext again = RunningJubilee.startOn(database)) {
        String base = RunningJubilee.base(again);
        line.leadTo(base);
        long end = System.nanoTime() + Duration.ofSeconds(60).toNanos();
        JsonNode followed = FollowedLink.followed(base, own, there);
        while (followed.get("jacketOffSeconds").isNull() && System.nanoTime() < end) {
          page.waitForTimeout(500);
          followed = FollowedLink.followed(base, own, there);
        }
        // Which of the two depends on how long the server took to close.
        assertThat(followed.at("/items/0/state").asString()).isIn("SKIPPED", "PARTLY");
        assertThat(followed.get("devices")).hasSize(1);
      }
    }
    phone.close();
    own.context().close();
  }

  private Page open(BrowserContext phone) {
    Page page = phone.newPage();
    page.navigate(RunningJubilee.base() + "/f/" + link.get("token").asString());
    return page;
  }

  private void until(Predicate<JsonNode> isThere) {
    long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
    JsonNode followed = FollowedLink.followed(coach, link);
    while (!isThere.test(followed) && System.nanoTime() < end) {
      coach.waitForTimeout(200);
      followed = FollowedLink.followed(coach, link);
    }
    assertThat(isThere.test(followed)).as(followed.toString()).isTrue();
  }

  private static int secondsOf(String text) {
    String clock = text.replaceAll("[^0-9:]", "");
    int colon = clock.indexOf(':');
    return 60 * Integer.parseInt(clock.substring(0, colon))
        + Integer.parseInt(clock.substring(colon + 1));
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }
}
