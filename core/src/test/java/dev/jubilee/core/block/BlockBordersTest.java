package dev.jubilee.core.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where the rules of a block begin and end; the figures are those of docs/evidence.md. */
class BlockBordersTest {
  private static final TrainingBlock BLOCK = TrainingBlock.of(Blocks.START, Blocks.RACE);

  /**
   * Up to 4 days away nothing, to 9 a quiet week with a lower build, to 20 one step back, then two;
   * ill, one more.
   */
  @ParameterizedTest
  @CsvSource({
    "AWAY, 5, 0.8, 1",
    "AWAY, 9, 0.8, 1",
    "AWAY, 10, 0.6, 1",
    "AWAY, 20, 0.6, 1",
    "AWAY, 21, 0.5, 2",
    "ILL, 5, 0.6, 1",
    "ILL, 9, 0.6, 1",
    "ILL, 10, 0.5, 2",
    "ILL, 21, 0.5, 2"
  })
  void theWayBackIsAsLongAsTheAbsence(
      Interruption.Kind kind, int days, double contacts, int stagesDown) {
    List<AthleteWeek> athleteWeeks = after(kind, days);
    AthleteWeek back = athleteWeeks.get(5);
    AthleteWeek before = athleteWeeks.get(4);
    assertThat(back.contacts()).isCloseTo((int) (contacts * before.reference()), within(1));
    assertThat(back.changes().get(0).kind()).isEqualTo(Change.Kind.LESS);
    List<BuildStage> stages = BuildStage.TO_TOP_SPEED;
    int was = stages.indexOf(before.stage());
    assertThat(stages.indexOf(back.stage())).isEqualTo(Math.max(0, was - stagesDown));
  }

  @ParameterizedTest
  @CsvSource({"AWAY", "ILL"})
  void aFewDaysChangeNothing(Interruption.Kind kind) {
    AthleteWeek back = after(kind, 4).get(5);
    assertThat(back.changes()).noneMatch(c -> c.kind() == Change.Kind.LESS);
  }

  private static List<AthleteWeek> after(Interruption.Kind kind, int days) {
    LocalDate last = Blocks.START.plusWeeks(5).minusDays(1);
    return athleteWeeks(new Interruption(kind, last.minusDays(days - 1), last, Optional.empty()));
  }

  private static List<AthleteWeek> athleteWeeks(Interruption... interruptions) {
    return outcome(interruptions).athleteWeeks();
  }

  private static Blocks.Outcome outcome(Interruption... interruptions) {
    return Blocks.outcome(
        BLOCK,
        Scenarios.athlete(Level.INTERMEDIATE),
        Sport.RUN,
        Blocks.START,
        List.of(interruptions),
        List.of(),
        List.of());
  }

  @Test
  void theFirstWeekHasSevenTenthsOfTheContactsTolerated() {
    Blocks.Outcome outcome = outcome();
    int landings = outcome.blockAthlete().landings().get(1);
    assertThat(landings).isPositive();
    assertThat(outcome.athleteWeeks().get(0).contacts())
        .isEqualTo((int) (0.7 * outcome.blockAthlete().contactsADay() * landings));
  }

  @Test
  void contactsGrowByATenthAtMostAndARecoveryWeekHasSixTenths() {
    List<AthleteWeek> athleteWeeks = athleteWeeks();
    for (int i = 1; i < athleteWeeks.size(); i++) {
      AthleteWeek now = athleteWeeks.get(i);
      int reference = athleteWeeks.get(i - 1).reference();
      assertThat(now.contacts()).isLessThanOrEqualTo((int) Math.ceil(1.1 * reference));
      if (now.isRecovery()) {
        assertThat(now.contacts()).isLessThanOrEqualTo((int) (0.6 * reference));
      }
    }
    assertThat(athleteWeeks).filteredOn(AthleteWeek::isRecovery).hasSize(2);
  }

  @Test
  void aDoseGrowsByAFifthBeforeTheNextRung() {
    assertThat(athleteWeeks().stream().flatMap(s -> s.doses().values().stream()))
        .contains(120)
        .allMatch(dose -> dose == 100 || dose == 120);
  }

  @Test
  void daysUpToAnotherRaceAreFrozenAndDaysAfterItAreNot() {
    LocalDate other = Blocks.START.plusWeeks(5).plusDays(2);
    TrainingBlock block =
        TrainingBlock.of(Blocks.START, Blocks.RACE, List.of(other), Map.of(), DayOfWeek.MONDAY);
    assertThat(block.isFrozen(other.minusDays(3))).isFalse();
    assertThat(block.isFrozen(other.minusDays(2))).isTrue();
    assertThat(block.isFrozen(other)).isTrue();
    assertThat(block.isFrozen(other.plusDays(1))).isFalse();
    assertThat(block.isFrozen(block.weekOf(other).orElseThrow())).isTrue();
    assertThat(block.isFrozen(block.weekOf(other.plusWeeks(1)).orElseThrow())).isFalse();
    assertThat(block.isFrozen(Blocks.RACE)).isTrue();
  }
}
