package dev.jubilee.core.athlete;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Several results of one athlete make one figure, and a band that is as wide as they disagree. */
class JointFitTest {
  private static final double[] LENGTHS = {150, 240, 300, 420, 600, 900, 1200, 1500, 2400};

  /**
   * Riders of known critical power and reserve: W′ of 10 to 30 kJ at any critical power of 200 to
   * 330 W, as is reported of trained people (Jones et al. 2010; from memory), and a day and pacing
   * of 2.5 %. The truth lies within one stated deviation in about two of three, within two in
   * nearly all.
   */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 5})
  void theTruthIsInTheBandAsOftenAsIsSaid(int results) {
    Random random = new Random(results);
    int athletes = 1500;
    int inOne = 0;
    int inTwo = 0;
    for (int i = 0; i < athletes; i++) {
      double critical = 200 + 130 * random.nextDouble();
      double reserve = (10_000 + 20_000 * random.nextDouble()) / critical;
      List<TestResult> shown = new ArrayList<>();
      for (int n = 0; n < results; n++) {
        double seconds = LENGTHS[random.nextInt(LENGTHS.length)];
        double day = Math.exp(0.025 * random.nextGaussian());
        shown.add(ride(seconds, critical * (1 + reserve / seconds) * day));
      }
      Anchors anchors = anchors(shown);
      double z = Math.abs(Math.log(anchors.model().critical() / critical)) / anchors.spread();
      inOne += z <= 1 ? 1 : 0;
      inTwo += z <= 2 ? 1 : 0;
    }
    System.out.printf(
        "%d results: %.0f %% within one deviation, %.0f %% within two%n",
        results, 100.0 * inOne / athletes, 100.0 * inTwo / athletes);
    assertThat(inOne / (double) athletes).as("within one deviation").isBetween(0.58, 0.85);
    assertThat(inTwo / (double) athletes).as("within two").isBetween(0.9, 1.0);
  }

  /** More is known with each result, and no true one takes the figure below what it proves. */
  @Test
  void moreKnowledgeNeverHarms() {
    Random random = new Random(9);
    for (int i = 0; i < 2000; i++) {
      List<TestResult> before = new ArrayList<>();
      for (int n = 1 + random.nextInt(4); n > 0; n--) {
        before.add(anyRide(random));
      }
      TestResult more = anyRide(random);
      List<TestResult> after = new ArrayList<>(before);
      after.add(more);
      double proven = anchors(List.of(more)).model().critical();
      double old = anchors(before).model().critical();
      assertThat(anchors(after).model().critical())
          .as("%s and %s", before, more)
          // A twentieth is what the reserve that all agree on may move.
          .isGreaterThanOrEqualTo(0.95 * Math.min(old, proven));
    }
  }

  /**
   * A stronger result, all else equal, never makes a weaker athlete; but for the one per cent by
   * which a better short effort may tell of more reserve.
   */
  @Test
  void theFigureGrowsWithEachResult() {
    Random random = new Random(10);
    for (int i = 0; i < 1000; i++) {
      List<TestResult> results = new ArrayList<>();
      for (int n = 2 + random.nextInt(3); n > 0; n--) {
        results.add(anyRide(random));
      }
      TestResult.RideBest one = (TestResult.RideBest) results.get(0);
      List<TestResult> better = new ArrayList<>(results);
      better.set(0, ride(one.length().toMillis() / 1000.0, 1.03 * one.watts()));
      assertThat(anchors(better).model().critical())
          .as("%s", results)
          .isGreaterThanOrEqualTo(0.99 * anchors(results).model().critical());
    }
  }

  /** 2 km in 7:00 and 6 km in 22:35: a line through both has a reserve that no body has. */
  @Test
  void piecesThatHardlyGoTogetherAreNotTakenAtTheirWord() {
    TestResult two = TestResult.Row2k.of(Duration.ofMinutes(7));
    TestResult six =
        new TestResult.RowPiece(6000, Duration.ofSeconds(22 * 60 + 35), ResultConditions.UNKNOWN);
    Anchors both = row(two, six);
    double sixAlone = row(six).model().critical();

    assertThat(both.model().critical()).isBetween(sixAlone, row(two).model().critical());
    assertThat(both.model().reserve() / both.model().critical()).isLessThan(125);
    assertThat(both.spread()).isGreaterThan(0.03);
    assertThat(both.model().sustainable(1355.0))
        .isLessThanOrEqualTo(RowingErgometer.watts(1355 / 6000.0) + 1e-9);
  }

  /** One of five that was typed wrongly moves the rest little, and the band gets wider. */
  @Test
  void theOddOneOutPullsLittle() {
    List<TestResult> good = new ArrayList<>();
    for (double seconds : new double[] {240, 480, 900, 1500}) {
      good.add(ride(seconds, 250 * (1 + 75 / seconds)));
    }
    List<TestResult> all = new ArrayList<>(good);
    all.add(ride(1200, 180));

    assertThat(anchors(all).model().critical()).isBetween(236.0, 250.0);
    assertThat(anchors(all).spread()).isGreaterThan(anchors(good).spread());
    assertThat(anchors(all).conflicts()).isNotEmpty();
  }

  private static TestResult anyRide(Random random) {
    double seconds = LENGTHS[random.nextInt(LENGTHS.length)];
    return ride(seconds, 220 * (1 + 75 / seconds) * Math.exp(0.04 * random.nextGaussian()));
  }

  private static TestResult ride(double seconds, double watts) {
    return new TestResult.RideBest(
        Duration.ofSeconds(Math.round(seconds)), (int) Math.round(watts), ResultConditions.UNKNOWN);
  }

  private static Anchors anchors(List<TestResult> results) {
    return AnchorFinder.anchors(
        Athlete.of(Level.INTERMEDIATE, 30).withResults(results), Sport.RIDE);
  }

  private static Anchors row(TestResult... results) {
    return AnchorFinder.anchors(
        Athlete.of(Level.INTERMEDIATE, 30).withResults(List.of(results)), Sport.ROW);
  }
}
