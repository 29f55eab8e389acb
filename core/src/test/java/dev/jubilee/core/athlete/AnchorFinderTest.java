package dev.jubilee.core.athlete;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.TargetMetric;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Several results of one athlete: which counts, and which do not go together. */
class AnchorFinderTest {

  /** Daniels &amp; Gilbert 1979, the published row of index 50 (from memory). */
  @Test
  void racesOfOneIndexAgreeWithEachOther() {
    List<TestResult> row =
        List.of(
            race(1609.344, "5:50", 10),
            race(5000, "19:57", 10),
            race(10_000, "41:21", 10),
            race(21_097.5, "1:31:35", 10));

    assertThat(anchors(Sport.RUN, row).conflicts()).isEmpty();
    assertThat(AnchorFinder.weigh(athlete(row)))
        .allSatisfy(
            w ->
                assertThat(w.estimate().orElseThrow().model().critical())
                    .isCloseTo(anchors(Sport.RUN, row).model().critical(), within(0.02)));
  }

  @Test
  void aFiveAndAHalfMarathonThatDisagreeArePointedOut() {
    Anchors anchors =
        anchors(Sport.RUN, List.of(race(5000, "20:00", 20), race(21_097.5, "1:48:00", 20)));

    assertThat(anchors.conflicts())
        .singleElement()
        .asString()
        .contains("Half marathon", "5 km", "disagree", "Endurance lags behind");
  }

  /** No one is slower over the shorter distance, all out both times. */
  @Test
  void aShorterRaceThatWasSlowerIsPointedOut() {
    List<TestResult> results = List.of(race(3000, "12:00", 20), race(5000, "19:40", 20));

    assertThat(anchors(Sport.RUN, results).conflicts())
        .anyMatch(c -> c.startsWith("3 km in 12:00 was slower than the longer 5 km in 19:40"));
    List<TestResult> sound = List.of(race(3000, "11:20", 20), race(5000, "19:40", 20));
    assertThat(anchors(Sport.RUN, sound).conflicts()).isEmpty();
  }

  /** As many results as are kept, each slower than every longer one: a few are named. */
  @Test
  void ofManyContradictionsAFewAreNamed() {
    List<TestResult> results = new ArrayList<>();
    for (int i = 0; i < 500; i++) {
      double metres = 1000 + 20 * i;
      Duration time = Duration.ofMillis(Math.round(1000 * metres / (2.8 + 0.002 * i)));
      results.add(new TestResult.RunRace(metres, time, ResultConditions.UNKNOWN));
    }

    assertThat(anchors(Sport.RUN, results).conflicts())
        .filteredOn(c -> c.contains("than the longer"))
        .hasSize(3);
  }

  @Test
  void aPeakBelowThresholdIsPointedOutAndDoesNotCount() {
    List<TestResult> results =
        List.of(
            new TestResult.ThresholdPower(300, ResultConditions.UNKNOWN),
            new TestResult.Sprint(Sport.RIDE, 250, ResultConditions.UNKNOWN));

    Anchors anchors = anchors(Sport.RIDE, results);
    assertThat(anchors.conflicts()).anyMatch(c -> c.startsWith("A sprint of 250 W is hardly more"));
    assertThat(anchors.model().top()).isGreaterThan(anchors.model().critical());
  }

  @Test
  void theNewerResultCountsAndTheOlderHardly() {
    List<TestResult> results = List.of(race(5000, "19:00", 700), race(5000, "20:00", 14));

    assertThat(counting(results)).isEqualTo(results.get(1));
    assertThat(anchors(Sport.RUN, results).basis().get(1).metric()).contains("14 days old");
  }

  @Test
  void aResultHeldBackByWindOrHillsYieldsToAFairOne() {
    TestResult windy =
        new TestResult.RunRace(
            10_000,
            clock("45:00"),
            new ResultConditions(Optional.of(10), ResultConditions.Setting.SLOW));
    TestResult fair = race(10_000, "43:00", 80);

    assertThat(counting(List.of(windy, fair))).isEqualTo(fair);
  }

  @Test
  void ageOnlyEverWidensTheUncertainty() {
    List<Double> spreads =
        IntStream.iterate(0, d -> d <= 4000, d -> d + 50)
            .mapToObj(d -> anchors(Sport.RUN, List.of(race(5000, "20:00", d))).spread())
            .toList();

    assertThat(spreads).isSorted();
    assertThat(spreads.get(0)).isLessThan(0.03);
    assertThat(spreads.get(spreads.size() - 1)).isBetween(0.15, 0.16);
  }

  @Test
  void equalResultsCountAlike() {
    List<TestResult> results = List.of(race(5000, "20:00", 5), race(5000, "19:50", 5));
    double first = anchors(Sport.RUN, results.subList(0, 1)).model().critical();
    double second = anchors(Sport.RUN, results.subList(1, 2)).model().critical();

    assertThat(AnchorFinder.weigh(athlete(results))).allMatch(AnchorFinder.Weighed::counts);
    assertThat(anchors(Sport.RUN, results).model().critical())
        .isCloseTo((first + second) / 2, within(1e-4));
    assertThat(anchors(Sport.RUN, results).spread())
        .isLessThan(anchors(Sport.RUN, results.subList(0, 1)).spread());
  }

  /** As rowers have them (common practice): the line through both is within the fit's own band. */
  @Test
  void twoRowingPiecesGiveCriticalPowerAndReserve() {
    TestResult two = new TestResult.Row2k(clock("7:20"), days(10));
    TestResult six = new TestResult.RowPiece(6000, clock("23:10"), days(30));
    Anchors anchors = anchors(Sport.ROW, List.of(two, six));
    // work = CP·t + W′ (Monod & Scherrer 1965)
    double watts2k = RowingErgometer.watts(440 / 2000.0);
    double watts6k = RowingErgometer.watts(1390 / 6000.0);
    double line = (1390 * watts6k - 440 * watts2k) / 950;

    assertThat(anchors.model().critical()).isCloseTo(line, within(2 * anchors.spread() * line));
    assertThat(anchors.model().sustainable(440.0)).isCloseTo(watts2k, within(1e-6));
    assertThat(anchors.model().sustainable(1390.0)).isCloseTo(watts6k, within(1e-6));
    assertThat(AnchorFinder.weigh(athlete(List.of(two, six))))
        .allMatch(AnchorFinder.Weighed::counts);
  }

  @Test
  void pieceThatAreStrongerTheLongerTheyAreMakeNoLine() {
    Anchors anchors =
        anchors(
            Sport.ROW,
            List.of(
                new TestResult.Row2k(clock("8:20"), days(10)),
                new TestResult.RowPiece(6000, clock("22:00"), days(10))));

    assertThat(anchors.model().reserve()).isPositive();
    assertThat(anchors.conflicts()).isNotEmpty();
  }

  /** 95 % of 20-min power: common practice. */
  @Test
  void twentyMinutesGiveThresholdPower() {
    Anchors anchors = anchors(Sport.RIDE, List.of(new TestResult.RideTwentyMinutes(300, days(3))));

    assertThat(anchors.model().critical()).isCloseTo(285, within(1e-9));
  }

  @Test
  void aMeasuredSprintReplacesTheAssumedOneUnlessItIsNone() {
    TestResult race = race(5000, "20:00", 5);
    Anchors fast =
        anchors(Sport.RUN, List.of(race, new TestResult.Sprint(Sport.RUN, 8.1, days(5))));
    Anchors odd = anchors(Sport.RUN, List.of(race, new TestResult.Sprint(Sport.RUN, 4.1, days(5))));

    assertThat(fast.model().top()).isEqualTo(8.1);
    assertThat(fast.target(Effort.SPRINT, Duration.ofSeconds(5)).value())
        .isCloseTo(8.1, within(1e-9));
    assertThat(odd.model().top()).isGreaterThan(4.1);
    assertThat(odd.conflicts()).singleElement().asString().contains("does not count");
  }

  @Test
  void uncertaintyReachesTheTargets() {
    Anchors anchors = anchors(Sport.RUN, List.of(race(5000, "20:00", 400)));
    assertThat(anchors.target(Effort.of(60), Duration.ofMinutes(5)).spread())
        .isEqualTo(anchors.spread())
        .isGreaterThan(0.1);

    Anchors unknown = anchors(Sport.RUN, List.of());
    assertThat(unknown.target(Effort.of(60), Duration.ofMinutes(5)).metric())
        .isEqualTo(TargetMetric.FEEL);
    assertThat(unknown.target(Effort.of(60), Duration.ofMinutes(5)).spread()).isZero();
  }

  @Test
  void impossibleResultsAreRefusedByName() {
    assertThatThrownBy(() -> new TestResult.RowPiece(6000, clock("12:00"), days(0)))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("15:00 to 40:00");
    assertThatThrownBy(() -> new TestResult.Sprint(Sport.SWIM, 4, days(0)))
        .hasMessageContaining("0.60 to 2.60 m/s");
    assertThatThrownBy(() -> days(9000)).hasMessageContaining("7300");
  }

  private static TestResult counting(List<TestResult> results) {
    return AnchorFinder.weigh(athlete(results)).stream()
        .filter(AnchorFinder.Weighed::counts)
        .findFirst()
        .orElseThrow()
        .result();
  }

  private static Anchors anchors(Sport sport, List<TestResult> results) {
    return AnchorFinder.anchors(athlete(results), sport);
  }

  private static Athlete athlete(List<TestResult> results) {
    return Athlete.of(Level.INTERMEDIATE, 30).withResults(results);
  }

  private static TestResult race(double metres, String time, int daysAgo) {
    return new TestResult.RunRace(metres, clock(time), days(daysAgo));
  }

  private static ResultConditions days(int ago) {
    return new ResultConditions(Optional.of(ago), ResultConditions.Setting.FAIR);
  }

  private static Duration clock(String time) {
    int seconds = 0;
    for (String part : List.of(time.split(":", -1))) {
      seconds = 60 * seconds + Integer.parseInt(part);
    }
    return Duration.ofSeconds(seconds);
  }
}
