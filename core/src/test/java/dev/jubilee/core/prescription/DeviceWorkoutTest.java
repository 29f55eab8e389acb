package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.recording.DeviceWorkout;
import dev.jubilee.core.recording.DeviceWorkout.Kind;
import dev.jubilee.core.recording.DeviceWorkout.Step;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whatever the plan, a device counts down the same seconds, in no more steps than it takes. */
class DeviceWorkoutTest {
  @Test
  void itLastsAsLongAsThePlanInAsFewStepsAsADeviceTakes() {
    Random random = new Random(23);
    int joined = 0;
    for (int i = 0; i < 300; i++) {
      Plan plan = Scenarios.plan(new Anybody(random).request());
      DeviceWorkout whole = DeviceWorkout.of(plan, Integer.MAX_VALUE);
      assertThat(whole.seconds()).isEqualTo(plan.seconds());
      long efforts = plan.items().stream().filter(DeviceWorkoutTest::isEffort).count();
      assertThat(whole.steps().stream().filter(s -> s.kind() == Kind.EFFORT))
          .hasSize((int) efforts);
      DeviceWorkout short20 = DeviceWorkout.of(plan, 20);
      assertThat(short20.steps()).hasSizeBetween(0, 20).allMatch(s -> s.seconds() > 0);
      assertThat(short20.seconds()).isEqualTo(plan.seconds());
      if (whole.steps().size() > 20) {
        joined++;
        assertThat(short20.steps().stream().filter(s -> s.kind() == Kind.EFFORT))
            .as("efforts are the last to be joined")
            .hasSize((int) efforts);
      } else {
        assertThat(short20).isEqualTo(whole);
      }
      assertThat(DeviceWorkout.of(plan, 1).steps()).hasSizeLessThanOrEqualTo(1);
    }
    System.out.println("plans of more than 20 steps: " + joined + " of 300");
  }

  private static boolean isEffort(PlanItem item) {
    return item.block() == WarmUpPart.BUILD && item.target().isPresent();
  }

  @Test
  void nobodyIsToldToHoldAPaceInWhichTheyRest() {
    Random random = new Random(29);
    for (int i = 0; i < 100; i++) {
      Plan plan = Scenarios.plan(new Anybody(random).request());
      for (int most = 1; most <= 12; most++) {
        for (Step step : DeviceWorkout.of(plan, most).steps()) {
          if (step.target().isPresent()) {
            assertThat(step.seconds())
                .isLessThanOrEqualTo(
                    plan.items().stream()
                            .filter(item -> item.target().equals(step.target()))
                            .mapToInt(item -> item.seconds())
                            .sum()
                        // Getting to what comes next is counted with it.
                        + 120);
          }
        }
      }
    }
  }
}
