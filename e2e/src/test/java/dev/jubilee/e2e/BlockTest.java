package dev.jubilee.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The training block in the browser. */
@ExtendWith(RunningJubilee.class)
class BlockTest {
  private static final int PATIENCE_MS = 60_000;

  @Test
  void aRungIsDraggedPreviewedAppliedAndUndone() {
    Page page = block();
    page.getByRole(AriaRole.BUTTON, named("Ines Farrowby")).click();
    Locator rung = page.locator("[class*='_step_'][class*='_provisional_']").last();
    String before = rung.getAttribute("aria-valuenow");
    BoundingBox at = rung.locator("circle").boundingBox();
    page.mouse().move(at.x + 5, at.y + 5);
    page.mouse().down();
    page.mouse().move(at.x + 85, at.y + 5);
    page.mouse().up();
    Locator preview = page.getByRole(AriaRole.REGION, named("What would change"));
    assertThat(preview).containsText("As you planned");
    apply(preview);
    awaitPrescribed(page);
    assertThat(page.locator("[class*='_step_'][class*='_provisional_']").last())
        .not()
        .hasAttribute("aria-valuenow", before);
    page.getByRole(AriaRole.BUTTON, named("Undo")).click();
    awaitPrescribed(page);
    assertThat(page.locator("[class*='_step_'][class*='_provisional_']").last())
        .hasAttribute("aria-valuenow", before);
    page.context().close();
  }

  @Test
  void illnessIsPlannedAroundAndTheWarmUpsAreOneClickAway() {
    Page page = block();
    page.getByRole(AriaRole.BUTTON, named("Jory Pellwick")).click();
    page.locator("[class*='_week-head_']").nth(3).click();
    page.getByLabel("What").selectOption("ILL");
    String firstDay = page.locator("[class*='_week-head_']").nth(2).getAttribute("data-first-day");
    String sunday = java.time.LocalDate.parse(firstDay).plusDays(6).toString();
    page.getByLabel("First day", exact()).fill(firstDay);
    page.getByLabel("Last day", exact()).fill(sunday);
    page.getByRole(AriaRole.BUTTON, named("See what changes")).first().click();
    Locator preview = page.getByRole(AriaRole.REGION, named("What would change"));
    assertThat(preview).containsText("No training this week");
    apply(preview);
    awaitPrescribed(page);
    page.locator("[class*='_week-head_']").nth(2).click();
    assertThat(page.locator("aside[aria-label='The week']")).containsText("No training this week");
    assertThat(page.locator("ol[aria-label='Warm-ups of the week'] li")).hasCount(0);
    page.locator("[class*='_week-head_']").nth(0).click();
    page.locator("ol[aria-label='Warm-ups of the week'] a").first().click();
    assertThat(page.getByTestId("length")).isVisible();
    page.context().close();
  }

  @Test
  void theSquadSheetFitsAPhone() {
    Page page = block();
    page.locator("ol[aria-label='Warm-ups of the week'] a").nth(1).click();
    assertThat(page.locator("[class*='_sheet_'] tbody tr").first()).isVisible();
    page.setViewportSize(390, 844);
    page.getByRole(AriaRole.GROUP, named("Athlete")).getByRole(AriaRole.BUTTON).nth(1).click();
    assertThat(page.locator("[class*='_sheet_'] thead th[class*='_shown_']")).hasCount(1);
    int width = (int) page.evaluate("document.documentElement.scrollWidth");
    org.assertj.core.api.Assertions.assertThat(width).isLessThanOrEqualTo(390);
    page.context().close();
  }

  private static Page block() {
    Page page = RunningJubilee.coach();
    page.getByRole(AriaRole.LINK, named("Block")).click();
    awaitPrescribed(page);
    return page;
  }

  /** The weeks move up when the preview goes; what is clicked before may be missed. */
  private static void apply(Locator preview) {
    preview.getByRole(AriaRole.BUTTON, in("Apply")).click();
    assertThat(preview).not().isVisible();
  }

  private static void awaitPrescribed(Page page) {
    assertThat(page.getByText(Pattern.compile("Prescribing: ")))
        .not()
        .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(PATIENCE_MS));
    assertThat(page.locator("[class*='_week-head_']").first()).isVisible();
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static Locator.GetByRoleOptions in(String name) {
    return new Locator.GetByRoleOptions().setName(name);
  }

  private static Page.GetByLabelOptions exact() {
    return new Page.GetByLabelOptions().setExact(true);
  }
}
