package dev.jubilee.core.demand;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What coaches do before maximal efforts by their length; all of it common practice. */
class EventLengthTest {

  /** Efforts, their seconds, rest in seconds, and minutes from the last of them to the start. */
  @ParameterizedTest
  @CsvSource({
    // 60 to 100 m, a standing lap: accelerations of 4 to 8 s, last 5 to 12 min before
    "12, 3, 5, 4, 8, 90, 240, 5, 12",
    // 200 to 400 m, 50 m swim, kilometre: 2 to 4 of 5 to 15 s, minutes apart
    "40, 2, 4, 5, 15, 120, 180, 8, 15",
    // 800 m, 1 km row, pursuit: 2 to 3 of 15 to 30 s
    "150, 2, 3, 15, 30, 115, 180, 8, 12",
    // 1500 to 3000 m, 2 km row: 3 to 5 of 15 to 40 s
    "480, 3, 5, 15, 40, 60, 120, 5, 10",
    // 5 to 10 km, 16 km ride
    "1300, 3, 5, 10, 40, 40, 90, 3, 8",
    // an hour or so: 2 to 4 short ones
    "3600, 2, 4, 8, 30, 30, 60, 3, 8",
    // half to whole marathon: up to three
    "7500, 0, 3, 8, 20, 30, 60, 0, 4"
  })
  void isPreparedByItsLength(
      int seconds,
      int fewest,
      int most,
      int shortest,
      int longest,
      int leastRest,
      int mostRest,
      int from,
      int to) {
    EventLength event = EventLength.of(Duration.ofSeconds(seconds));
    assertThat(event.efforts()).isBetween(fewest, most);
    assertThat(event.effortSeconds()).isBetween(shortest, longest);
    assertThat(event.rest()).isBetween(leastRest, mostRest);
    assertThat(event.transition()).isBetween(60 * from, 60 * to);
  }

  @Test
  void beyondThreeHoursTheFirstMinutesAreTheWarmUp() {
    EventLength day = EventLength.of(Duration.ofHours(5));
    assertThat(day.efforts()).isZero();
    assertThat(day.raise()).isLessThanOrEqualTo(300);
    assertThat(day.contacts()).isZero();
    assertThat(day.drills()).isLessThan(0.4);
  }

  /** A result a second quicker never turns the warm-up round: no leap anywhere. */
  @Test
  void aLittleLongerIsALittleDifferent() {
    EventLength before = EventLength.of(Duration.ofSeconds(6));
    for (int tenths = 61; tenths < 5 * 36_000; tenths = Math.max(tenths + 1, tenths * 101 / 100)) {
      EventLength now = EventLength.of(Duration.ofMillis(100L * tenths));
      assertThat(now.raise()).isBetween(before.raise() - 10, before.raise() + 10);
      assertThat(now.rest()).isBetween(before.rest() - 4, before.rest() + 4);
      assertThat(now.transition()).isBetween(before.transition() - 10, before.transition() + 10);
      assertThat(now.efforts()).isBetween(before.efforts() - 1, before.efforts() + 1);
      assertThat(now.effortSeconds())
          .isBetween(before.effortSeconds() - 1, before.effortSeconds() + 1);
      assertThat(Math.abs(now.strides() - before.strides())).isLessThan(0.02);
      assertThat(Math.abs(now.warmth() - before.warmth())).isLessThan(0.05);
      before = now;
    }
  }

  @Test
  void fromAnHourOnTheLongerTheLess() {
    EventLength before = EventLength.of(Duration.ofMinutes(60));
    for (int minutes = 65; minutes <= 300; minutes += 5) {
      EventLength now = EventLength.of(Duration.ofMinutes(minutes));
      assertThat(now.raise()).isLessThanOrEqualTo(before.raise());
      assertThat(now.drills()).isLessThanOrEqualTo(before.drills());
      assertThat(now.efforts()).isLessThanOrEqualTo(before.efforts());
      before = now;
    }
  }
}
