package dev.jubilee.server.athlete;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Targets of a block move with results, not with their age. */
class WeighedInABlockTest {
  private static final LocalDate START = LocalDate.of(2026, 11, 2);

  @Test
  void aResultStaysAsOldAsItWasWhenTheBlockBegan() {
    AthleteProfile athlete = withResultsOn(START.minusDays(10));
    for (int day = 0; day < 100; day++) {
      assertThat(age(athlete, START.plusDays(day), 0)).contains(10);
    }
    assertThat(age(athlete, START.minusDays(3), 0)).as("before the block").contains(7);
  }

  @Test
  void aNewResultMovesAllOfThem() {
    AthleteProfile athlete = withResultsOn(START.minusDays(10), START.plusDays(20));
    assertThat(age(athlete, START.plusDays(19), 0)).contains(10);
    assertThat(age(athlete, START.plusDays(20), 0)).contains(30);
    assertThat(age(athlete, START.plusDays(60), 0)).contains(30);
    assertThat(age(athlete, START.plusDays(60), 1)).contains(0);
  }

  private static Optional<Integer> age(AthleteProfile athlete, LocalDate on, int result) {
    TestResult known = athlete.toCore(on, START).results().get(result);
    return known.taken().daysAgo();
  }

  private static AthleteProfile withResultsOn(LocalDate... days) {
    List<AthleteProfile.ResultInput> results =
        Arrays.stream(days)
            .map(
                day ->
                    new AthleteProfile.ResultInput(
                        AthleteProfile.ResultKind.RUN_RACE,
                        5000.0,
                        1200.0,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        day,
                        null))
            .toList();
    return new AthleteProfile(
        "Someone",
        Sport.RUN,
        Level.INTERMEDIATE,
        30,
        null,
        null,
        results,
        List.of(),
        List.of(),
        false,
        Map.of(),
        List.of(),
        null,
        null);
  }
}
