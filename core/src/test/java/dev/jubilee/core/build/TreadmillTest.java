package dev.jubilee.core.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A belt takes as much oxygen as the flat outdoors does, which is as the belt at 1 %. */
class TreadmillTest {
  /** Oxygen uptake of running above rest, ml/kg/min: 0.2 S + 0.9 S G (ACSM Guidelines). */
  private static double uptake(double metresASecond, double percent) {
    double metresAMinute = 60 * metresASecond;
    return 0.2 * metresAMinute + 0.9 * metresAMinute * percent / 100;
  }

  @ParameterizedTest
  @CsvSource({"3, 0, 1", "4, 1, 1", "5, 8, 8", "4.2, 15, 15", "6.5, 0, 5", "8, 4, 12"})
  void takesAsMuchAsTheFlat(double flat, int asked, int set) {
    Treadmill belt = Treadmill.of(flat, asked, 7);

    // Jones & Doust 1996, from memory: 1 % stands for the flat outdoors.
    assertThat(uptake(belt.speed(), belt.gradient())).isCloseTo(uptake(flat, 1), within(0.01));
    assertThat(belt.gradient()).isEqualTo(set);
    assertThat(3.6 * belt.speed()).isLessThanOrEqualTo(20.001);
    assertThat(belt.flat()).isCloseTo(flat, within(1e-9));
  }

  /** Beyond what the belt can do the effort is lower, never the belt faster. */
  @ParameterizedTest
  @CsvSource({"12, 0, 7", "6, 0, 3"})
  void isNoFasterThanItMayBe(double flat, int asked, double fastest) {
    Treadmill belt = Treadmill.of(flat, asked, fastest);

    assertThat(belt.gradient()).isEqualTo(15);
    assertThat(belt.speed()).isLessThanOrEqualTo(fastest);
    assertThat(belt.flat()).isLessThan(flat);
  }
}
