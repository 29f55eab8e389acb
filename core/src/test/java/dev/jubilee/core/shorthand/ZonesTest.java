package dev.jubilee.core.shorthand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Aim.Figure;
import dev.jubilee.core.session.Aim.Unit;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.session.Zones;
import dev.jubilee.core.sport.Sport;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Zones by the coach's own table; without one they are asked for, never guessed. */
class ZonesTest {
  private static final Zones OWN =
      new Zones(
          Map.of(
              1, share(45, 55),
              2, share(56, 75),
              3, share(76, 90),
              4, share(91, 105),
              5, share(106, 120),
              6, new Figure(Unit.EXERTION, 9, 10)));

  private static Figure share(double low, double high) {
    return new Figure(Unit.PERCENT_OF_CRITICAL, low, high);
  }

  @ParameterizedTest
  @CsvSource({
    "90 min Z2, 56, 75",
    "6 x 4 min Z4 / 2 min, 91, 105",
    "6x4' @ z4 (2' easy), 91, 105",
    "2 h zone 2, 56, 75",
    "60 min in zone 2, 56, 75",
    "60 min Z2-3, 56, 90",
    "60 min Z2-Z3, 56, 90",
    "60 min zones 2-3, 56, 90",
    "5 x 3 min Z5, 106, 120",
  })
  void areWhatTheCoachSaidTheyAre(String text, double low, double high) {
    ParseResult read = Shorthand.read(text, Sport.RIDE, OWN);
    assertThat(read.faults()).as(text).isEmpty();
    assertThat(aim(read)).isEqualTo(share(low, high));
    assertThat(read.notes()).anyMatch(n -> n.contains("by your table"));
    ParseResult again = Shorthand.read(ShorthandWriter.of(read.outline()), Sport.RIDE);
    assertThat(again.outline()).as("what is written back needs no table").isEqualTo(read.outline());
  }

  private static Aim aim(ParseResult read) {
    return ((Step.Piece) read.outline().steps().get(0)).aim().orElseThrow();
  }

  @Test
  void decideWhatKindOfSessionItIs() {
    assertThat(kind("75 min Z2")).isEqualTo(SessionKind.EASY);
    assertThat(kind("3 x 12 min Z4 / 3 min")).isEqualTo(SessionKind.THRESHOLD);
    assertThat(kind("6 x 3 min Z5 / 3 min")).isEqualTo(SessionKind.INTERVALS);
  }

  private static SessionKind kind(String text) {
    ParseResult read = Shorthand.read(text, Sport.RIDE, OWN);
    return SessionClassification.of(read.outline(), Sport.RIDE).kind();
  }

  /** One that is not in the table, two told in different ways, none, and no table at all. */
  @ParameterizedTest
  @ValueSource(strings = {"60 min Z7", "60 min Z5-6", "60 min Z0", "60 min zone", "60 min Z12"})
  void areAskedForWhereTheTableDoesNotSay(String text) {
    ParseResult read = Shorthand.read(text, Sport.RIDE, OWN);
    assertThat(read.faults()).as(text).hasSize(1);
    assertThat(text.substring(read.faults().get(0).from(), read.faults().get(0).to()))
        .startsWithIgnoringCase("z");
    assertThat(Shorthand.read("60 min Z2", Sport.RIDE).faults()).hasSize(1);
  }

  @Test
  void aTableIsRefusedThatCannotBeMeant() {
    assertThatThrownBy(() -> new Zones(Map.of(8, share(50, 60))))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("zone");
    assertThatThrownBy(() -> new Zones(Map.of(1, share(60, 50))))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("low");
    assertThatThrownBy(() -> new Zones(Map.of(1, new Figure(Unit.WATTS, 200, 220))))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("unit");
  }
}
