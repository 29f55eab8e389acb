package dev.jubilee.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.List;
import org.junit.jupiter.api.Test;

/** One athlete's routine given to another. */
class RoutineTest {
  private final Plan advanced = Scenarios.plan(Sport.RUN, SessionKind.SPRINT, Level.ADVANCED, 45);

  @Test
  void theSameAthleteGetsTheSameDrills() {
    Routine.Applied again = Routine.of(advanced).applyTo(advanced);
    assertThat(again.differences()).isEmpty();
    assertThat(Routine.of(again.simulated().plan()).entries())
        .containsExactlyInAnyOrderElementsOf(Routine.of(advanced).entries());
  }

  @Test
  void aNoviceGetsTheirOwnRungsAndEveryDifferenceIsTold() {
    Plan novice = Scenarios.plan(Sport.RUN, SessionKind.SPRINT, Level.NOVICE, 45);
    Routine.Applied given = Routine.of(advanced).applyTo(novice);
    assertThat(given.differences()).isNotEmpty();
    for (PlanItem item : given.simulated().plan().items()) {
      given
          .simulated()
          .plan()
          .drill(item)
          .filter(d -> d.block().isChosen())
          .ifPresent(
              d -> assertThat(d.level()).as("%s is for a novice", d.id()).isEqualTo(Level.NOVICE));
    }
    assertThat(given.simulated().plan().seconds())
        .isLessThanOrEqualTo(given.simulated().plan().availableSeconds());
  }

  @Test
  void whatASoreRegionForbidsIsReplacedOrLeftOut() {
    Plan sore =
        Scenarios.plan(
            Scenarios.request(
                Sport.RUN,
                SessionKind.SPRINT,
                Level.ADVANCED,
                45,
                Restriction.both(BodyRegion.ACHILLES, Restriction.Severity.SORE)));
    Routine.Applied given = Routine.of(advanced).applyTo(sore);
    assertThat(given.simulated().plan().contacts()).isZero();
    assertThat(String.join(" ", given.differences())).contains("Achilles");
  }

  @Test
  void aDrillThatIsGoneIsNamed() {
    Routine old = new Routine(List.of(new Routine.Entry("long-forgotten", 8)));
    assertThat(old.applyTo(advanced).differences()).anyMatch(d -> d.contains("long-forgotten"));
  }
}
