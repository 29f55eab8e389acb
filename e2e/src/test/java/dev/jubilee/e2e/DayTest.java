package dev.jubilee.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** From a check-in without a network to a decision in the warm-up, on a phone and on the board. */
@ExtendWith(RunningJubilee.class)
class DayTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final LocatorAssertions.IsVisibleOptions PATIENTLY =
      new LocatorAssertions.IsVisibleOptions().setTimeout(30_000);

  /** Whether the plan and what is decided beforehand are on the device, and the worker works. */
  private static final String IS_THERE =
      "async () => { const kept = await (await caches.open('jubilee-follow-1')).keys();"
          + " return kept.some(k => k.url.endsWith('/in-hand')) && kept.length > 1"
          + "   && navigator.serviceWorker.controller !== null; }";

  private Page coach;
  private BrowserContext phone;
  private Page page;
  private JsonNode link;

  @BeforeEach
  void tomorrow() {
    coach = RunningJubilee.coach();
    link = handOver();
    phone = RunningJubilee.screen(390, 844);
    page = phone.newPage();
    page.navigate(RunningJubilee.base() + "/f/" + link.get("token").asString());
    long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
    while (!Boolean.TRUE.equals(page.evaluate(IS_THERE))) {
      assertThat(System.nanoTime()).as("waiting for the worker").isLessThan(end);
      page.waitForTimeout(50);
    }
  }

  @AfterEach
  void close() {
    phone.close();
    coach.context().close();
  }

  @Test
  void whatIsToldWithoutANetworkIsDecidedOnTheBoardAndBecomesThePlan() {
    phone.setOffline(true);
    page.reload();
    button(page, "Check in").click();
    button(page, "Slept: 2 of 5").click();
    button(page, "Mood: 1 of 5").click();
    // By keyboard, as with a switch or a broken screen.
    page.getByLabel("left calf", new Page.GetByLabelOptions().setExact(true)).first().focus();
    page.keyboard().press("Enter");
    exactly(page, "sore").click();
    button(page, "Tell my coach").click();
    assertThat(page.getByText("Answer this: “None of these”")).isVisible();
    button(page, "None of these").click();
    button(page, "Tell my coach").click();
    assertThat(page.getByText("It is sent as soon as there is a network.")).isVisible();
    page.reload();
    assertThat(page.getByText("It is sent as soon as there is a network.")).isVisible();
    phone.setOffline(false);
    assertThat(page.getByText("Your coach decides what changes.")).isVisible(PATIENTLY);

    coach.navigate(RunningJubilee.base() + "/board/" + link.get("day").asString());
    Locator told =
        coach.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Check-ins"));
    told.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(link.get("name").asString()))
        .click();
    assertThat(told.getByText("Left calf: sore", new Locator.GetByTextOptions().setExact(true)))
        .isVisible();
    assertThat(told.getByText("Together:")).isVisible();
    told.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take over").setExact(true))
        .click();
    assertThat(
            told.getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions().setName(link.get("name").asString())))
        .hasCount(0);
    page.reload();
    assertThat(page.getByText("Your coach has taken over what you told.")).isVisible();
    JsonNode view = read("/api/prescriptions/" + link.get("id").asString());
    assertThat(view.at("/circumstances/freshness").asString()).isEqualTo("FLAT");
  }

  @Test
  void aYesIsNeverAnsweredWithAWarmUpNetworkOrNot() {
    phone.setOffline(true);
    page.reload();
    button(page, "Check in").click();
    button(page, "dizziness").click();
    button(page, "Tell my coach").click();
    assertThat(page.getByText("Speak with your coach first.")).isVisible();
    assertThat(page.getByText("your coach has not heard of it yet")).isVisible();
    page.reload();
    assertThat(page.getByText("Speak with your coach first.")).isVisible();
    assertThat(button(page, "Start")).hasCount(0);
    phone.setOffline(false);
    assertThat(page.getByText("Your coach has what you told.")).isVisible(PATIENTLY);

    coach.navigate(RunningJubilee.base() + "/board/" + link.get("day").asString());
    Locator told =
        coach.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Check-ins"));
    told.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(link.get("name").asString()))
        .click();
    button(coach, "I have spoken with them").click();
    assertThat(exactly(page, "Start")).isVisible(PATIENTLY);
  }

  @Test
  void whatIsSeenIsDecidedWithoutANetworkAndIsOnTheRecord() {
    phone.setOffline(true);
    page.reload();
    exactly(page, "Start").click();
    for (int i = 0; i < 60 && exactly(page, "Look").count() == 0; i++) {
      button(page, "Skip").click();
      page.waitForTimeout(30);
    }
    String next = page.getByRole(AriaRole.HEADING).first().textContent();
    exactly(page, "Look").click();
    button(page, "no sweat yet").click();
    button(page, "What now?").click();
    assertThat(page.getByText("The raise is done when there is a light sweat")).isVisible();
    button(page, "Add it").click();
    assertThat(page.getByRole(AriaRole.HEADING).first()).not().hasText(next);
    phone.setOffline(false);
    long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
    JsonNode looks = FollowedLink.followed(coach, link).get("looks");
    while (looks.isEmpty() && System.nanoTime() < end) {
      page.waitForTimeout(200);
      looks = FollowedLink.followed(coach, link).get("looks");
    }
    assertThat(looks).hasSize(1);
    assertThat(looks.at("/0/look/decided").asString()).isEqualTo("ADD");
    assertThat(looks.at("/0/look/isTaken").asBoolean()).isTrue();
  }

  @Test
  void aStartIsMovedByKeyboardAndPutBack() {
    coach.navigate(RunningJubilee.base() + "/board/" + link.get("day").asString());
    Locator start = coach.locator("button[aria-describedby=how-to-move]").first();
    String before = start.textContent();
    start.focus();
    for (int i = 0; i < 3; i++) {
      coach.keyboard().press("ArrowRight");
    }
    assertThat(start).containsText("+3 min");
    coach.keyboard().press("Enter");
    assertThat(coach.getByText("3 min later.")).isVisible();
    assertThat(start).not().hasText(before);
    button(coach, "Undo").click();
    assertThat(start).hasText(before);
  }

  /** Tomorrow at noon, for somebody of the demo. */
  private JsonNode handOver() {
    String js =
        "async () => { const me = await (await fetch('/api/me')).json();"
            + " const day = new Date(Date.parse(me.today) + 864e5).toISOString().slice(0, 10);"
            + " const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);"
            + " const send = async (path, body) => (await fetch(path, {method: 'POST', body,"
            + "   headers: {'X-XSRF-TOKEN': token, 'Content-Type': 'application/json'}})).json();"
            + " const athlete = await send('/api/athletes', JSON.stringify({name: 'Day ' + Date.now(),"
            + "   sport: 'RUN', level: 'ADVANCED', age: 26, deconditioned: false}));"
            + " const s = await send('/api/sessions', JSON.stringify({startsAt: day + 'T12:00:00',"
            + "   sport: 'RUN', kind: 'INTERVALS', title: '5 x 1 km', place: 'TRACK', minutes: 40,"
            + "   temperature: 12, comingFrom: 'MOVING', athleteIds: [athlete.id]}));"
            + " const p = await send('/api/prescriptions', JSON.stringify("
            + "   {sessionId: s.id, athleteId: athlete.id}));"
            + " const link = await send(`/api/prescriptions/${p.id}/hand-over`, '');"
            + " return JSON.stringify({id: p.id, token: link.token, day,"
            + "   name: athlete.profile.name}); }";
    return JSON.readTree((String) coach.evaluate(js));
  }

  private JsonNode read(String path) {
    return JSON.readTree(coach.request().get(RunningJubilee.base() + path).text());
  }

  private static Locator button(Page on, String name) {
    return on.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name)).first();
  }

  private static Locator exactly(Page on, String name) {
    return on.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }
}
