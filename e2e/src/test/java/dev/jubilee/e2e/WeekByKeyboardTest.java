package dev.jubilee.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A coach writes a week of sessions for four sports and never touches the mouse. */
@ExtendWith(RunningJubilee.class)
class WeekByKeyboardTest {
  /** What a person types in five minutes, at 240 keys a minute; common practice. */
  private static final int FIVE_MINUTES = 1200;

  /** More stops than there are on the page. */
  private static final int ROUND = 60;

  /** What has the focus, by its label or its words. */
  private static final String FOCUSED =
      """
      () => {
        const at = document.activeElement;
        return at.getAttribute("aria-label") ?? at.labels?.[0]?.innerText ?? at.innerText ?? "";
      }""";

  private record Written(String line, String time, String whom, String kind) {}

  private static final List<Written> WEEK =
      List.of(
          new Written("run 40 min easy w/ 6 strides", "18:00", "All \\d+ runners", "EASY"),
          new Written("row 3x20r18 / 3", "06:30", "All \\d+ rowers", "EASY"),
          new Written("swim 10 x 100 @ css on 1:50", "07:00", "All \\d+ swimmers", "THRESHOLD"),
          new Written("ride 4 x 8 min @ 95% / 4 min", "18:30", "All \\d+ riders", "THRESHOLD"),
          new Written("run 6 x 1k @ 5k, 90 s jog", "18:00", "All \\d+ runners", "INTERVALS"),
          new Written("row 2k test", "08:00", "All \\d+ rowers", "TIME_TRIAL"),
          new Written("ride 3 h endurance", "10:00", "All \\d+ riders", "LONG"));

  private int keys;

  @Test
  void aWeekForFourSportsIsWrittenInFiveMinutesOfTyping() {
    Page page = RunningJubilee.coach();
    // A week that the demo leaves empty.
    LocalDate monday = LocalDate.parse("2043-05-04");
    for (int day = 0; day < WEEK.size(); day++) {
      Written session = WEEK.get(day);
      tabTo(page, "Add a session");
      press(page, "Enter");
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .hasText("Add a session");
      tabTo(page, "What you would write on the whiteboard");
      type(page, session.line());
      tabTo(page, "Date");
      type(page, monday.plusDays(day).toString());
      tabTo(page, "First effort at");
      type(page, session.time());
      tabTo(page, session.whom());
      press(page, "Space");
      tabTo(page, "Save");
      press(page, "Enter");
      assertThat(page).hasURL(RunningJubilee.base() + "/day/" + monday.plusDays(day));
      assertThat(page.getByText(session.line())).isVisible();
    }
    System.out.printf("a week of seven sessions by keyboard: %d keys%n", keys);
    assertThat(keys).isLessThan(FIVE_MINUTES);
    assertThat(kinds(page, monday)).isEqualTo(WEEK.stream().map(Written::kind).toList());
    page.context().close();
  }

  private static List<?> kinds(Page page, LocalDate monday) {
    return (List<?>)
        page.evaluate(
            """
            async ([from, until]) => {
              const answer = await fetch(`/api/sessions?from=${from}&until=${until}`);
              return (await answer.json()).map((s) => s.details.kind);
            }""",
            List.of(monday.toString(), monday.plusDays(6).toString()));
  }

  private void tabTo(Page page, String label) {
    for (int i = 0; i < ROUND; i++) {
      press(page, "Tab");
      if (((String) page.evaluate(FOCUSED)).strip().matches(label)) {
        return;
      }
    }
    throw new AssertionError("no way by Tab to “" + label + "”");
  }

  private void press(Page page, String key) {
    page.keyboard().press(key);
    keys++;
  }

  private void type(Page page, String text) {
    page.keyboard().type(text);
    keys += text.length();
  }
}
