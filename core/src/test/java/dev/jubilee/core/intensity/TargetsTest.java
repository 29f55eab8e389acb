package dev.jubilee.core.intensity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.TargetMetric;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Efforts in one athlete's own figures. */
class TargetsTest {
  /** Critical 250 W, 20 kJ above it, 1,000 W at most; hearts between 50 and 190. */
  private static final CriticalModel POWER = CriticalModel.of(250, 20_000, 1000);

  private static Anchors anchors(Sport sport, boolean known) {
    return Anchors.withoutTop(
        sport, POWER, known, Optional.of(new HeartRate(50, 190, true)), List.of(), 0.03, List.of());
  }

  private static final Duration LONG = Duration.ofMinutes(5);

  @ParameterizedTest
  @CsvSource({"RUN, PACE", "RIDE, POWER", "ROW, SPLIT", "SWIM, SWIM_PACE"})
  void eachSportIsAimedAtInItsOwnFigure(Sport sport, TargetMetric metric) {
    Target target = anchors(sport, true).target(Effort.of(70), LONG);
    assertThat(target.metric()).isEqualTo(metric);
    assertThat(target.value()).isCloseTo(250, within(1e-9));
    assertThat(target.percentOfTop()).isEqualTo(25);
    assertThat(target.spread()).isEqualTo(0.03);
  }

  /** Figures that nobody measured are not shown; how hard it feels is. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void withoutAResultItIsByFeel(Sport sport) {
    Target target = anchors(sport, false).target(Effort.of(85), LONG);
    assertThat(target.metric()).isEqualTo(TargetMetric.FEEL);
    assertThat(target.value()).isZero();
    assertThat(target.spread()).isZero();
    assertThat(target.percentOfTop()).as("of top effort, which all have").isEqualTo(63);
  }

  /** Karvonen et al. 1957: 90 % of the reserve at critical, of 140 beats; four per cent around. */
  @ParameterizedTest
  @CsvSource({"70, 170, 182", "35, 107, 119", "2, 50, 59", "0, 50, 56"})
  void heartRatesFollowTheEffort(double points, int low, int high) {
    Target target = anchors(Sport.RIDE, true).target(Effort.of(points), LONG);
    assertThat(target.heartLow()).isEqualTo(low);
    assertThat(target.heartHigh()).isEqualTo(high);
    Target general = anchors(Sport.RIDE, true).generalTarget(Effort.of(points), LONG);
    assertThat(general.heartLow()).isEqualTo(low);
    assertThat(general.metric()).isEqualTo(TargetMetric.FEEL);
  }

  @ParameterizedTest
  @CsvSource({"119, 70, false", "120, 70, true", "300, 70.1, false", "300, 70, true"})
  void aHeartRateMeansSomethingAfterTwoMinutesAndUpToCritical(
      int seconds, double points, boolean isGiven) {
    Duration duration = Duration.ofSeconds(seconds);
    Target target = anchors(Sport.RUN, true).target(Effort.of(points), duration);
    assertThat(target.heartHigh() > 0).isEqualTo(isGiven);
  }

  @Test
  void withoutHeartRatesThereAreNone() {
    Anchors none =
        Anchors.withoutTop(Sport.RUN, POWER, true, Optional.empty(), List.of(), 0.03, List.of());
    assertThat(none.target(Effort.of(50), LONG).heartHigh()).isZero();
    assertThat(none.atHeartRate(150)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"50, 0", "176, 70", "113, 35", "40, 0", "300, 100"})
  void anEffortIsToldFromAHeartRate(double beats, double points) {
    assertThat(anchors(Sport.RUN, true).atHeartRate(beats).orElseThrow().points())
        .isCloseTo(points, within(1e-9));
  }

  @Test
  void sharesAreOfCriticalOrOfTop() {
    Anchors anchors = anchors(Sport.RIDE, true);
    assertThat(anchors.shareOfCritical(0.5).points()).isCloseTo(35, within(1e-9));
    assertThat(anchors.shareOfTop(0.25).points()).isCloseTo(70, within(1e-9));
    assertThat(anchors.shareOfTop(0.625).points()).isCloseTo(85, within(1e-9));
    assertThat(anchors.shareOfTop(2).points()).as("nobody goes beyond").isEqualTo(100);
    // 20 kJ over 80 s are 250 W above critical.
    assertThat(anchors.maximalFor(Duration.ofSeconds(80)).points()).isCloseTo(80, within(1e-9));
    assertThat(anchors.maximalFor(Duration.ofSeconds(5)).points()).isEqualTo(100);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 10, 35, 69.999, 70, 70.001, 85, 100})
  void effortAndIntensityAreInversesOnLandAndInWater(double points) {
    for (CriticalModel model : List.of(POWER, POWER.bentAs(SportCurve.IN_WATER))) {
      double there = model.intensityAt(Effort.of(points));
      assertThat(model.effortOf(there).points()).isCloseTo(points, within(1e-6));
    }
    assertThat(POWER.bentAs(SportCurve.IN_WATER).intensityAt(Effort.of(35)))
        .as("drag power goes with the cube of speed")
        .isCloseTo(250 * Math.cbrt(0.5), within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"0, 10, 100", "250, -1, 1000", "250, 10, 250", "NaN, 10, 1000", "250, 10, NaN"})
  void aModelOfNoBodyIsRefused(double critical, double reserve, double top) {
    assertThatThrownBy(() -> CriticalModel.of(critical, reserve, top))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("0 < critical < top");
  }

  /** Borg CR10 (from memory): 2 to 3 talks freely, 6 to 7 near critical, 10 all out. */
  @ParameterizedTest
  @CsvSource({
    "0, 0", "25, 1", "42, 2", "46, 2.5", "50, 3", "60, 4.5", "70, 6.5", "90, 9", "100, 10"
  })
  void effortsFeelAsTheScaleSays(double points, double exertion) {
    assertThat(Effort.of(points).perceivedExertion()).isEqualTo(exertion);
    assertThat(Target.byFeel(Effort.of(points)).perceivedExertion()).isEqualTo(exertion);
    assertThat(Effort.ofExertion(exertion).points()).isCloseTo(points, within(1e-9));
  }

  @Test
  void betweenItsMarksTheScaleIsStraight() {
    assertThat(Effort.ofExertion(0.5).points()).isCloseTo(12.5, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(doubles = {-0.001, 100.001, Double.NaN, Double.POSITIVE_INFINITY})
  void anEffortLiesOnTheScale(double points) {
    assertThatThrownBy(() -> Effort.of(points))
        .isInstanceOfSatisfying(
            OutOfRangeException.class, e -> assertThat(e.accepted()).isEqualTo("0 to 100"));
  }

  @Test
  void effortsAreOrdered() {
    assertThat(Effort.of(71).isAbove(Effort.of(70))).isTrue();
    assertThat(Effort.of(70).isAbove(Effort.of(70))).isFalse();
    assertThat(List.of(Effort.SPRINT, Effort.REST, Effort.BETWEEN_EFFORTS).stream().sorted())
        .containsExactly(Effort.REST, Effort.BETWEEN_EFFORTS, Effort.SPRINT);
  }

  /** Daniels &amp; Gilbert 1979: what is covered in the time of a race is the race. */
  @ParameterizedTest
  @CsvSource({"35, 5000", "50, 5000", "50, 10000", "70, 3000", "70, 42195"})
  void distanceAndTimeOfAnIndexAreInverses(double index, double metres) {
    double minutes = RunningIndex.time(index, metres).toMillis() / 60_000.0;
    assertThat(RunningIndex.distance(index, minutes)).isCloseTo(metres, within(metres / 10_000));
    assertThat(RunningIndex.of(metres, RunningIndex.time(index, metres)))
        .isCloseTo(index, within(0.01));
  }

  @Test
  void targetsOfOtherKindsSayWhatTheyAre() {
    Target load = Target.ofLoad(0.7, Effort.of(60));
    assertThat(load.metric()).isEqualTo(TargetMetric.LOAD);
    assertThat(load.value()).isEqualTo(0.7);
    Target jump = Target.ofTop(80, Effort.of(80));
    assertThat(jump.metric()).isEqualTo(TargetMetric.FEEL);
    assertThat(jump.percentOfTop()).isEqualTo(80);
    assertThat(jump.atRate(22).ratePerMinute()).isEqualTo(22);
    assertThat(jump.atRate(22).percentOfTop()).isEqualTo(80);
  }

  @Test
  void targetsAreReadAsAthletesReadThem() {
    Anchors row = anchors(Sport.ROW, true);
    // 202.5 W are 2:00 (the flywheel maker's published relation); common practice: W and split.
    Effort split = POWER.effortOf(202.5);
    assertThat(TargetWords.of(row.target(split, Duration.ofSeconds(30)).atRate(22)))
        .isEqualTo("203 W, 2:00 /500 m, rate 22");
    CriticalModel speed = CriticalModel.of(4, 200, 8);
    Anchors run =
        Anchors.withoutTop(Sport.RUN, speed, true, Optional.empty(), List.of(), 0.03, List.of());
    assertThat(TargetWords.of(run.target(Effort.of(70), LONG))).isEqualTo("4:10 /km");
    Anchors swim =
        Anchors.withoutTop(Sport.SWIM, speed, true, Optional.empty(), List.of(), 0.03, List.of());
    assertThat(TargetWords.of(swim.target(Effort.of(70), LONG))).isEqualTo("0:25 /100 m");
    assertThat(TargetWords.of(anchors(Sport.RIDE, false).generalTarget(Effort.of(35), LONG)))
        .isEqualTo("effort 2 of 10, HR 107–119");
    assertThat(TargetWords.of(Target.ofLoad(0.65, Effort.of(60))))
        .isEqualTo("65 % of the work load");
  }
}
