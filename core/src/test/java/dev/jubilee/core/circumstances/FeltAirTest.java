package dev.jubilee.core.circumstances;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Air as it feels, against the published tables. */
class FeltAirTest {

  /** Environment Canada / US NWS 2001, rounded; from memory. */
  @ParameterizedTest
  @CsvSource({"0, 20, -5", "-10, 30, -20", "20, 40, 20", "-10, 0, -10"})
  void windChill(int temperature, int wind, int felt) {
    assertThat(FeltAir.inWind(temperature, wind)).isEqualTo(felt);
  }

  /** US NWS heat index chart, whole °F; from memory. */
  @ParameterizedTest
  @CsvSource({"90, 50, 95", "100, 40, 109", "86, 90, 105", "94, 60, 110", "80, 40, 80"})
  void heatIndex(int fahrenheit, int humidity, int felt) {
    assertThat(FeltAir.heatIndex(fahrenheit, humidity)).isCloseTo(felt, within(0.7));
  }

  /**
   * US NWS: regression adjusted in damp (chart) and dry air; the chart ends at 137 °F. From memory.
   */
  @Test
  void theHeatIndexIsAdjustedAndEndsWhereItsTableEnds() {
    assertThat(FeltAir.heatIndex(82, 95)).isCloseTo(93 + 1, within(0.1));
    assertThat(FeltAir.heatIndex(87, 95)).isCloseTo(FeltAir.heatIndex(87.001, 95), within(0.1));
    assertThat(FeltAir.heatIndex(95, 8))
        .as("a quarter of 5 below the regression, at 95 °F in full")
        .isCloseTo(FeltAir.heatIndex(95, 13) - 1.25, within(1.0));
    assertThat(FeltAir.inHeat(45, 100)).as("no 153 °C").isEqualTo(58);
  }

  @Test
  void windOnlyEverCoolsAndDampOnlyEverHeats() {
    for (int t = -30; t <= 45; t++) {
      int temperature = t;
      assertThat(IntStream.range(0, 80).mapToObj(w -> -FeltAir.inWind(temperature, w)).toList())
          .isSorted();
      assertThat(
              IntStream.rangeClosed(40, 100).mapToObj(h -> FeltAir.inHeat(temperature, h)).toList())
          .isSorted();
    }
  }
}
