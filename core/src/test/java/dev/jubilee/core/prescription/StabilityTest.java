package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** A minute more or less is a small change, and a routine stays a routine. */
class StabilityTest {
  /** What is so today; a coach would want three at most. */
  private static final int MOST = 7;

  @Test
  void aMinuteMoreDoesNotReshuffle() {
    int pairs = 0;
    int changed = 0;
    int most = 0;
    for (Sport sport : Sport.values()) {
      for (SessionKind kind : SessionKind.values()) {
        for (int minutes = 10; kind.isFor(sport) && minutes < 40; minutes += 3) {
          int now = changed(drills(sport, kind, minutes), drills(sport, kind, minutes + 1));
          pairs++;
          changed += now;
          most = Math.max(most, now);
        }
      }
    }
    double mean = (double) changed / pairs;
    System.out.printf("A minute more: %.2f drills come or go on average, at most %d%n", mean, most);
    assertThat(mean).as("drills that come or go on average").isLessThan(0.8);
    assertThat(most).as("drills that come or go at once").isLessThanOrEqualTo(MOST);
  }

  /** Common practice: most athletes like their routine; a menu by feel is the other school. */
  @Test
  void whatWasDoneLastTimeIsDoneAgain() {
    PrescriptionRequest request =
        Scenarios.request(Sport.RUN, SessionKind.INTERVALS, Level.ADVANCED, 40);
    Plan first = Scenarios.plan(request);
    Plan other = Scenarios.plan(request.with(request.circumstances().withMinutes(26)));
    Set<String> routine = drills(other);
    assertThat(changed(routine, drills(first))).as("there is something to keep").isPositive();
    assertThat(changed(routine, drills(Scenarios.plan(request.after(routine)))))
        .isLessThan(changed(routine, drills(first)));
  }

  private static Set<String> drills(Sport sport, SessionKind kind, int minutes) {
    return drills(Scenarios.plan(sport, kind, Level.INTERMEDIATE, minutes));
  }

  private static Set<String> drills(Plan plan) {
    return plan.items().stream()
        .filter(i -> i.block().isChosen())
        .map(PlanItem::drillId)
        .collect(Collectors.toSet());
  }

  private static int changed(Set<String> before, Set<String> after) {
    Set<String> gone = new HashSet<>(before);
    gone.removeAll(after);
    Set<String> come = new HashSet<>(after);
    come.removeAll(before);
    return gone.size() + come.size();
  }
}
