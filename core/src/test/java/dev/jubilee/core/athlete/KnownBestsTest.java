package dev.jubilee.core.athlete;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Whatever an athlete has shown over any length, nobody is asked for more than that. */
class KnownBestsTest {
  private static final ResultConditions LATELY =
      new ResultConditions(Optional.of(10), ResultConditions.Setting.FAIR);

  /** Longer than any effort that is prescribed for. */
  private static final double DAY = 86_400;

  /** Lengths in s of results that coaches have, shortest first. */
  private static final double[] LENGTHS = {6, 12, 25, 50, 110, 240, 500, 1200, 2500, 5400, 12_000};

  @ParameterizedTest
  @EnumSource(Sport.class)
  void nothingIsAskedThatIsFasterThanAKnownBestOfThatLength(Sport sport) {
    for (int seed = 0; seed < 400; seed++) {
      Random random = new Random(700 + seed);
      List<Held> shown = new ArrayList<>();
      List<TestResult> results = new ArrayList<>();
      for (double seconds : LENGTHS) {
        if (random.nextInt(3) == 0 && seconds >= shortest(sport)) {
          // Nobody's results lie on one curve.
          double share = 0.95 + 0.08 * random.nextDouble();
          TestResult result = result(sport, seconds, share * usual(sport, seconds));
          results.add(result);
          shown.addAll(Held.in(result, Stroke.FREESTYLE));
        }
      }
      Anchors anchors = AnchorFinder.anchors(athlete(results), sport);
      CriticalModel model = anchors.model();
      double before = model.top();
      for (double t = 1; t < DAY; t *= 1.07) {
        double now = model.sustainable(t);
        assertThat(now).as("seed %d, %.0f s", seed, t).isPositive().isLessThanOrEqualTo(before);
        before = now;
      }
      for (Held held : shown) {
        double best =
            shown.stream()
                .filter(h -> h.seconds() >= held.seconds())
                .mapToDouble(Held::intensity)
                .max()
                .orElseThrow();
        assertThat(model.sustainable(held.seconds()))
            .as("seed %d, %.0f s, %s", seed, held.seconds(), results)
            .isLessThanOrEqualTo(best * (1 + 1e-9));
      }
    }
  }

  /** Daniels &amp; Gilbert 1979, the published row of index 50 (from memory). */
  @ParameterizedTest
  @CsvSource({"10000, 2481", "21097.5, 5495", "42195, 11449"})
  void aFiveKilometreForetellsLongerRacesAsTheIndexDoes(double metres, double seconds) {
    CriticalModel model = run(5000, 1197).model();

    assertThat(model.secondsFor(metres)).isCloseTo(seconds, within(0.012 * seconds));
  }

  /** 100 m in 12.0 s with 200 m in 24.4 s, as club sprinters have (common practice). */
  @Test
  void aSprintersTopComesFromTheHundred() {
    Anchors anchors = run(100, 12);

    assertThat(anchors.topMeasured()).isTrue();
    assertThat(anchors.model().secondsFor(100)).isCloseTo(12, within(0.01));
    assertThat(anchors.model().secondsFor(200)).isBetween(24.0, 26.5);
    assertThat(anchors.model().top()).isBetween(8.4, 9.8);
    assertThat(anchors.spread()).as("little is known of the rest").isGreaterThan(0.1);
  }

  @Test
  void aSlowHundredHoldsTheStridesOfADistanceRunnerBack() {
    TestResult five = new TestResult.RunRace(5000, Duration.ofMinutes(20), LATELY);
    TestResult hundred = new TestResult.RunRace(100, Duration.ofMillis(15_500), LATELY);
    Anchors alone = AnchorFinder.anchors(athlete(List.of(five)), Sport.RUN);
    Anchors both = AnchorFinder.anchors(athlete(List.of(five, hundred)), Sport.RUN);

    assertThat(both.model().top()).isLessThan(alone.model().top());
    assertThat(both.model().critical()).isEqualTo(alone.model().critical());
    assertThat(both.model().sustainable(15.5)).isCloseTo(100 / 15.5, within(0.01));
  }

  @Test
  void aSprintOfLongAgoSaysNothingOfToday() {
    TestResult youth =
        new TestResult.RunRace(
            400,
            Duration.ofSeconds(50),
            new ResultConditions(Optional.of(6000), ResultConditions.Setting.FAIR));
    TestResult five = new TestResult.RunRace(5000, Duration.ofMinutes(24), LATELY);
    TestResult hundred = new TestResult.RunRace(100, Duration.ofMillis(15_500), LATELY);

    assertThat(AnchorFinder.anchors(athlete(List.of(youth, five, hundred)), Sport.RUN).model())
        .extracting(CriticalModel::top)
        .isEqualTo(AnchorFinder.anchors(athlete(List.of(five, hundred)), Sport.RUN).model().top());
  }

  /** work = CP·t + W′ (Monod &amp; Scherrer 1965): 3 min at 400 W and 12 min at 300 W. */
  @Test
  void twoBestsOfARiderMakeCriticalPower() {
    Anchors anchors =
        AnchorFinder.anchors(
            athlete(List.of(ride(180, 400), ride(720, 300), ride(5, 900), ride(3600, 262))),
            Sport.RIDE);

    Anchors two =
        AnchorFinder.anchors(athlete(List.of(ride(180, 400), ride(720, 300))), Sport.RIDE);
    assertThat(two.model().critical()).isCloseTo(266.7, within(two.spread() * 266.7));
    assertThat(two.model().reserve()).isCloseTo(24_000, within(2500.0));
    // An hour at 262 W is a little less than these two foretell.
    assertThat(anchors.model().critical()).isLessThan(two.model().critical());
    assertThat(anchors.model().sustainable(5)).isCloseTo(900, within(0.1));
    assertThat(anchors.model().sustainable(3600)).isCloseTo(262, within(0.1));
  }

  @Test
  void aStrokesOwnResultCountsBeforeARatio() {
    TestResult free = swim(400, 340, Stroke.FREESTYLE);
    TestResult breast = swim(400, 440, Stroke.BREASTSTROKE);
    Anchors own = in(Stroke.BREASTSTROKE, free, breast);
    Anchors estimate = in(Stroke.BREASTSTROKE, free);

    assertThat(own.model().secondsFor(400)).isCloseTo(440, within(0.5));
    assertThat(estimate.model().secondsFor(400)).isCloseTo(1.26 * 340, within(2.0));
    assertThat(estimate.spread()).isGreaterThan(own.spread());
    assertThat(in(Stroke.FREESTYLE, breast).model().secondsFor(400))
        .isCloseTo(440 / 1.26, within(2.0));
  }

  /** Medley over freestyle 1.10 to 1.18 (best times known; from memory). */
  @Test
  void aMedleyGoesByItsLegsUnlessOneWasSwum() {
    TestResult free = swim(400, 320, Stroke.FREESTYLE);
    TestResult slowBreast = swim(200, 250, Stroke.BREASTSTROKE);

    double byRatio = in(Stroke.MEDLEY, free).model().critical();
    double withOwnLeg = in(Stroke.MEDLEY, free, slowBreast).model().critical();
    double swum = in(Stroke.MEDLEY, free, swim(400, 400, Stroke.MEDLEY)).model().secondsFor(400);

    assertThat(in(Stroke.FREESTYLE, free).model().critical() / byRatio).isBetween(1.10, 1.18);
    assertThat(withOwnLeg).isLessThan(byRatio);
    assertThat(swum).isCloseTo(400, within(0.5));
  }

  @Test
  void whatNobodyHasDoneIsRefusedAndWhatTheBestHaveDoneIsNot() {
    assertThat(new TestResult.RunRace(800, Duration.ofMillis(100_910), LATELY)).isNotNull();
    assertThat(new TestResult.RunRace(100_000, Duration.ofHours(13), LATELY)).isNotNull();
    assertThat(ride(86_400, 210)).isNotNull();
    assertThatThrownBy(() -> new TestResult.RunRace(100, Duration.ofSeconds(9), LATELY))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("time");
    assertThatThrownBy(() -> ride(3600, 800)).hasMessageContaining("20 to 560 W");
    assertThatThrownBy(() -> swim(50, 15, Stroke.FREESTYLE)).hasMessageContaining("time");
  }

  private static Anchors in(Stroke stroke, TestResult... results) {
    return AnchorFinder.anchors(
        athlete(List.of(results)),
        Session.of(Sport.SWIM, SessionKind.INTERVALS, "8 x 100").withStroke(Optional.of(stroke)));
  }

  private static Anchors run(double metres, double seconds) {
    return AnchorFinder.anchors(
        athlete(
            List.of(
                new TestResult.RunRace(
                    metres, Duration.ofMillis(Math.round(1000 * seconds)), LATELY))),
        Sport.RUN);
  }

  private static TestResult swim(double metres, double seconds, Stroke stroke) {
    return new TestResult.SwimRace(
        metres, Duration.ofMillis(Math.round(1000 * seconds)), Optional.of(stroke), LATELY);
  }

  private static TestResult ride(int seconds, int watts) {
    return new TestResult.RideBest(Duration.ofSeconds(seconds), watts, LATELY);
  }

  /**
   * About what a trained amateur holds: the model of each sport for critical 4.1, 240, 200, 1.2.
   */
  private static double usual(Sport sport, double seconds) {
    double critical =
        switch (sport) {
          case RUN -> 4.1;
          case RIDE -> 240;
          case ROW -> 200;
          case SWIM -> 1.2;
        };
    return critical * Profiles.of(sport).relative().sustainable(seconds);
  }

  /** s, for the shortest distance that counts. */
  private static double shortest(Sport sport) {
    return switch (sport) {
      case RUN -> 12;
      case RIDE -> 5;
      case ROW, SWIM -> 25;
    };
  }

  private static TestResult result(Sport sport, double seconds, double intensity) {
    Duration time = Duration.ofMillis(Math.round(1000 * seconds));
    return switch (sport) {
      case RUN -> new TestResult.RunRace(seconds * intensity, time, LATELY);
      case RIDE -> new TestResult.RideBest(time, (int) Math.round(intensity), LATELY);
      case ROW ->
          new TestResult.RowPiece(
              seconds * 500 / RowingErgometer.splitSeconds(intensity), time, LATELY);
      case SWIM -> new TestResult.SwimRace(seconds * intensity, time, Optional.empty(), LATELY);
    };
  }

  private static Athlete athlete(List<TestResult> results) {
    return Athlete.of(Level.INTERMEDIATE, 30).withResults(results);
  }
}
