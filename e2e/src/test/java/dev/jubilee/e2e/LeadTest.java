package dev.jubilee.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A coach leads three phones whose clocks are wrong, over lines that are slow and uneven. */
@ExtendWith(RunningJubilee.class)
class LeadTest {
  private static final JsonMapper JSON = JsonMapper.shared();

  /** By how much each phone's clock is wrong, ms. */
  private static final List<Integer> WRONG = List.of(600_000, -10_800_000, 713);

  /** What is shown is no further apart, ms. */
  private static final double APART = 100;

  @Test
  void threePhonesFollowOneClock() throws Exception {
    Page coach = RunningJubilee.coach();
    JsonNode session = squad(coach);
    coach.navigate(RunningJubilee.base() + "/sessions/" + session.get("id").asString() + "/lead");
    button(coach, "Lead").click();
    button(coach, "Start for all").waitFor();

    List<SlowLine> lines = new ArrayList<>();
    List<Page> phones = new ArrayList<>();
    for (int i = 0; i < WRONG.size(); i++) {
      SlowLine line = new SlowLine(RunningJubilee.base(), 5, 250, i);
      lines.add(line);
      BrowserContext phone = RunningJubilee.screen(390, 844);
      phone.addInitScript(
          "Object.defineProperty(performance, 'timeOrigin', {value: performance.timeOrigin + "
              + WRONG.get(i)
              + "})");
      Page page = phone.newPage();
      page.navigate(line.base() + "/f/" + session.get("tokens").get(i).asString());
      button(page, "Follow your coach").click();
      phones.add(page);
    }

    button(coach, "Start for all").click();
    phones.forEach(LeadTest::waitUntilRunning);
    double first = apart(phones);
    assertThat(coach.getByText("all begin together")).not().isVisible();
    button(coach, "Pause for all").click();
    phones.forEach(p -> assertThat(p.getByText("Your coach has paused.")).isVisible());
    button(coach, "Go on").click();
    phones.forEach(LeadTest::waitUntilRunning);
    double second = apart(phones);
    AccessibilityTest.expectNoViolations(coach, "leading");
    AccessibilityTest.expectNoViolations(phones.get(0), "being led");
    System.out.printf("three phones led: %.0f and %.0f ms apart%n", first, second);
    assertThat(List.of(first, second)).allMatch(apart -> apart < APART);

    // One of them loses its network: it runs on, and is back where the others are.
    Page alone = phones.get(0);
    alone.context().setOffline(true);
    for (int i = 0; i < 4; i++) {
      button(coach, "Skip").click();
    }
    String there = coach.getByTestId("lead-count").textContent();
    assertThat(alone.getByTestId("count")).isVisible();
    assertThat(there).isNotEmpty();
    alone.context().setOffline(false);
    // Its browser opens the line again in its own time.
    double third = apart(phones);
    for (int i = 0; i < 100 && third > APART; i++) {
      coach.waitForTimeout(300);
      third = apart(phones);
    }
    assertThat(third).isLessThan(APART);

    // What the leader left out is not told as done.
    coach.getByText("Sound, speech, stop leading").click();
    button(coach, "Stop leading…").click();
    button(coach, "Stop leading").click();
    phones.forEach(p -> button(p, "Pause").waitFor());
    String followed = followed(coach, session);
    // A phone tells when its line lets it.
    for (int i = 0; i < 100 && !followed.contains("SKIPPED"); i++) {
      coach.waitForTimeout(200);
      followed = followed(coach, session);
    }
    assertThat(followed).contains("SKIPPED").doesNotContain("\"DONE\"");
    for (int i = 0; i < phones.size(); i++) {
      phones.get(i).context().close();
      lines.get(i).close();
    }
    coach.context().close();
  }

  private static void waitUntilRunning(Page phone) {
    phone.locator("main[data-zero]").waitFor();
  }

  private static String followed(Page coach, JsonNode session) {
    String id = session.get("prescriptions").get(1).asString();
    return coach
        .request()
        .get(RunningJubilee.base() + "/api/prescriptions/" + id + "/followed")
        .text();
  }

  /** The most by which what two of them show differs, ms. */
  private static double apart(List<Page> phones) {
    List<Double> begun = phones.stream().map(LeadTest::begun).sorted().toList();
    return begun.get(begun.size() - 1) - begun.get(0);
  }

  /**
   * When the warm-up began on a phone, ms, by the one clock that the machine under all of them has;
   * of some looks the fastest, as a busy machine delays the others.
   */
  private static double begun(Page phone) {
    double begun = 0;
    double fastest = Double.MAX_VALUE;
    for (int look = 0; look < 15; look++) {
      double before = System.nanoTime() / 1e6;
      double ago =
          ((Number)
                  phone.evaluate(
                      "() => performance.timeOrigin + performance.now()"
                          + " - Number(document.querySelector('main').dataset.zero)"))
              .doubleValue();
      double after = System.nanoTime() / 1e6;
      if (after - before < fastest) {
        fastest = after - before;
        begun = (before + after) / 2 - ago;
      }
    }
    return begun;
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** A session of three runners with a link each. */
  private static JsonNode squad(Page coach) {
    String js =
        "async () => { const me = await (await fetch('/api/me')).json();"
            + " const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);"
            + " const send = async (path, body) => (await fetch(path, {method: 'POST', body,"
            + "   headers: {'X-XSRF-TOKEN': token, 'Content-Type': 'application/json'}})).json();"
            + " const all = await (await fetch('/api/athletes')).json();"
            + " const athleteIds = all.slice(0, 3).map(a => a.id);"
            + " const s = await send('/api/sessions', JSON.stringify({startsAt:"
            + "   me.today + 'T23:30:00', sport: 'RUN', kind: 'INTERVALS', title: '6 x 1 km',"
            + "   place: 'TRACK', minutes: 30, temperature: 9, comingFrom: 'DESK', athleteIds}));"
            + " const tokens = [], prescriptions = [];"
            + " for (const athleteId of athleteIds) {"
            + "   const p = await send('/api/prescriptions',"
            + "     JSON.stringify({sessionId: s.id, athleteId}));"
            + "   prescriptions.push(p.id);"
            + "   tokens.push((await send(`/api/prescriptions/${p.id}/hand-over`, '')).token); }"
            + " return JSON.stringify({id: s.id, tokens, prescriptions}); }";
    return JSON.readTree((String) coach.evaluate(js));
  }
}
