package dev.jubilee.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.quantity.Distance;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Doses as a coach writes them and turns them; all common practice. */
class DoseWordsTest {
  record Row(Dose dose, String words, Dose.Unit unit, int step) {}

  static Stream<Row> doses() {
    return Stream.of(
        new Row(new Dose.Reps(10, 1, 1, 2), "10 reps", Dose.Unit.REPS, 2),
        new Row(new Dose.Reps(10, 2, 1, 2), "10 a side", Dose.Unit.REPS, 2),
        new Row(new Dose.Reps(5, 1, 2, 2), "5 each way", Dose.Unit.REPS, 1),
        new Row(new Dose.Reps(6, 2, 2, 2), "6 a side, each way", Dose.Unit.REPS, 2),
        new Row(new Dose.Timed(30, 1), "30 s", Dose.Unit.SECONDS, 5),
        new Row(new Dose.Timed(30, 2), "30 s a side", Dose.Unit.SECONDS, 5),
        new Row(new Dose.Timed(90, 1), "90 s", Dose.Unit.SECONDS, 5),
        new Row(new Dose.Timed(120, 1), "2 min", Dose.Unit.SECONDS, 30),
        new Row(new Dose.Timed(330, 1), "5:30 min", Dose.Unit.SECONDS, 30),
        new Row(
            new Dose.Lengths(2, Distance.ofMetres(20), true, 2),
            "2 × 20 m and back",
            Dose.Unit.LENGTHS,
            1),
        new Row(
            new Dose.Lengths(1, Distance.ofMetres(18), false, 2),
            "1 × 18 m, walk back",
            Dose.Unit.LENGTHS,
            1),
        new Row(
            new Dose.Strokes(1, List.of("arms"), 10, 20),
            "1 round of 10 strokes",
            Dose.Unit.ROUNDS,
            1),
        new Row(
            new Dose.Strokes(4, List.of("arms", "full"), 10, 20),
            "4 rounds of 2 × 10 strokes",
            Dose.Unit.ROUNDS,
            1),
        new Row(new Dose.Circuit(6, 20, 10), "6 × 20 s / 10 s", Dose.Unit.ROUNDS, 1),
        new Row(new Dose.Circuit(8, 60, 0), "8 × 60 s", Dose.Unit.ROUNDS, 1),
        new Row(new Dose.Over(Distance.ofMetres(59.6), 7), "60 m", Dose.Unit.METRES, 10));
  }

  @ParameterizedTest
  @MethodSource("doses")
  void aDoseIsSaidCountedAndTurnedAsACoachDoes(Row row) {
    assertThat(row.dose().words().metric()).isEqualTo(row.words());
    assertThat(row.dose().unit()).isEqualTo(row.unit());
    assertThat(row.dose().step()).isEqualTo(row.step());
  }
}
