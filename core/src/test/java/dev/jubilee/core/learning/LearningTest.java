package dev.jubilee.core.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.learning.OwnTimes.OwnTime;
import dev.jubilee.core.learning.OwnTimes.Time;
import dev.jubilee.core.learning.WorkingRange.Difference;
import dev.jubilee.core.learning.WorkingRange.Measure;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What is usual, what went with the best effort, how long drills take: made-up truths found. */
class LearningTest {
  @Test
  void nothingIsSaidOfFiveAndTheRangeOfSixIsThatOfTheMiddle() {
    List<Map<Measure, Double>> records = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      records.add(Map.of(Measure.EFFORTS, 4.0));
    }
    assertThat(WorkingRange.of(records).usual()).isEmpty();
    records.add(Map.of(Measure.EFFORTS, 3.0, Measure.WAIT, 8.0));
    WorkingRange range = WorkingRange.of(records);
    assertThat(range.usual()).containsOnlyKeys(Measure.EFFORTS);
    List<Difference> differences = range.differences(Map.of(Measure.EFFORTS, 2.0));
    assertThat(differences).hasSize(1);
    assertThat(differences.get(0).by()).isEqualTo(-2);
    assertThat(range.differences(Map.of(Measure.EFFORTS, 4.0, Measure.DRILLS, 9.0))).isEmpty();
  }

  @Test
  void fourOfFiveWarmUpsAreInTheirOwnRange() {
    Random random = new Random(12);
    int inside = 0;
    int all = 0;
    for (int athlete = 0; athlete < 1000; athlete++) {
      List<Map<Measure, Double>> records = new ArrayList<>();
      for (int i = 0; i < 40; i++) {
        records.add(Map.of(Measure.WAIT, 6 + 2 * random.nextGaussian()));
      }
      WorkingRange range = WorkingRange.of(records);
      for (int i = 0; i < 10; i++) {
        all++;
        inside +=
            range.differences(Map.of(Measure.WAIT, 6 + 2 * random.nextGaussian())).isEmpty()
                ? 1
                : 0;
      }
    }
    assertThat((double) inside / all).isBetween(0.76, 0.82);
  }

  @Test
  void aFewSessionsAreDrawnTowardsTheSquadAndManyAreTheirOwn() {
    List<BestOfSession.Session> sessions = new ArrayList<>();
    for (int athlete = 0; athlete < 8; athlete++) {
      for (int i = 0; i < 12; i++) {
        sessions.add(new BestOfSession.Session("squad" + athlete, 4, 3 + i % 2));
      }
    }
    for (int i = 0; i < 3; i++) {
      sessions.add(new BestOfSession.Session("few", 4, 7));
    }
    for (int i = 0; i < 40; i++) {
      sessions.add(new BestOfSession.Session("many", 4, 7 + i % 2));
    }
    sessions.add(new BestOfSession.Session("few", 2, 1));
    BestOfSession efforts = BestOfSession.of(sessions);
    assertThat(efforts.of("few")).as("one session with two says nothing").hasSize(1);
    BestOfSession.Known few = efforts.of("few").get(0);
    BestOfSession.Known many = efforts.of("many").get(0);
    assertThat(few.mean()).isLessThan(7);
    assertThat(many.mean()).isCloseTo(7.5, within(0.1));
    assertThat(few.spread()).isGreaterThan(many.spread());
    assertThat(efforts.of("nobody")).isEmpty();
  }

  @Test
  void theTrueMeanIsInTheBandFourTimesOfFive() {
    Random random = new Random(2);
    int held = 0;
    int all = 0;
    for (int squad = 0; squad < 420; squad++) {
      List<BestOfSession.Session> sessions = new ArrayList<>();
      Map<String, Double> truth = new HashMap<>();
      for (int athlete = 0; athlete < 24; athlete++) {
        String name = "a" + athlete;
        truth.put(name, 10 + random.nextGaussian());
        for (int i = 0; i < 3 + athlete % 5; i++) {
          int best = (int) Math.round(truth.get(name) + 1.5 * random.nextGaussian());
          sessions.add(new BestOfSession.Session(name, 3, best));
        }
      }
      BestOfSession efforts = BestOfSession.of(sessions);
      for (String name : truth.keySet()) {
        for (BestOfSession.Known known : efforts.of(name)) {
          all++;
          // 1.2816 standard deviations to either side hold four of five.
          held += Math.abs(known.mean() - truth.get(name)) <= 1.2816 * known.spread() ? 1 : 0;
        }
      }
    }
    System.out.printf("best effort: %d means, %.1f %% in their bands%n", all, 100.0 * held / all);
    assertThat(all).isGreaterThan(10_000);
    assertThat((double) held / all).isBetween(0.78, 0.82);
  }

  @Test
  void aDrillThatRunsOverIsFoundAndChanceIsNot() {
    Random random = new Random(6);
    List<Time> times = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      times.add(new Time("slow", 40, (int) (52 * Math.exp(0.1 * random.nextGaussian()))));
      times.add(new Time("fair", 40, (int) (40 * Math.exp(0.1 * random.nextGaussian()))));
    }
    for (int i = 0; i < 4; i++) {
      times.add(new Time("rare", 40, 80));
    }
    times.add(new Time("fair", 40, 3000));
    List<OwnTime> own = OwnTimes.of(times);
    assertThat(own).extracting(OwnTime::drill).containsExactly("slow", "fair");
    assertThat(own.get(0).isWorthwhile()).isTrue();
    assertThat(own.get(0).factor()).isBetween(1.2, 1.3);
    assertThat(own.get(1).isWorthwhile()).isFalse();
    assertThat(own.get(1).times()).as("an hour in a drill is not believed").isEqualTo(60);
  }

  /**
   * Common practice: faster, more power and feeling readier are better, and an early best effort.
   */
  @Test
  void whichWayIsBetterFollowsTheMeasure() {
    assertThat(Question.Measure.SECONDS.isMoreBetter()).isFalse();
    assertThat(Question.Measure.BEST_EFFORT.isMoreBetter()).isFalse();
    assertThat(Question.Measure.OUTPUT.isMoreBetter()).isTrue();
    assertThat(Question.Measure.FELT.isMoreBetter()).isTrue();
  }

  @Test
  void changeoversOfAClubAreFoundWithinTheBandThatIsSaid() {
    Random random = new Random(31);
    int held = 0;
    for (int club = 0; club < 4000; club++) {
      double truth = Math.exp(0.15 * random.nextGaussian());
      List<OwnTimes.Changeovers> seen = new ArrayList<>();
      for (int i = 0; i < 5 + club % 30; i++) {
        double real = 240 * truth * Math.exp(0.25 * random.nextGaussian());
        seen.add(new OwnTimes.Changeovers(240, (int) Math.round(real)));
      }
      OwnTimes.OwnChangeovers own = OwnTimes.changeovers(seen).orElseThrow();
      held += own.low() <= truth && truth <= own.high() ? 1 : 0;
    }
    assertThat(held / 4000.0).isBetween(0.78, 0.82);
    assertThat(OwnTimes.changeovers(Collections.nCopies(4, new OwnTimes.Changeovers(240, 300))))
        .isEmpty();
    assertThat(OwnTimes.changeovers(Collections.nCopies(40, new OwnTimes.Changeovers(0, 300))))
        .as("of nothing planned nothing follows")
        .isEmpty();
  }

  @Test
  void theDayThatFeltBestAndWasMostUsualIsKeptAndDriftIsTold() {
    Map<Measure, Double> usual = Map.of(Measure.EFFORTS, 4.0, Measure.WAIT, 8.0);
    List<Map<Measure, Double>> records = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      records.add(usual);
    }
    WorkingRange range = WorkingRange.of(records);
    RaceRoutine.Day odd =
        new RaceRoutine.Day("odd", 5, Map.of(Measure.EFFORTS, 7.0, Measure.WAIT, 8.0));
    RaceRoutine.Day best = new RaceRoutine.Day("best", 5, usual);
    RaceRoutine.Day dull = new RaceRoutine.Day("dull", 3, usual);
    assertThat(RaceRoutine.bestOf(List.of(odd, dull, best), range)).contains(best);
    assertThat(RaceRoutine.bestOf(List.of(), range)).isEmpty();
    assertThat(RaceRoutine.drift(usual, Map.of(Measure.EFFORTS, 5.0, Measure.WAIT, 9.0)))
        .containsExactly(new RaceRoutine.Drift(Measure.EFFORTS, 1));
  }
}
