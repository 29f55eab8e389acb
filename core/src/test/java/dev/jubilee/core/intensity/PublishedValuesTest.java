package dev.jubilee.core.intensity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.AnchorFinder;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every formula against values published outside this project. */
class PublishedValuesTest {

  /**
   * Daniels &amp; Gilbert, Oxygen Power, 1979: the row of index 50 (from memory). Held to 0.1 % of
   * the time, which is what a tenth of an index point is worth.
   */
  @ParameterizedTest
  @CsvSource({"1609.344, 350", "5000, 1197", "10000, 2481", "21097.5, 5495", "42195, 11449"})
  void aRunnerOfIndexFiftyRacesAsPublished(double metres, long seconds) {
    assertThat(RunningIndex.time(50, metres).toSeconds())
        .isCloseTo(seconds, within(Math.max(1, seconds / 1000)));
    assertThat(RunningIndex.of(metres, Duration.ofSeconds(seconds))).isCloseTo(50, within(0.1));
  }

  /** Daniels &amp; Gilbert 1979 (from memory): 20:00 over 5 km is index 49.8. */
  @Test
  void twentyMinutesForFiveKilometresIsIndexFortyNinePointEight() {
    assertThat(RunningIndex.of(5000, Duration.ofMinutes(20))).isCloseTo(49.8, within(0.05));
  }

  /** The flywheel maker's published relation P = 2.80 / pace³. */
  @ParameterizedTest
  @CsvSource({"120, 202.5", "110, 263.0", "100, 350.0"})
  void ergometerPaceAndPowerBelongTogether(double split, double watts) {
    assertThat(RowingErgometer.watts(split / 500)).isCloseTo(watts, within(0.1));
    assertThat(RowingErgometer.splitSeconds(watts)).isCloseTo(split, within(0.02));
  }

  /** Wehrlin &amp; Hallén 2006 (from memory): 6.3 % of oxygen uptake for each 1000 m from 300 m. */
  @ParameterizedTest
  @CsvSource({"0, 1", "300, 1", "1300, 0.937", "2300, 0.874", "2800, 0.8425"})
  void thinAirTakesWhatItTakesOfUptake(int metres, double share) {
    assertThat(Altitude.share(Sport.RUN, metres)).isCloseTo(share, within(1e-9));
    assertThat(Math.pow(Altitude.share(Sport.SWIM, metres), 3)).isCloseTo(share, within(1e-9));
    CriticalModel low = ride(TestResult.RidePowerTest.of(400, 300));
    CriticalModel high = low.withShareOfOxygen(share);
    assertThat(high.critical()).isCloseTo(share * 266.7, within(0.1));
    for (int seconds = 1; seconds <= 14_400; seconds += seconds / 4 + 1) {
      assertThat(high.sustainable(seconds)).isLessThanOrEqualTo(low.sustainable(seconds) + 1e-9);
    }
  }

  /** Monod &amp; Scherrer 1965: 3 min at 400 W and 12 min at 300 W give 266.7 W and 24.0 kJ. */
  @Test
  void twoMaximalRidesGiveCriticalPower() {
    CriticalModel model = ride(TestResult.RidePowerTest.of(400, 300));
    assertThat(model.critical()).isCloseTo(266.7, within(0.05));
    assertThat(model.reserve()).isCloseTo(24_000, within(1.0));
    assertThat(model.sustainable(Duration.ofMinutes(3))).isCloseTo(400, within(0.01));
  }

  /**
   * Bundle, Hoyt &amp; Weyand 2003: over the anaerobic speed reserve, speed fades by e^(−0.013 t),
   * so that after a minute less than half of the reserve is left. A 20:00 runner does 400 m in 65
   * to 75 s (common practice), not in the 55 that the hyperbola alone promises.
   */
  @Test
  void aSprintFades() {
    CriticalModel model =
        AnchorFinder.anchors(Scenarios.athlete(Level.INTERMEDIATE), Sport.RUN).model();
    assertThat(model.secondsFor(400)).isBetween(65.0, 75.0);
    assertThat(model.secondsFor(100)).isBetween(13.0, 16.5);
    double last = model.top();
    for (int t = 1; t < 600; t++) {
      double now = model.sustainable(Duration.ofSeconds(t));
      assertThat(now).isBetween(last - 0.06, last);
      last = now;
    }
    assertThat(model.sustainable(Duration.ofMinutes(5)))
        .as("the hyperbola from 150 s on")
        .isCloseTo(model.critical() + model.reserve() / 300, within(1e-9));
  }

  /** Wakayoshi et al. 1992: 400 m in 6:00 and 200 m in 2:50 give 1.053 m/s, 1:35.0 /100 m. */
  @Test
  void twoSwimsGiveCriticalSwimSpeed() {
    double speed =
        AnchorFinder.anchors(Scenarios.athlete(Level.NOVICE), Sport.SWIM).model().critical();
    assertThat(speed).isCloseTo(1.053, within(0.0005));
    assertThat(100 / speed).isCloseTo(95.0, within(0.05));
  }

  /** Karvonen et al. 1957: rest 50, maximum 190, 70 % of reserve is 148. */
  @Test
  void heartRateReserve() {
    assertThat(new HeartRate(50, 190, true).atReserve(0.7)).isEqualTo(148);
  }

  /** Tanaka, Monahan &amp; Seals 2001: 208 − 0.7 × age, 180 at forty. */
  @Test
  void ageMaximum() {
    assertThat(HeartRate.predictedMaximum(40)).isEqualTo(180);
  }

  /** International yard and pound agreement 1959; common practice gives 20 yd as a drill lane. */
  @Test
  void twentyYardsThereAndBackIsThirtySixPointSixMetres() {
    assertThat(Distance.of(20, Distance.Unit.YARD).thereAndBack().metres())
        .isCloseTo(36.6, within(0.05));
  }

  /** Common practice: a rower whose 2 km power is 200 W rows lightly at 100 W. */
  @Test
  void aTwoHundredWattRowerRowsLightlyAtHundredWatts() {
    double pace = RowingErgometer.splitSeconds(200) / 500;
    Duration time = Duration.ofMillis(Math.round(2000 * pace * 1000));
    Athlete rower = withResult(TestResult.Row2k.of(time));
    Anchors anchors = AnchorFinder.anchors(rower, Sport.ROW);
    Effort trial = anchors.maximalFor(time);
    assertThat(anchors.target(trial, time).value()).isCloseTo(200, within(0.2));
    double light =
        Scenarios.plan(Scenarios.request(rower, Sport.ROW, SessionKind.TIME_TRIAL, 40))
            .items()
            .stream()
            .filter(i -> i.drillId().equals("easy-row"))
            .findFirst()
            .orElseThrow()
            .target()
            .orElseThrow()
            .value();
    assertThat(light).isCloseTo(100, within(1.0));
  }

  /** The scale and its inverse agree at every point, in air and in water. */
  @Test
  void effortAndIntensityAreInverse() {
    for (CriticalModel model :
        List.of(
            CriticalModel.of(4, 200, 7),
            CriticalModel.of(1.05, 20, 1.5).bentAs(SportCurve.IN_WATER))) {
      for (int points = 0; points <= 100; points++) {
        double back = model.effortOf(model.intensityAt(Effort.of(points))).points();
        assertThat(back).isCloseTo(points, within(1e-6));
      }
    }
  }

  private static CriticalModel ride(TestResult result) {
    return AnchorFinder.anchors(withResult(result), Sport.RIDE).model();
  }

  private static Athlete withResult(TestResult result) {
    return Athlete.of(Level.INTERMEDIATE, 30).withResults(List.of(result));
  }
}
