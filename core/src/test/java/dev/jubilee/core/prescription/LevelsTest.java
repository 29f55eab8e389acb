package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Who is new to one sport and not to another; common practice among those who do several. */
class LevelsTest {
  @ParameterizedTest
  @EnumSource(Sport.class)
  void countInTheirSportAndNowhereElse(Sport sport) {
    Athlete advanced = Scenarios.athlete(Level.ADVANCED);
    Athlete newThere = advanced.withLevels(Map.of(sport, Level.NOVICE));
    for (Sport one : Sport.values()) {
      for (SessionKind kind : new SessionKind[] {SessionKind.INTERVALS, SessionKind.TIME_TRIAL}) {
        PrescriptionRequest request = Scenarios.request(newThere, one, kind, 40);
        Plan plan = Scenarios.plan(request);
        Level level = one == sport ? Level.NOVICE : Level.ADVANCED;
        Plan same = Scenarios.plan(Scenarios.request(Scenarios.athlete(level), one, kind, 40));
        assertThat(plan.items()).as("%s %s", one, kind).isEqualTo(same.items());
        assertThat(plan.demand()).isEqualTo(same.demand());
        assertThat(request.athlete().level()).isEqualTo(level);
      }
    }
  }
}
