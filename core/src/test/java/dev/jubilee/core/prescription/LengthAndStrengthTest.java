package dev.jubilee.core.prescription;

import static dev.jubilee.core.prescription.Situation.ride;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import dev.jubilee.core.athlete.ResultConditions;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.profile.WorkIntensity;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What length and strength change, and what they must not; common practice. */
class LengthAndStrengthTest {

  /** About a day of each, m. */
  private static final Map<Sport, Double> LONGEST =
      Map.of(
          Sport.RUN, 100_000.0, Sport.RIDE, 200_000.0, Sport.ROW, 100_000.0, Sport.SWIM, 20_000.0);

  /** A stronger sprinter never gets fewer efforts, and nobody fewer than two. */
  @ParameterizedTest
  @ValueSource(ints = {6, 11, 15, 20, 30, 45, 60})
  void aHigherPeakTakesNoEffortAway(int seconds) {
    for (int threshold : new int[] {180, 250, 320, 400}) {
      int before = 0;
      for (double times = 2; times <= 7 && times * threshold <= 2600; times += 0.25) {
        int peak = (int) (times * threshold);
        Plan plan =
            ride("sprint", SessionKind.SPRINT)
                .by(Level.ADVANCED)
                .lasting(seconds)
                .knownFor(TestResult.ThresholdPower.of(threshold))
                .knownFor(new TestResult.Sprint(Sport.RIDE, peak, ResultConditions.UNKNOWN))
                .warmUp()
                .plan();
        List<PlanItem> efforts =
            plan.in(WarmUpPart.BUILD).stream()
                .filter(i -> i.target().orElseThrow().effort().points() > Effort.CRITICAL)
                .toList();
        assertThat(efforts.size())
            .as("%d s, %d W of %d W", seconds, peak, threshold)
            .isGreaterThanOrEqualTo(Math.max(2, before));
        before = efforts.size();
      }
    }
  }

  /** Before short, hard efforts a minute more never takes a graded effort away. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void aMinuteMoreTakesNoEffortAway(Sport sport) {
    for (SessionKind kind : List.of(SessionKind.SPRINT, SessionKind.INTERVALS)) {
      expectMoreEfforts(sport, kind, Duration.ZERO);
    }
    for (int seconds : new int[] {30, 90, 240, 500}) {
      expectMoreEfforts(sport, SessionKind.TIME_TRIAL, Duration.ofSeconds(seconds));
    }
  }

  private static void expectMoreEfforts(Sport sport, SessionKind kind, Duration length) {
    for (Level level : Level.values()) {
      int before = 0;
      for (int minutes = 6; minutes <= 50; minutes++) {
        Situation situation = new Situation("efforts", sport, kind).by(level).within(minutes);
        Plan plan = (length.isZero() ? situation : situation.lasting(length)).warmUp().plan();
        int efforts = plan.in(WarmUpPart.BUILD).size();
        assertThat(efforts)
            .as("%s %s %s %s in %d min", sport, kind, length, level, minutes)
            .isGreaterThanOrEqualTo(before);
        before = efforts;
      }
    }
  }

  /** A race by its distance and by the time that it takes this athlete are one race. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void aDistanceIsTheTimeItTakes(Sport sport) {
    for (double metres = 400; metres < LONGEST.get(sport); metres *= 1.7) {
      Plan byDistance = race(sport).over(metres).warmUp().plan();
      Duration time = WorkIntensity.trialTime(byDistance.request().session(), byDistance.anchors());
      Plan byTime = race(sport).lasting(time).warmUp().plan();
      assertThat(drills(byDistance)).as("%.0f m, %s", metres, time).isEqualTo(drills(byTime));
      assertThat(top(byDistance)).isCloseTo(top(byTime), within(1.5));
    }
  }

  /** Times that coaches know, s; common practice. */
  @ParameterizedTest
  @CsvSource({"1000, 300, 63", "4000, 350, 260", "16000, 250, 1440", "160934, 230, 18000"})
  void aRideTakesAboutAsLongAsCoachesKnow(double metres, int watts, int seconds) {
    Plan plan =
        race(Sport.RIDE)
            .over(metres)
            .knownFor(TestResult.ThresholdPower.of(watts))
            .knownFor(new TestResult.Sprint(Sport.RIDE, 5 * watts, ResultConditions.UNKNOWN))
            .warmUp()
            .plan();
    assertThat(
            WorkIntensity.trialTime(plan.request().session(), plan.anchors()).toMillis() / 1000.0)
        .isCloseTo(seconds, withinPercentage(8));
  }

  /** Five hours on the road are no time trial of twenty minutes. */
  @Test
  void aLongRideByDistanceIsALongRide() {
    Plan plan =
        ride("100 miles", SessionKind.TIME_TRIAL)
            .over(160_934)
            .knownFor(TestResult.ThresholdPower.of(230))
            .within(30)
            .warmUp()
            .plan();
    assertThat(plan.in(WarmUpPart.BUILD)).isEmpty();
    assertThat(plan.seconds()).isLessThan(12 * 60);
  }

  private static Situation race(Sport sport) {
    return new Situation("race", sport, SessionKind.TIME_TRIAL).by(Level.ADVANCED).within(60);
  }

  private static List<String> drills(Plan plan) {
    return plan.items().stream().map(PlanItem::drillId).toList();
  }

  private static double top(Plan plan) {
    return plan.in(WarmUpPart.BUILD).stream()
        .flatMap(i -> i.target().stream())
        .mapToDouble(t -> t.effort().points())
        .max()
        .orElse(0);
  }
}
