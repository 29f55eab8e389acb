package dev.jubilee.core.selection;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The price of a block that is too short or too long: 300 points a second short, 150 beyond. */
class RoomTest {
  @ParameterizedTest
  @CsvSource({"60, 0", "59, -300", "0, -18000", "120, 0", "121, -150", "180, -9000", "90, 0"})
  void aSecondShortCostsTwiceASecondBeyond(int seconds, long points) {
    assertThat(new Menu.Room(60, 120).points(seconds)).isEqualTo(points);
  }
}
