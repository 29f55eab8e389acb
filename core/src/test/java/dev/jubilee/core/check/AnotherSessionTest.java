package dev.jubilee.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Common practice: what hurts changes the session, not the warm-up alone. */
class AnotherSessionTest {

  @ParameterizedTest
  @EnumSource(Sport.class)
  void isWrittenAsACoachWouldWriteIt(Sport sport) {
    assertThat(Shorthand.read(SparingSession.words(sport, 40), sport).faults()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "RUN, KNEES, HURT, SWIM",
    "RUN, ACHILLES, SORE, RIDE",
    "RUN, HAMSTRINGS, HURT, SWIM",
    "ROW, LOWER_BACK, HURT, SWIM",
    "SWIM, SHOULDERS, HURT, RUN",
    "RIDE, KNEES, HURT, SWIM"
  })
  void leavesAloneWhatHurts(Sport sport, BodyRegion region, Severity severity, Sport other) {
    assertThat(SparingSession.of(plan(sport, SessionKind.INTERVALS, region, severity)))
        .contains(SparingSession.words(other, 40));
  }

  @Test
  void isProposedOnlyWhereTheSessionIsRuledOut() {
    for (Sport sport : Sport.values()) {
      for (SessionKind kind : new SessionKind[] {SessionKind.EASY, SessionKind.INTERVALS}) {
        assertThat(AnotherSession.isBetter(Scenarios.plan(sport, kind, Level.INTERMEDIATE, 40)))
            .isFalse();
      }
    }
    // A stiff place is loosened; a rider's wrist and a runner's neck are not what they go on.
    assertThat(isBetter(Sport.RUN, BodyRegion.CALVES, Severity.STIFF)).isFalse();
    assertThat(isBetter(Sport.RIDE, BodyRegion.WRISTS, Severity.HURT)).isFalse();
    assertThat(isBetter(Sport.RUN, BodyRegion.NECK, Severity.HURT)).isFalse();
    // Sore after training, known cause: relaxed strides are allowed, sprints are not.
    assertThat(isBetter(Sport.RUN, BodyRegion.HAMSTRINGS, Severity.SORE)).isFalse();
    Plan sprint = plan(Sport.RUN, SessionKind.SPRINT, BodyRegion.HAMSTRINGS, Severity.SORE);
    assertThat(AnotherSession.isBetter(sprint)).isTrue();
  }

  private static boolean isBetter(Sport sport, BodyRegion region, Severity severity) {
    return AnotherSession.isBetter(plan(sport, SessionKind.INTERVALS, region, severity));
  }

  private static Plan plan(Sport sport, SessionKind kind, BodyRegion region, Severity severity) {
    return Scenarios.plan(
        Scenarios.request(
            Scenarios.athlete(Level.INTERMEDIATE, Restriction.both(region, severity)),
            sport,
            kind,
            40));
  }
}
