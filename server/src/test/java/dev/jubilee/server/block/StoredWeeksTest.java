package dev.jubilee.server.block;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.block.AthleteWeek;
import dev.jubilee.core.block.AthleteWeekBuilder;
import dev.jubilee.core.block.BuildStage;
import dev.jubilee.core.block.Change;
import dev.jubilee.core.block.ChangeBuilder;
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
      AthleteWeekBuilder.builder()
          .week(new Week(3, LocalDate.of(2026, 12, 21), Emphasis.SPECIFIC))
          .rungs(Map.of("a-series", 2, "squat", 1))
          .doses(Map.of("squat", 120))
          .stage(new BuildStage(0.95, -1))
          .contacts(84)
          .reference(70)
          .held(Map.of("a-series", 1, "squat", 3))
          .changes(
              List.of(
                  ChangeBuilder.builder()
                      .kind(Change.Kind.RUNG_UP)
                      .ladder("a-series")
                      .from(1)
                      .to(2)
                      .provisional(true)
                      .why("Two weeks on A-march; A-skip next.")
                      .build(),
                  ChangeBuilder.builder()
                      .kind(Change.Kind.HOLD)
                      .ladder("")
                      .from(0)
                      .to(0)
                      .provisional(false)
                      .why("As it was.")
                      .build()))
          .build();

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
            AthleteWeekBuilder.builder()
                .week(new Week(1, LocalDate.of(2028, 2, 28), emphasis))
                .rungs(Map.of())
                .doses(Map.of())
                .stage(new BuildStage(1, 1))
                .contacts(0)
                .reference(0)
                .held(Map.of())
                .changes(
                    List.of(
                        ChangeBuilder.builder()
                            .kind(kind)
                            .ladder("squat")
                            .from(1)
                            .to(2)
                            .provisional(false)
                            .why("Grüße, –8 °C")
                            .build()))
                .build();
        String stored = json.write(AthleteWeeksV1.of(List.of(week), List.of()));
        assertThat(json.read(stored, AthleteWeeksV1.class).toCore()).containsExactly(week);
      }
    }
  }
}
