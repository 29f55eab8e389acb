package dev.jubilee.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.AriaRole;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

/**
 * A warm-up is followed from its start to its end without a network, the page killed on the way;
 * when there is a network again, all of it is told, once.
 */
@ExtendWith(RunningJubilee.class)
class FollowedOfflineTest {
  /** Whether the plan and what is sent along are on the device, and the worker is at work. */
  private static final String IS_THERE =
      "async () => { const kept = await (await caches.open('jubilee-follow-1')).keys();"
          + " return kept.length > 1 && navigator.serviceWorker.controller !== null; }";

  /** Whether the last that was told is on the device. */
  private static final String IS_KEPT =
      "() => new Promise(answer => { const open = indexedDB.open('jubilee-follow');"
          + " open.onsuccess = () => { const all = open.result.transaction('event')"
          + "   .objectStore('event').getAll();"
          + "   all.onsuccess = () => answer("
          + "     all.result.some(kept => kept.event.kind === 'JACKET_OFF')); }; })";

  @ParameterizedTest
  @EnumSource(Sport.class)
  void whatWasDoneComesBackOnce(Sport sport) {
    Page coach = RunningJubilee.coach();
    JsonNode link = FollowedLink.handOver(coach, sport);
    BrowserContext phone = RunningJubilee.screen(390, 844);
    Page page = phone.newPage();
    page.clock().install();
    page.navigate(RunningJubilee.base() + "/f/" + link.get("token").asString());
    // Opened once is enough; it only has to be there in full.
    waitUntil(page, IS_THERE);

    phone.setOffline(true);
    page.reload();
    page.getByRole(AriaRole.BUTTON, named("Start")).click();
    JsonNode view = link.get("view");
    int half = view.get("seconds").asInt() / 2;
    forward(page, half);
    page.getByRole(AriaRole.BUTTON, named("Jacket off")).click();
    String there = page.getByRole(AriaRole.HEADING).first().textContent();
    waitUntil(page, IS_KEPT);
    kill(page);

    page = phone.newPage();
    page.clock().install();
    page.navigate(RunningJubilee.base() + "/f/" + link.get("token").asString());
    page.getByRole(AriaRole.BUTTON, named("Go on at")).click();
    assertThat(page.getByRole(AriaRole.HEADING).first()).hasText(there);
    forward(page, view.get("seconds").asInt());
    assertThat(page.getByText("Ready. Go to the start.")).isVisible();
    page.getByRole(AriaRole.BUTTON, named("4 ready")).click();
    // For an hour nothing is heard of it.
    page.clock().fastForward(3_600_000);
    assertThat(FollowedLink.followed(coach, link).get("devices"))
        .as("nothing has come yet")
        .isEmpty();

    phone.setOffline(false);
    JsonNode followed = await(coach, link, page);
    List<String> states =
        followed.get("items").valueStream().map(i -> i.get("state").asString()).toList();
    assertThat(states).as(sport + ": every item, done").containsOnly("DONE");
    assertThat(states).hasSize(view.get("items").size());
    assertThat(followed.get("devices")).hasSize(1);
    assertThat(followed.get("jacketOffSeconds").asInt()).isBetween(half - 5, half + 30);
    page.reload();
    forward(page, 60);
    JsonNode again = FollowedLink.followed(coach, link);
    assertThat(again.get("items")).as("told again, counted once").isEqualTo(followed.get("items"));
    assertThat(again.get("devices")).hasSize(1);
    phone.close();
    coach.context().close();
  }

  /** As a system short of memory does: the page has no time to say good-bye. */
  private static void kill(Page page) {
    try {
      page.navigate("chrome://crash", new Page.NavigateOptions().setTimeout(2000));
    } catch (PlaywrightException crashed) {
      page.close();
    }
  }

  /** In steps, as a busy phone calls a page now and then. */
  private static void forward(Page page, int seconds) {
    for (int done = 0; done < seconds; done += 20) {
      page.clock().fastForward(20_000);
    }
  }

  /** A promise is always true to the driver's own waiting. */
  private static void waitUntil(Page page, String js) {
    long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
    while (!Boolean.TRUE.equals(page.evaluate(js))) {
      assertThat(System.nanoTime()).as("waiting for " + js).isLessThan(end);
      page.waitForTimeout(50);
    }
  }

  private static JsonNode await(Page coach, JsonNode link, Page phone) {
    JsonNode followed = FollowedLink.followed(coach, link);
    long end = System.nanoTime() + Duration.ofSeconds(60).toNanos();
    while ((followed.get("felt") == null || followed.get("felt").isNull())
        && System.nanoTime() < end) {
      phone.clock().fastForward(5000);
      followed = FollowedLink.followed(coach, link);
    }
    assertThat(followed.get("felt").asInt()).isEqualTo(4);
    return followed;
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }
}
