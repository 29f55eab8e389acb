package dev.jubilee.core.circumstances;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where one lies down, and what damp heat feels like in degrees Celsius. */
class CircumstancesBordersTest {

  /** US NWS chart, from memory: 90 °F, 50 % feel like 95 °F (35 °C); 100 °F, 40 % like 109 (43). */
  @ParameterizedTest
  @CsvSource({"32, 50, 34, 36", "38, 40, 42, 44", "26, 90, 26, 26", "27, 40, 26, 28"})
  void dampHeatIsToldInCelsius(int temperature, int humidity, int least, int most) {
    assertThat(FeltAir.inHeat(temperature, humidity)).isBetween(least, most);
  }

  @Test
  void nobodyLiesDownWhereItIsHardWetOrInTheWay() {
    assertThat(Place.values())
        .filteredOn(p -> !p.allowsFloor())
        .containsExactlyInAnyOrder(
            Place.ROAD,
            Place.CAR_PARK,
            Place.POOL_DECK,
            Place.TRAIL,
            Place.WATERSIDE,
            Place.STAIRS);
    assertThat(Place.values())
        .filteredOn(Place::isOutdoors)
        .containsExactlyInAnyOrder(
            Place.TRACK, Place.ROAD, Place.CAR_PARK, Place.TRAIL, Place.BEACH, Place.WATERSIDE);
    assertThat(Place.values()).filteredOn(Place::isWet).containsExactly(Place.POOL_DECK);
  }
}
