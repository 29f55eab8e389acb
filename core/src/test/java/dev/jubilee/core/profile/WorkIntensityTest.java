package dev.jubilee.core.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.AnchorFinder;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.check.Finding;
import dev.jubilee.core.check.FindingCode;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.warmup.WarmUp;
import java.time.Duration;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What coaches write about intensity, in an athlete's own speed: 5 km in 20:00, 4:00 /km. */
class WorkIntensityTest {
  private static final Anchors RUNNER =
      AnchorFinder.anchors(Scenarios.athlete(Level.INTERMEDIATE), Sport.RUN);

  private static double secondsPerKm(Aim aim) {
    return 1000
        / RUNNER.model().intensityAt(WorkIntensity.effort(aim, Duration.ofMinutes(3), RUNNER));
  }

  /** A mile is 1609.344 m exactly, so that 4:00 /km is 6:26.24 /mile. */
  @ParameterizedTest
  @CsvSource({"SECONDS_PER_KM, 240, 240", "SECONDS_PER_MILE, 386.24, 240"})
  void aPaceIsThePace(Aim.Unit unit, double figure, double perKm) {
    assertThat(secondsPerKm(new Aim.Figure(unit, figure, figure))).isCloseTo(perKm, within(0.1));
  }

  /**
   * 4 W/kg of 62 kg are 248 W; of a body that nobody weighed they are read as threshold, and said.
   */
  @Test
  void wattsAKilogramAreWattsOfABody() {
    Athlete weighed = Scenarios.athlete(Level.ADVANCED).withKilograms(Optional.of(62));
    Aim aim = new Aim.Figure(Aim.Unit.WATTS_PER_KG, 4, 4);
    Session session =
        Session.of(Sport.RIDE, SessionKind.INTERVALS, "4 x 8 min @ 4 W/kg")
            .withEffortTime(Optional.of(Duration.ofMinutes(8)))
            .withAim(Optional.of(aim));
    Circumstances gym = Scenarios.at(Place.GYM, 40);

    Plan plan = Scenarios.plan(PrescriptionRequest.of(weighed, session, gym));
    assertThat(plan.anchors().model().intensityAt(plan.demand().firstEffort()))
        .isCloseTo(248, within(0.5));

    WarmUp unknown =
        WarmUp.prescribed(
            PrescriptionRequest.of(weighed.withKilograms(Optional.empty()), session, gym),
            BuiltInLibrary.get());
    assertThat(unknown.plan().demand().firstEffort().points())
        .isCloseTo(Effort.CRITICAL, within(0.5));
    assertThat(unknown.findings()).extracting(Finding::code).contains(FindingCode.BY_FEEL);
  }

  @ParameterizedTest
  @CsvSource({"0", "5", "15", "-3"})
  void slowerThanRacePaceIsSlower(int plus) {
    double race = secondsPerKm(new Aim.Race(5000, 0));
    assertThat(race).isCloseTo(240, within(4.0));
    assertThat(secondsPerKm(new Aim.Race(5000, plus)) - race).isCloseTo(plus, within(0.2));
  }

  @Test
  void whatIsWrittenStandsHoweverGentle() {
    Session gentle =
        Session.of(Sport.RUN, SessionKind.INTERVALS, "easy?").withAim(Optional.of(Aim.Feel.EASY));
    Effort easy = WorkIntensity.firstEffort(Scenarios.session(Sport.RUN, SessionKind.EASY), RUNNER);
    assertThat(WorkIntensity.firstEffort(gentle, RUNNER)).isEqualTo(easy);
  }

  /** Karvonen et al. 1957: 0.9 of the reserve is taken for critical intensity (common practice). */
  @Test
  void aHeartRateIsReadOnTheReserve() {
    double critical = 55 + 0.9 * (188 - 55);
    assertThat(RUNNER.atHeartRate(critical).orElseThrow().points()).isCloseTo(70, within(0.01));
    assertThat(RUNNER.atHeartRate(55).orElseThrow().points()).isZero();
    assertThat(RUNNER.atHeartRate(55 + 0.45 * (188 - 55)).orElseThrow().points())
        .isCloseTo(35, within(0.01));
  }

  /** Of a maximum of 188, 75 % are 141 beats/min; threshold is at 0.9 of a reserve of 55 to 188. */
  @Test
  void aShareOfHeartRateIsOfTheAthletesOwn() {
    assertThat(points(Aim.Unit.PERCENT_OF_MAXIMUM_HEART, 75))
        .isCloseTo(points(Aim.Unit.BEATS, 141), within(0.01));
    // Threshold is told in whole beats: half a beat is a quarter of a point.
    assertThat(points(Aim.Unit.PERCENT_OF_THRESHOLD_HEART, 100)).isCloseTo(70, within(0.3));
    double threshold = 55 + 0.9 * (188 - 55);
    assertThat(points(Aim.Unit.PERCENT_OF_THRESHOLD_HEART, 90))
        .isCloseTo(points(Aim.Unit.BEATS, 0.9 * threshold), within(0.3));
  }

  private static double points(Aim.Unit unit, double figure) {
    Aim aim = new Aim.Figure(unit, figure, figure);
    return WorkIntensity.effort(aim, Duration.ofMinutes(10), RUNNER).points();
  }

  /** 400 m in 6:00 and 200 m in 2:50: 1:35.0 a 100 m (Wakayoshi et al. 1992); "CSS + 5" is 1:40. */
  @ParameterizedTest
  @CsvSource({"SWIM, 100, 5", "SWIM, 100, -2", "RUN, 1000, 10", "ROW, 500, 4"})
  void secondsFromThresholdPaceAreSecondsOfTheSportsPace(Sport sport, double metres, int plus) {
    Anchors anchors = AnchorFinder.anchors(Scenarios.athlete(Level.INTERMEDIATE), sport);
    double critical = anchors.model().critical();
    Effort effort =
        WorkIntensity.effort(new Aim.ThresholdPace(plus), Duration.ofMinutes(3), anchors);
    double intensity = anchors.model().intensityAt(effort);
    double before = secondsFor(sport, metres, critical);
    if (sport == Sport.SWIM) {
      assertThat(before).isCloseTo(95, within(0.1));
    }
    assertThat(secondsFor(sport, metres, intensity) - before).isCloseTo(plus, within(0.2));
  }

  private static double secondsFor(Sport sport, double metres, double intensity) {
    return sport == Sport.ROW
        ? RowingErgometer.splitSeconds(intensity) * metres / 500
        : metres / intensity;
  }
}
