package dev.jubilee.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What was done, written down by hand and by a device, and what is known of an athlete by then. */
@ExtendWith(RunningJubilee.class)
class RecordTest {
  /** A runner with eight sessions behind them, seven of them written down, and one today. */
  private static final String MADE =
      "async () => { const me = await (await fetch('/api/me')).json();"
          + " const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);"
          + " const send = async (path, body, method = 'POST') => (await fetch(path, {method, body:"
          + "   JSON.stringify(body), headers: {'X-XSRF-TOKEN': token,"
          + "   'Content-Type': 'application/json'}})).json();"
          + " const day = n => new Date(Date.parse(me.today) - n * 864e5).toISOString().slice(0, 10);"
          + " const a = await send('/api/athletes', {name: 'Rec Ord' + Date.now(), sport: 'RUN',"
          + "   level: 'ADVANCED', age: 26, deconditioned: false, results: [{kind: 'RUN_RACE',"
          + "   metres: 5000, seconds: 1200}]}); let last;"
          + " for (let n = 8; n >= 1; n--) {"
          + "   const s = await send('/api/sessions', {startsAt: day(n) + 'T12:00:00', sport: 'RUN',"
          + "     kind: 'INTERVALS', title: '5 x 1 km @ 5k, 90 s jog', place: 'TRACK', minutes: 35,"
          + "     temperature: 12, comingFrom: 'MOVING', athleteIds: [a.id]});"
          + "   const p = await send('/api/prescriptions', {sessionId: s.id, athleteId: a.id});"
          + "   if (n > 1) await send(`/api/prescriptions/${p.id}/record`, {felt: 1 + n % 5,"
          + "     jacketOff: 180 + 10 * n, bestEffort: 2 + n % 3, waited: 300}, 'PUT');"
          + "   last = {session: s.id, id: p.id, day: day(n)}; }"
          + " return JSON.stringify({...last, athlete: a.id, name: a.profile.name}); }";

  private Page coach;
  private JsonNode made;

  @BeforeEach
  void history() {
    coach = RunningJubilee.coach();
    made = JsonMapper.shared().readTree((String) coach.evaluate(MADE));
  }

  @AfterEach
  void close() {
    coach.context().close();
  }

  @Test
  void whatDifferedIsTouchedAndTheAthletesPageKnowsIt() {
    open("/prescriptions/" + text("id"));
    button("Write down what was done").click();
    Locator form = region("What was done, by hand");
    Locator first = form.getByRole(AriaRole.GROUP).first().getByRole(AriaRole.BUTTON).first();
    // By keyboard, as on a laptop at the track.
    first.focus();
    coach.keyboard().press("Space");
    assertThat(first).hasAttribute("aria-pressed", "false");
    button("sharp").click();
    coach.getByLabel("Results of the efforts, in order").fill("3:20, 3:16, 3:18");
    button("Save").click();
    assertThat(button("Write down what was done")).isVisible();

    open("/athletes/" + text("athlete"));
    assertThat(coach.getByText("The last of 8 warm-ups")).isVisible();
    assertThat(coach.getByLabel("felt sharp, 5 of 5").first()).isVisible();
    assertThat(region("What the body shows")).containsText("times of 7");
    assertThat(coach.getByText("Of 8 warm-ups before intervals")).isVisible();
    AccessibilityTest.expectNoViolations(coach, "athlete with records");
    coach.setViewportSize(390, 844);
    assertThat((int) coach.evaluate("document.documentElement.scrollWidth")).isLessThan(391);
  }

  @Test
  void aRecordingIsTakenInAndAStretchTiedToAnotherStep() {
    StringBuilder table = new StringBuilder("seconds,speed\n");
    for (int s = -1000; s < 1500; s++) {
      double speed = s < -300 ? 2.7 : s < 0 ? 0.3 : s % 300 < 210 ? 4.2 : 2;
      table.append(s).append(',').append(speed).append('\n');
    }
    open("/prescriptions/" + text("id"));
    Locator recording = region("Recording");
    recording
        .locator("input[type=file]")
        .setInputFiles(
            new FilePayload(
                "evening.csv", "text/csv", table.toString().getBytes(StandardCharsets.UTF_8)));
    recording.getByText("Take it in").click();
    assertThat(
            recording.getByText("from the last graded effort").or(recording.getByText("evening")))
        .isVisible();
    Locator stretch = recording.locator("rect[role=button]").last();
    stretch.focus();
    coach.keyboard().press("Enter");
    recording.getByRole(AriaRole.COMBOBOX).selectOption("0");
    assertThat(recording.getByRole(AriaRole.COMBOBOX)).hasValue("0");
    AccessibilityTest.expectNoViolations(coach, "recording");
    Locator edge = recording.getByRole(AriaRole.SLIDER).last();
    int begins = Integer.parseInt(edge.getAttribute("aria-valuenow"));
    edge.focus();
    coach.keyboard().press("Shift+ArrowLeft");
    assertThat(edge).hasAttribute("aria-valuenow", Integer.toString(begins - 10));
    assertThat(edge).isFocused();
    int stretches = recording.locator("rect[role=button]").count();
    recording.getByText("Split in two").click();
    assertThat(recording.locator("rect[role=button]")).hasCount(stretches + 1);
    recording.getByText("Back to what was found").click();
    assertThat(recording.locator("rect[role=button]")).hasCount(stretches);
    assertThat(edge).hasAttribute("aria-valuenow", Integer.toString(begins));
    recording.getByText("Take the recording away").click();
    assertThat(recording.locator("rect[role=button]")).hasCount(0);
  }

  @Test
  void aGroupIsSweptAndTheWeekLookedBackOn() {
    open("/sessions/" + text("session") + "/records");
    button("ready").click();
    button("Write down 1").click();
    assertThat(coach.getByText("Written down.")).isVisible();
    AccessibilityTest.expectNoViolations(coach, "sweep");
    open("/day");
    coach.getByText("Looking back").click();
    assertThat(region("Athletes").getByText(text("name"))).isVisible();
    AccessibilityTest.expectNoViolations(coach, "looking back");
  }

  @Test
  void aQuestionIsAskedAndStaysClosed() {
    open("/athletes/" + text("athlete"));
    button("Try a question properly").click();
    coach.getByLabel("Pairs of sessions").fill("6");
    button("Draw the order").click();
    assertThat(coach.getByText("0 of 12 sessions")).isVisible();
    assertThat(coach.getByLabel("turn 1, not drawn yet")).isVisible();
    AccessibilityTest.expectNoViolations(coach, "question");
    button("Remove").click();
    assertThat(coach.getByText("0 of 12 sessions")).hasCount(0);
  }

  private void open(String path) {
    coach.navigate(RunningJubilee.base() + path);
  }

  private String text(String field) {
    return made.get(field).asString();
  }

  private Locator button(String name) {
    return coach
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .first();
  }

  private Locator region(String name) {
    return coach.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }
}
