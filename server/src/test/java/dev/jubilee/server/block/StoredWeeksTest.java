package dev.jubilee.server.block;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.block.AthleteWeek;
import dev.jubilee.core.block.BuildStage;
import dev.jubilee.core.block.Change;
import dev.jubilee.core.block.Emphasis;
import dev.jubilee.core.block.Week;
import dev.jubilee.server.block.stored.AthleteWeeksV1;
import dev.jubilee.server.json.Json;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Weeks that an earlier server stored are read as they were; the sample is never rewritten. */
class StoredWeeksTest {
  private static final AthleteWeek WEEK =
      new AthleteWeek(
          new Week(3, LocalDate.of(2026, 12, 21), Emphasis.SPECIFIC),
          Map.of("a-series", 2, "squat", 1),
          Map.of("squat", 120),
          new BuildStage(0.95, -1),
          84,
          70,
          Map.of("a-series", 1, "squat", 3),
          List.of(
              new Change(
                  Change.Kind.RUNG_UP,
                  "a-series",
                  1,
                  2,
                  true,
                  "Two weeks on A-march; A-skip next."),
              new Change(Change.Kind.HOLD, "", 0, 0, false, "As it was.")));

  private final Json json = new Json();

  @Test
  void theSampleIsReadAsItWasWritten() throws IOException {
    try (InputStream in = getClass().getResourceAsStream("/stored/athlete-weeks-1.json")) {
      String sample = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      AthleteWeeksV1 read = json.read(sample, AthleteWeeksV1.class);
      assertThat(read.toCore()).containsExactly(WEEK);
      assertThat(read.ladders()).containsExactly("a-series", "squat");
    }
  }

  @Test
  void whatIsWrittenIsReadAgain() {
    for (Emphasis emphasis : Emphasis.values()) {
      for (Change.Kind kind : Change.Kind.values()) {
        AthleteWeek week =
            new AthleteWeek(
                new Week(1, LocalDate.of(2028, 2, 28), emphasis),
                Map.of(),
                Map.of(),
                new BuildStage(1, 1),
                0,
                0,
                Map.of(),
                List.of(new Change(kind, "squat", 1, 2, false, "Grüße, –8 °C")));
        String stored = json.write(AthleteWeeksV1.of(List.of(week), List.of()));
        assertThat(json.read(stored, AthleteWeeksV1.class).toCore()).containsExactly(week);
      }
    }
  }
}
