package dev.jubilee.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The library, and editing at full strength. */
@ExtendWith(RunningJubilee.class)
class LibraryTest {

  /** One record that cannot be shown is said so; the way to other pages stays. */
  @Test
  void aPageThatCannotBeShownBlanksNothingElse() {
    Page page = RunningJubilee.coach();
    assertThat(page).hasTitle("Day · Jubilee");
    page.route(
        "**/api/library",
        route ->
            route.fulfill(
                new Route.FulfillOptions().setContentType("application/json").setBody("[null]")));
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Library")).click();
    assertThat(page.getByText("This page cannot be shown")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Athletes")).click();
    assertThat(page).hasTitle("Athletes · Jubilee");
    assertThat(page.getByText("This page cannot be shown")).hasCount(0);
    assertThat(page.locator("main")).isFocused();
    page.context().close();
  }

  @Test
  void aDrillIsFoundByWhatCoachesCallItAndItsLadderIsClimbed() {
    Page page = RunningJubilee.coach();
    link(page, "Library").click();
    Locator drills = page.locator("ul[aria-label=Drills] > li");
    page.getByLabel("Name, or what it is for").fill("grapevine");
    assertThat(drills).hasCount(1);
    assertThat(drills).containsText("Carioca");

    page.getByLabel("Name, or what it is for").fill("a-march");
    Locator climb = page.getByRole(AriaRole.REGION, named("Ladder"));
    assertThat(climb).containsText("3 rungs");
    climb.getByText("A-run", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByRole(AriaRole.HEADING, exactly("A-run"))).isVisible();

    page.getByLabel("Name, or what it is for").fill("");
    page.getByLabel("Sport").selectOption("SWIM");
    page.locator("label", new Page.LocatorOptions().setHasText("Wet deck")).click();
    assertThat(page.getByTestId("found")).not().containsText("238 of");
    page.context().close();
  }

  @Test
  void aClubTakesInItsOwnVersionAndFaultsAreTold() {
    Page page = RunningJubilee.coach();
    link(page, "Library").click();
    page.getByLabel("Name, or what it is for").fill("thread the needle");
    page.getByRole(AriaRole.BUTTON, exactly("Make your own version")).click();
    Locator own = page.getByRole(AriaRole.REGION, named("Your own drills"));
    assertThat(own.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)))
        .hasValue("Thread the needle, ours");
    own.getByLabel("Common fault and its fix").fill("");
    page.getByRole(AriaRole.BUTTON, exactly("Save this drill")).click();
    assertThat(own.getByLabel("Common fault and its fix")).hasAttribute("aria-invalid", "true");
    own.getByLabel("Common fault and its fix").fill("Rushing; breathe out on the way.");
    page.getByRole(AriaRole.BUTTON, exactly("Save this drill")).click();
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("our-thread-the-needle");

    byte[] broken = "[{\"id\": \"x\",\n \"block\": \"sometime\"}]".getBytes(UTF_8);
    own.getByLabel("Import a file")
        .setInputFiles(new FilePayload("drills.json", "application/json", broken));
    assertThat(page.getByRole(AriaRole.ALERT).last()).containsText("line 2");
    page.getByLabel("Name, or what it is for").fill("ours");
    assertThat(page.getByRole(AriaRole.LIST, named("Drills"))).containsText("yours");
    page.context().close();
  }

  @Test
  void movedComparedKeptAndGivenToAnother() {
    Page page = RunningJubilee.coach();
    open(page, "Ottilie|Pia");
    Locator names = page.locator("[class*='_plan-row_'] [class*='_name_']");
    String second = names.nth(1).textContent();
    names.nth(1).click();
    page.keyboard().press("Alt+ArrowDown");
    assertThat(names.nth(2)).hasText(second);

    page.getByRole(AriaRole.BUTTON, named("Compare with an earlier version")).click();
    Locator changes = page.getByRole(AriaRole.LIST, named("What changed"));
    assertThat(changes).containsText(second);

    page.getByRole(AriaRole.BUTTON, named("Approach")).click();
    page.getByLabel("What comes first").selectOption("JOINTS");
    assertThat(page.locator("[class*='_plan-block_']").first()).hasText("Mobilise");

    page.getByLabel("Keep these drills as").fill("Lake morning");
    page.getByRole(AriaRole.BUTTON, exactly("Keep")).click();
    page.getByRole(AriaRole.BUTTON, exactly("Use Lake morning")).waitFor();
    link(page, "Day").click();
    open(page, "Caspian");
    page.getByRole(AriaRole.BUTTON, exactly("Use Lake morning")).click();
    assertThat(page.getByRole(AriaRole.STATUS)).not().isEmpty();
    page.context().close();
  }

  @Test
  void dragAndDropMovesADrill() {
    Page page = RunningJubilee.coach();
    // Both ends in view: a page that scrolls on the way moves what is under the pointer.
    page.setViewportSize(1280, 1100);
    open(page, "Dov");
    Locator rows = page.locator("[class*='_plan-row_']");
    String dragged = page.locator("[class*='_plan-row_'] [class*='_name_']").nth(1).textContent();
    rows.nth(1).dragTo(rows.nth(3));
    assertThat(page.locator("[class*='_plan-row_'] [class*='_name_']").nth(3)).hasText(dragged);
    page.context().close();
  }

  @Test
  void aDrillIsDraggedOnTheAxis() {
    Page page = RunningJubilee.coach();
    open(page, "Wren");
    Locator names = page.locator("[class*='_plan-row_'] [class*='_name_']");
    String dragged = names.nth(1).textContent();
    BoundingBox from = tread(page, 1).boundingBox();
    BoundingBox to = tread(page, 3).boundingBox();
    page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
    page.mouse().down();
    page.mouse().move(to.x + to.width - 1, to.y + to.height / 2);
    page.mouse().up();
    assertThat(names.nth(3)).hasText(dragged);
    page.context().close();
  }

  @Test
  void aLongWaitTellsOnTheStateAtTheStart() {
    Page page = RunningJubilee.coach();
    open(page, "Tobias");
    Locator verdict = page.getByRole(AriaRole.REGION, named("At the start"));
    assertThat(verdict).containsText("Warm");
    assertThat(verdict).not().containsText("Not warm enough");
    page.locator("[class*='_plan-row_'] [class*='_name_']").last().click();
    for (int i = 0; i < 40; i++) {
      page.getByRole(AriaRole.BUTTON, exactly("More")).click();
    }
    assertThat(verdict).containsText("Not warm enough");
    assertThat(page.locator("[class*='_curve-ghost_']")).hasCount(1);
    page.context().close();
  }

  private static Locator tread(Page page, int index) {
    return page.locator("[class*='_countdown_'] button[class*='_tread_']").nth(index);
  }

  private static void open(Page page, String athlete) {
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions()
                .setName(Pattern.compile("Open the warm-up of (" + athlete + ")")))
        .first()
        .click();
    page.getByTestId("length").waitFor();
  }

  private static Locator link(Page page, String name) {
    return page.getByRole(AriaRole.LINK, exactly(name));
  }

  private static Page.GetByRoleOptions exactly(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }
}
