package dev.jubilee.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** From a session to a warm-up on the athlete's phone, in the real interface. */
@ExtendWith(RunningJubilee.class)
class FirstPathTest {

  @ParameterizedTest
  @CsvSource({
    "RUN, INTERVALS, 6 × 1000 m, Maren Tarnfield, /km",
    "RIDE, THRESHOLD, 2 × 20 min, Saskia Brandlow, W",
    "ROW, TIME_TRIAL, 2 km in earnest, Edda Lindmere, /500 m",
    "SWIM, SPRINT, 12 × 25 m, Wren Osterbeck, /100 m"
  })
  void signInPrescribeEditAndFollowOnThePhone(
      String sport, String kind, String title, String athlete, String unit) {
    Page page = RunningJubilee.coach();
    addSession(page, sport, kind, title, athlete);
    button(page, "Prescribe " + title + " for " + athlete).click();

    Locator rows = page.getByRole(AriaRole.LISTITEM);
    assertThat(page.getByTestId("length")).containsText("of 35 min");
    assertThat(page.getByRole(AriaRole.GROUP, list("The warm-up"))).containsText(unit);
    int items = rows.count();
    assertThat(items).isGreaterThan(8);

    String removed = firstOf(page, "Mobilise");
    button(page, "Remove " + removed).click();
    assertThat(page.getByRole(AriaRole.BUTTON, exactly("Remove " + removed))).hasCount(0);
    button(page, "Undo").click();
    assertThat(page.getByRole(AriaRole.BUTTON, exactly("Remove " + removed))).hasCount(1);

    page.getByRole(AriaRole.BUTTON, exactly(removed)).click();
    String dose = page.getByTestId("dose").textContent();
    button(page, "More").click();
    assertThat(page.getByTestId("dose")).not().hasText(dose);
    assertThat(page.getByRole(AriaRole.BUTTON, exactly("Unlock " + removed))).isVisible();

    Locator minutes = page.getByLabel("Minutes", new Page.GetByLabelOptions().setExact(true));
    minutes.fill("20");
    minutes.press("Enter");
    assertThat(page.getByTestId("length")).containsText("of 20 min");
    assertThat(page.getByRole(AriaRole.BUTTON, exactly("Unlock " + removed))).isVisible();

    button(page, "Make a link for " + athlete.substring(0, athlete.indexOf(' '))).click();
    String link = page.locator("section[aria-label='Hand over'] a").first().getAttribute("href");
    follow(link, title);
    page.context().close();
  }

  @Test
  void impossibleMinutesAreRefusedBesideTheFieldAndKeptAsTyped() {
    Page page = openFirstPlan();
    Locator minutes = page.getByLabel("Minutes", new Page.GetByLabelOptions().setExact(true));
    minutes.fill("500");
    minutes.press("Enter");
    assertThat(page.getByText("Accepted: 3 to 90 min")).isVisible();
    assertThat(minutes).hasValue("500");
    assertThat(page.getByTestId("length")).containsText("of 40 min");
    page.context().close();
  }

  @Test
  void theFormOfAnAthleteKeepsWhatWasTypedAndNamesWhatIsAccepted() {
    Page page = RunningJubilee.coach();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Athletes")).click();
    // On the day's page names lead there, too.
    page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Athletes"))
        .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Edda Lindmere"))
        .click();
    page.getByRole(AriaRole.LINK, exactly("Edit")).click();
    Locator time = page.getByLabel("Time, m:ss");
    time.fill("0:20");
    button(page, "Save").click();
    assertThat(page.getByText("Accepted: 5:20 to 15:00")).isVisible();
    assertThat(time).hasValue("0:20");
    page.context().close();
  }

  @Test
  void theBuilderWorksByKeyboard() {
    Page page = openFirstPlan();
    page.keyboard().press("ArrowDown");
    Locator chosen = page.locator("[aria-pressed=true]").first();
    String name = chosen.textContent();
    page.keyboard().press("l");
    assertThat(page.getByRole(AriaRole.BUTTON, exactly("Unlock " + name))).isVisible();
    page.keyboard().press("Delete");
    assertThat(page.getByRole(AriaRole.BUTTON, exactly("Remove " + name))).hasCount(0);
    page.keyboard().press("Control+z");
    assertThat(page.getByRole(AriaRole.BUTTON, exactly("Remove " + name))).hasCount(1);
    page.context().close();
  }

  @Test
  void anUnknownLinkSaysSo() {
    BrowserContext phone = RunningJubilee.screen(390, 844);
    Page page = phone.newPage();
    page.navigate(RunningJubilee.base() + "/f/not-a-link");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("ask your coach for a new one");
    phone.close();
  }

  @Test
  void aWarmUpOnceOpenedIsThereWithoutANetwork() {
    Page coach = openFirstPlan();
    Locator make =
        coach.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Make a link")));
    make.click();
    String link = coach.locator("section[aria-label='Hand over'] a").first().getAttribute("href");
    BrowserContext phone = RunningJubilee.screen(390, 844);
    Page page = phone.newPage();
    page.navigate(link);
    page.getByRole(AriaRole.BUTTON, exactly("Start")).waitFor();
    page.waitForFunction("() => navigator.serviceWorker.controller !== null");
    // Once more with the worker in charge, so that it has seen everything.
    page.reload();
    page.getByRole(AriaRole.BUTTON, exactly("Start")).waitFor();
    phone.setOffline(true);
    page.reload();
    page.getByRole(AriaRole.BUTTON, exactly("Start")).click();
    assertThat(page.getByTestId("count")).isVisible();
    phone.close();
    coach.context().close();
  }

  private static void follow(String link, String title) {
    BrowserContext phone = RunningJubilee.screen(390, 844);
    Page page = phone.newPage();
    page.navigate(link);
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText(title);
    assertThat(page.getByLabel("Start time")).isVisible();
    button(page, "Start").click();
    assertThat(page.getByTestId("count")).isVisible();
    assertThat(page.getByText(Pattern.compile("^Next: "))).isVisible();
    button(page, "Pause").click();
    String held = page.locator("[class*='_until_']").textContent();
    page.waitForTimeout(1200);
    assertThat(page.locator("[class*='_until_']")).hasText(held);
    // Still paused, so that how long this machine takes cannot decide where "back" goes.
    button(page, "Skip").click();
    String second = page.locator("[class*='_drill_'] h1").textContent();
    button(page, "Skip").click();
    button(page, "Back").click();
    assertThat(page.locator("[class*='_drill_'] h1")).hasText(second);
    button(page, "Resume").click();
    boolean sides = false;
    for (int i = 0; i < 60 && page.locator("[class*='_drill_']").count() > 0; i++) {
      sides |=
          page.locator("[class*='_drill_'] [class*='_dose_']").textContent().contains("a side");
      button(page, "Skip").click();
    }
    assertThat(page.getByText("Ready. Go to the start.")).isVisible();
    page.navigate(link + "/print");
    Locator sheet = page.getByRole(AriaRole.TABLE);
    assertThat(sheet).containsText("Settle");
    assertThat(sheet.textContent().contains("a side")).as("sides are followed").isEqualTo(sides);
    phone.close();
  }

  @Test
  void theWhiteboardIsUnderstoodWhileOneTypes() {
    Page page = RunningJubilee.coach();
    page.navigate(RunningJubilee.base() + "/sessions/new");
    Locator board = page.getByLabel("What you would write on the whiteboard");

    board.fill("row 2k tset");
    button(page, "Write “row 2k test”").click();
    assertThat(page.getByText("row race: 2 km", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    assertThat(page.getByLabel("Kind")).hasValue("TIME_TRIAL");
    assertThat(page.getByLabel("Sport", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("ROW");

    board.fill("5 x 1000 @ 5k, 90 s jog");
    button(page, "Line by line ▾").click();
    assertThat(page.getByLabel("Recovery")).hasValue("90 s jog");
    page.getByLabel("Times").fill("6");
    page.getByLabel("Times").press("Enter");
    assertThat(board).hasValue("6 x 1000 m @ 5 km pace / 90 s jog");
    page.context().close();
  }

  private static void addSession(
      Page page, String sport, String kind, String title, String athlete) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Add a session")).click();
    page.getByLabel("Sport", new Page.GetByLabelOptions().setExact(true)).selectOption(sport);
    page.getByLabel("Kind").selectOption(kind);
    page.getByLabel("What you would write on the whiteboard").fill(title);
    page.getByLabel("Minutes to warm up").fill("35");
    page.getByText(Pattern.compile("^" + athlete)).click();
    assertThat(page.getByLabel(Pattern.compile("^" + athlete))).isChecked();
    button(page, "Save").click();
    assertThat(page.getByText(title, new Page.GetByTextOptions().setExact(true)).first())
        .isVisible();
  }

  private static Page openFirstPlan() {
    Page page = RunningJubilee.coach();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("Open the warm-up of Pia")))
        .first()
        .click();
    page.getByTestId("length").waitFor();
    return page;
  }

  /** The first drill of a block in the list. */
  private static String firstOf(Page page, String block) {
    return page.locator("h2:text-is('" + block + "') + [role=list] button").first().textContent();
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, exactly(name));
  }

  private static Page.GetByRoleOptions exactly(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  private static Page.GetByRoleOptions list(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }
}
