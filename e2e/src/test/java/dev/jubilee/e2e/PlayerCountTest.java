package dev.jubilee.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Whatever is counted, the count fits the screen, and is as large as it can be. */
@ExtendWith(RunningJubilee.class)
class PlayerCountTest {
  private static final int[][] SCREENS = {
    {320, 568}, {360, 640}, {390, 844}, {844, 390}, {820, 1180}, {1280, 800}
  };
  private static final long A_MINUTE = 60_000;
  private static final long AN_HOUR = 60 * A_MINUTE;
  private static final int[] SECONDS = {3, 28, 60, 387, 3599, 3600, 3750};
  private static final String[] COUNTS = {"3", "28", "1:00", "6:27", "59:59", "1:00:00", "1:02:30"};

  /** Whether what stands below each other is so, and nothing lies over anything. */
  private static final String WORDS_ARE_APART =
      """
      () => {
        const words = [...document.querySelectorAll("main > div")]
          .find((d) => d.textContent.includes("Next:"));
        const boxes = [...words.children].map((e) => e.getBoundingClientRect());
        return boxes.every((box, i) => i === 0 || box.top >= boxes[i - 1].bottom - 1);
      }""";

  @Test
  void anyCountFitsAnyScreen() {
    Page coach = RunningJubilee.coach();
    coach
        .getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("Open the warm-up of (?!Pia)")))
        .first()
        .click();
    Locator made = coach.locator("section[aria-label='Hand over'] a").first();
    Locator make =
        coach.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Make a link")));
    make.or(made).first().waitFor();
    if (make.isVisible()) {
      make.click();
    }
    String link = made.getAttribute("href");
    long start = startOf(coach, link);
    // With time in hand, and so late that it is asked what to leave out.
    everyCountAt(start - 2 * AN_HOUR, link);
    everyCountAt(start - AN_HOUR / 3, link);
    coach.context().close();
  }

  /** ms since the epoch, as the page reads it. */
  private static long startOf(Page coach, String link) {
    Object start =
        coach.evaluate(
            """
            async (link) => {
              const answer = await fetch(`/api/follow/${link.split("/").pop()}`);
              return new Date((await answer.json()).startsAt).getTime();
            }""",
            link);
    return ((Number) start).longValue();
  }

  private static void everyCountAt(long time, String link) {
    BrowserContext phone = RunningJubilee.withoutWorker();
    Page page = phone.newPage();
    page.clock().install(new Clock.InstallOptions().setTime(time));
    for (int i = 0; i < SECONDS.length; i++) {
      int seconds = SECONDS[i];
      page.unroute("**/api/follow/*");
      page.route("**/api/follow/*", route -> firstSegmentLasts(route, seconds));
      page.navigate(link);
      Locator start = button(page, "Start");
      start.waitFor();
      // However long a click takes, nothing has been counted down.
      page.clock().pauseAt(time + (i + 1) * A_MINUTE);
      start.click();
      button(page, "Pause").click();
      for (int[] screen : SCREENS) {
        page.setViewportSize(screen[0], screen[1]);
        assertThat(page.getByTestId("count").locator("strong")).hasText(COUNTS[i]);
        check(page, screen, seconds);
      }
      page.clock().resume();
    }
    phone.close();
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private static void check(Page page, int[] screen, int seconds) {
    String where = seconds + " s on " + screen[0] + " x " + screen[1];
    Locator figure = page.getByTestId("count").locator("strong");
    assertThat(figure).isVisible();
    BoundingBox box = inkOf(figure);
    assertThat(box.x).as("left edge, " + where).isGreaterThanOrEqualTo(0);
    assertThat(box.x + box.width).as("right edge, " + where).isLessThanOrEqualTo(screen[0]);
    assertThat((int) page.evaluate("document.documentElement.scrollWidth"))
        .as("nothing beside the screen, " + where)
        .isLessThanOrEqualTo(screen[0]);
    BoundingBox footer = page.locator("footer").boundingBox();
    assertThat(box.y + box.height).as("above the buttons, " + where).isLessThan(footer.y);
    assertThat(footer.y + footer.height)
        .as("buttons on the screen, " + where)
        .isLessThanOrEqualTo(screen[1]);
    assertThat((boolean) page.evaluate(WORDS_ARE_APART)).as("words apart, " + where).isTrue();
    assertThat(box.width > 0.4 * Math.min(screen[0], 640) || box.height > 0.12 * screen[1])
        .as("legible at arm's length, %s: %.0f x %.0f", where, box.width, box.height)
        .isTrue();
  }

  /** The box of the text itself, which may be larger than its element. */
  private static BoundingBox inkOf(Locator element) {
    String js =
        "e => { const r = document.createRange(); r.selectNodeContents(e);"
            + " const b = r.getBoundingClientRect();"
            + " return [b.x, b.y, b.width, b.height].map(v => v + 0.0001); }";
    @SuppressWarnings("unchecked")
    List<Number> found = (List<Number>) element.evaluate(js);
    BoundingBox box = new BoundingBox();
    box.x = found.get(0).doubleValue();
    box.y = found.get(1).doubleValue();
    box.width = found.get(2).doubleValue();
    box.height = found.get(3).doubleValue();
    return box;
  }

  private static void firstSegmentLasts(Route route, int seconds) {
    String plan =
        route
            .fetch()
            .text()
            .replaceFirst(
                "\"segments\":\\[\\{[^}]*\\}",
                "\"segments\":[{\"kind\":\"WORK\",\"seconds\":"
                    + seconds
                    + ",\"side\":\"BOTH\",\"count\":0,\"note\":\"\"}");
    route.fulfill(new Route.FulfillOptions().setContentType("application/json").setBody(plan));
  }
}
