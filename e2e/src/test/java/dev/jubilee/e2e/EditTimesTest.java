package dev.jubilee.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * How soon the builder answers: each kind of edit is pressed and seen done. Times are reported, not
 * asserted; the budget is 100 ms at the 95th percentile.
 */
@ExtendWith(RunningJubilee.class)
class EditTimesTest {
  private static final int ROUNDS = "full".equals(System.getProperty("jubilee.sweeps")) ? 5 : 2;

  /** One of each sport. */
  private static final String PLANS =
      """
      async () => {
        const day = (more) => new Date(Date.now() + more * 864e5).toISOString().slice(0, 10);
        const answer = await fetch(`/api/sessions?from=${day(-3)}&until=${day(3)}`);
        const plans = {};
        for (const session of await answer.json())
          for (const warmUp of session.warmUps)
            plans[session.details.sport] ??= warmUp.prescriptionId;
        return Object.values(plans);
      }""";

  @Test
  void everyEditIsAnswered() throws IOException {
    String measure = script();
    Page page = RunningJubilee.coach();
    List<?> plans = (List<?>) page.evaluate(PLANS);
    assertThat(plans).hasSizeGreaterThan(1);
    Map<String, List<Double>> times = new TreeMap<>();
    for (Object plan : plans) {
      page.navigate(RunningJubilee.base() + "/prescriptions/" + plan);
      page.getByTestId("length").waitFor();
      Map<?, ?> more = (Map<?, ?>) page.evaluate(measure, ROUNDS);
      more.forEach(
          (edit, all) ->
              ((List<?>) all)
                  .forEach(
                      ms ->
                          times
                              .computeIfAbsent((String) edit, k -> new ArrayList<>())
                              .add(((Number) ms).doubleValue())));
    }
    List<Double> all = new ArrayList<>();
    times.forEach(
        (edit, own) -> {
          assertThat(own).as(edit).hasSize(plans.size() * ROUNDS);
          all.addAll(own);
          report(edit, own);
        });
    report("all edits", all);
    page.context().close();
  }

  private static void report(String edit, List<Double> millis) {
    Collections.sort(millis);
    System.out.printf(
        "%s, press to repaint: median %.0f ms, 95th percentile %.0f ms, of %d%n",
        edit, millis.get(millis.size() / 2), millis.get(millis.size() * 95 / 100), millis.size());
  }

  private static String script() throws IOException {
    try (InputStream in =
        Objects.requireNonNull(EditTimesTest.class.getResourceAsStream("/edit-times.js"))) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
