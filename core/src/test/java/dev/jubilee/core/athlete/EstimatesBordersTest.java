package dev.jubilee.core.athlete;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.sport.Stroke;
import java.time.Duration;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What single results are taken to say; the shares are common practice or said in evidence.md. */
class EstimatesBordersTest {
  private static CriticalModel model(TestResult result) {
    return Estimates.of(result, Stroke.FREESTYLE).orElseThrow().model();
  }

  /** 3 min at 400 W and 12 min at 210 W: the top is half as much again, above three times 146.7. */
  @Test
  void aStrongThreeMinutesLiftsTheTop() {
    CriticalModel model = model(TestResult.RidePowerTest.of(400, 210));
    assertThat(model.critical()).isCloseTo(146.7, within(0.1));
    assertThat(model.top()).isCloseTo(600, within(0.1));
  }

  /** 2 km in 8:00 are 202.5 W (P = 2.80 / pace³); critical power is taken as 85 % of that. */
  @Test
  void criticalPowerIsAShareOfTheTwoKilometrePower() {
    CriticalModel model = model(TestResult.Row2k.of(Duration.ofMinutes(8)));
    assertThat(model.critical()).isCloseTo(0.85 * 202.5, within(0.1));
    assertThat(model.sustainable(Duration.ofMinutes(8))).isCloseTo(202.5, within(0.5));
  }

  /** 1500 m in 25:00 with a D′ of 20 m: (1500 − 20) / 1500 s. */
  @Test
  void aSwimRaceLeavesTwentyMetresToTheReserve() {
    CriticalModel model =
        model(
            new TestResult.SwimRace(
                1500, Duration.ofMinutes(25), Optional.empty(), ResultConditions.UNKNOWN));
    assertThat(model.critical()).isCloseTo(1480.0 / 1500, within(0.0005));
    assertThat(model.reserve()).isCloseTo(20, within(0.001));
  }
}
