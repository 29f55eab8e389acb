package dev.jubilee.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Each screen against the rules of WCAG 2.2 A and AA that axe-core can tell, light and dark. */
@ExtendWith(RunningJubilee.class)
class AccessibilityTest {
  private static final String TOMORROW =
      "async () => new Date(Date.parse((await (await fetch('/api/me')).json()).today) + 864e5)"
          + ".toISOString().slice(0, 10)";

  private static final List<String> OF_COLOUR = List.of("color-contrast", "link-in-text-block");

  @Test
  void theCoachsScreens() {
    Page page = RunningJubilee.coach();
    page.navigate(RunningJubilee.base() + "/day");
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("Open the warm-up of Caspian")))
        .first()
        .waitFor();
    expectNoViolations(page, "day");
    page.navigate(RunningJubilee.base() + "/sessions/new");
    page.getByLabel("Kind").waitFor();
    expectNoViolations(page, "session");
    page.navigate(RunningJubilee.base() + "/library");
    page.getByText("The climb").or(page.getByText("Your own drills")).first().waitFor();
    expectNoViolations(page, "library");
    page.navigate(RunningJubilee.base() + "/block");
    page.locator("[class*='_trend_']").last().waitFor();
    expectNoViolations(page, "block");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Edda Lindmere")).click();
    page.getByText("Time away and pain").waitFor();
    expectNoViolations(page, "athlete's block");
    page.getByText("Week and groups").click();
    page.getByText("Sessions from a file").waitFor();
    expectNoViolations(page, "block layout");
    String tomorrow = (String) page.evaluate(TOMORROW);
    page.navigate(RunningJubilee.base() + "/board/" + tomorrow);
    page.getByText("check-ins to decide").waitFor();
    page.locator("section[aria-label=Check-ins] button[aria-expanded]").last().click();
    page.getByText("Together:").waitFor();
    expectNoViolations(page, "board");
    page.navigate(RunningJubilee.base() + "/athletes");
    page.getByText("What the body shows").waitFor();
    expectNoViolations(page, "athlete");
    page.getByText("Edit", new Page.GetByTextOptions().setExact(true)).click();
    page.getByText("What the results say").waitFor();
    expectNoViolations(page, "athlete's form");
    page.navigate(RunningJubilee.base() + "/day");
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("Open the warm-up of Caspian")))
        .first()
        .click();
    page.getByTestId("length").waitFor();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Approach")).click();
    page.getByLabel("What comes first").waitFor();
    expectNoViolations(page, "builder");
    page.context().close();
  }

  @Test
  void theAthletesScreens() {
    Page coach = RunningJubilee.coach();
    coach
        .getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("Open the warm-up of Dov")))
        .first()
        .click();
    coach
        .getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Make a link")))
        .click();
    String link = coach.locator("section[aria-label='Hand over'] a").first().getAttribute("href");
    BrowserContext phone = RunningJubilee.screen(390, 844);
    Page page = phone.newPage();
    page.navigate(link);
    page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)).waitFor();
    page.getByText("put a sensor on").click();
    page.getByText("Made-up sensors, to try it").click();
    expectNoViolations(page, "follow");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start").setExact(true))
        .click();
    page.getByTestId("count").waitFor();
    page.getByLabel("Sensors").getByText("HR").waitFor();
    expectNoViolations(page, "player");
    // To the wait by keyboard alone.
    Locator skip =
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Skip").setExact(true));
    skip.focus();
    Locator wait = page.getByText("Warm-up done");
    for (int i = 0; i < 60 && !wait.isVisible(); i++) {
      page.keyboard().press("Enter");
    }
    expectNoViolations(page, "wait");
    page.navigate(link + "/print");
    page.getByRole(AriaRole.TABLE).waitFor();
    expectNoViolations(page, "print");
    phone.close();
    coach.context().close();
  }

  /** Looks at a screen in the light by every rule, then in the dark by those of colour. */
  static void expectNoViolations(Page page, String screen) {
    expectNone(
        new AxeBuilder(page)
            .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa")),
        screen + ", light");
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
    expectNone(new AxeBuilder(page).withRules(OF_COLOUR), screen + ", dark");
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
  }

  private static void expectNone(AxeBuilder axe, String screen) {
    List<String> violations =
        axe.analyze().getViolations().stream().map(AccessibilityTest::words).toList();
    assertThat(violations).as(screen).isEmpty();
  }

  private static String words(Rule rule) {
    return rule.getId()
        + ": "
        + rule.getNodes().stream().limit(3).map(n -> String.valueOf(n.getTarget())).toList();
  }
}
