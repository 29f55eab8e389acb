package dev.jubilee.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.quantity.Distance;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The arithmetic coaches do in their heads. All figures here are common practice. */
class DoseTimeTest {

  @Test
  void tenEachWayEachLegIsFortyCircles() {
    assertThat(new Dose.Reps(10, 2, 2, 1.0).totalCount()).isEqualTo(40);
  }

  @Test
  void fourRoundsOfTheRowingSequenceTakeAboutFiveMinutes() {
    Dose.Strokes usual = (Dose.Strokes) BuiltInLibrary.get().require("row-sequence").usual();
    assertThat(usual.withAmount(4).seconds()).isBetween(285, 315);
    assertThat(usual.withAmount(4).totalCount()).isEqualTo(160);
  }

  @Test
  void eightOneMinuteDrillsBackToBackTakeEightMinutes() {
    int seconds = IntStream.range(0, 8).map(i -> new Dose.Timed(30, 2).seconds()).sum();
    assertThat(seconds).isEqualTo(8 * 60);
  }

  @Test
  void thereAndBackDoublesTheDistance() {
    Distance lane = Distance.of(20, Distance.Unit.YARD);
    Dose.Lengths dose = new Dose.Lengths(1, lane, true, 1.5);
    assertThat(dose.distance().metres()).isEqualTo(36.576);
    assertThat(dose.seconds()).isEqualTo(2 * 13 + Dose.TURN_SECONDS);
  }

  @Test
  void twentySecondsOnTenOffIsHalfAMinuteARound() {
    assertThat(new Dose.Circuit(6, 20, 10).seconds()).isEqualTo(180);
  }

  @Test
  void aShorterLaneMeansMoreLengthsNotLessWork() {
    Dose.Lengths dose = new Dose.Lengths(2, Distance.ofMetres(20), false, 2);
    Dose.Lengths fitted = dose.fittedTo(Distance.ofMetres(10));
    assertThat(fitted.oneWay().metres()).isEqualTo(10);
    assertThat(fitted.distance()).isEqualByComparingTo(dose.distance());
  }

  @Test
  void everyLibraryDoseTakesExactlyWhatItsSegmentsTakeAndServesBothSides() {
    for (Drill drill : BuiltInLibrary.get().drills()) {
      for (int amount : List.of(drill.least(), drill.usual().amount(), drill.most())) {
        Dose dose = drill.dose(amount);
        List<Segment> segments = dose.segments();
        assertThat(dose.seconds())
            .as(drill.id())
            .isEqualTo(segments.stream().mapToInt(Segment::seconds).sum())
            .isPositive();
        assertThat(count(segments, Segment.Side.LEFT))
            .as(drill.id())
            .isEqualTo(count(segments, Segment.Side.RIGHT));
      }
    }
  }

  /** Reckoned anew from what a coach would write down, not from the segments. */
  @Test
  void everyUsualDoseTakesWhatACoachWouldReckon() {
    for (Drill drill : BuiltInLibrary.get().drills()) {
      Dose dose = drill.usual();
      double reckoned;
      if (dose instanceof Dose.Reps d) {
        reckoned = d.count() * d.secondsPerRep() * d.sides() * d.directions() + 2 * (d.sides() - 1);
      } else if (dose instanceof Dose.Timed d) {
        reckoned = d.secondsEach() * d.sides();
      } else if (dose instanceof Dose.Lengths d) {
        double there = d.oneWay().metres() / d.metresPerSecond();
        double back = d.thereAndBack() ? there : d.oneWay().metres() / 1.6;
        reckoned = d.lengths() * (there + 2 + back);
      } else if (dose instanceof Dose.Strokes d) {
        reckoned = 60.0 * d.rounds() * d.parts().size() * d.strokesEach() / d.strokesPerMinute();
      } else if (dose instanceof Dose.Circuit d) {
        reckoned = d.rounds() * (d.workSeconds() + d.restSeconds());
      } else {
        continue;
      }
      // A second of rounding for each start.
      assertThat((double) dose.seconds())
          .as(drill.id())
          .isBetween(reckoned - 1, reckoned + 2 + dose.segments().size());
    }
  }

  private static int count(List<Segment> segments, Segment.Side side) {
    return segments.stream()
        .filter(s -> s.side() == side)
        .mapToInt(s -> s.seconds() * 1000 + s.count())
        .sum();
  }
}
