package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A club that is slow or quick from drill to drill gets the minutes that it has all the same. */
class OwnPaceTest {
  @ParameterizedTest
  @ValueSource(doubles = {0.6, 1.3, 2})
  void theMinutesAreKeptWhateverChangeoversTake(double pace) {
    DrillLibrary own = BuiltInLibrary.get().paced(Map.of(), pace);
    Random random = new Random(71);
    double changing = 0;
    double usually = 0;
    for (int i = 0; i < 100; i++) {
      PrescriptionRequest request = new Anybody(random).request();
      Plan usual = Scenarios.plan(request);
      Plan paced = new Prescriber(own).prescribe(request);
      int asked = 60 * request.circumstances().minutes();
      assertThat(paced.seconds())
          .as("%d of %s", i, request)
          .isLessThanOrEqualTo(Math.max(asked, usual.seconds()));
      changing += changing(paced) / Math.max(1, paced.items().size());
      usually += changing(usual) / Math.max(1, usual.items().size());
    }
    assertThat(changing / usually).isBetween(0.9 * Math.min(1, pace), 1.1 * Math.max(1, pace));
    assertThat(changing > usually).isEqualTo(pace > 1);
  }

  private static double changing(Plan plan) {
    return plan.items().stream().mapToInt(PlanItem::changeSeconds).sum();
  }
}
