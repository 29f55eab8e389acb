package dev.jubilee.core.shorthand;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.session.BarHold;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How the bar of a lift is held; common practice. */
class LiftsTest {
  @ParameterizedTest
  @CsvSource({
    "Front squat 5 x 3, FRONT_RACK",
    "gym: power cleans 4 x 2 then deadlifts, FRONT_RACK",
    "push press 3 x 5, FRONT_RACK",
    "Back squats 4 x 6, ON_THE_BACK",
    "squat 5 x 5 @ 100 kg, ON_THE_BACK",
    "Overhead squat 3 x 5, OVERHEAD",
    "snatches 5 x 2, OVERHEAD",
    "Deadlift 3 x 3; bench, FROM_THE_FLOOR",
    "bench press 5 x 5, ON_THE_BENCH",
    "goblet squats and planks,",
    "gym circuit,",
  })
  void isHeldAsItsNameSays(String written, BarHold bar) {
    SessionClassification read =
        SessionClassification.of(Shorthand.read(written, Sport.RUN).outline(), Sport.RUN);
    assertThat(read.kind()).isEqualTo(SessionKind.GYM);
    assertThat(read.bar().orElse(null)).isEqualTo(bar);
  }
}
