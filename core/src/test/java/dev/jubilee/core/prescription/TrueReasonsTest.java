package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.demand.Told;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Tuning;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A reason is said if, and only if, the whole plan computed without it is another. */
class TrueReasonsTest {
  private static final InOnePlace IN_ONE_PLACE = new InOnePlace(BuiltInLibrary.get());

  /** Share that may be said wrongly: what the plan without it would be tuned to is not asked. */
  private static final double WRONG = 0.02;

  @Test
  void saysWhatMadeThePlanAnother() {
    Random random = new Random(1313);
    List<String> wrong = new ArrayList<>();
    int asked = 0;
    int kept = 0;
    for (int n = 0; n < 250; n++) {
      PrescriptionRequest request = new Anybody(random).request();
      if (request.circumstances().isStaged()) {
        continue;
      }
      Anchors anchors = PlanSource.anchors(request);
      Plan plan = new Prescriber(BuiltInLibrary.get()).prescribe(request);
      List<String> why = TrueReasons.of(plan);
      List<Told> said = new ArrayList<>(request.told(anchors));
      Set<Told> unsaid = new HashSet<>(said);
      said.removeIf(told -> !why.containsAll(told.sentences()));
      said.forEach(unsaid::remove);
      asked += said.size() + unsaid.size();
      kept += said.size();
      if (!without(request, anchors, unsaid).equals(plan.items())) {
        wrong.add("silent in " + request.session().title() + " about " + unsaid);
      }
      for (Told one : said) {
        Set<Told> more = new HashSet<>(unsaid);
        more.add(one);
        if (without(request, anchors, more).equals(plan.items())) {
          wrong.add("idle in " + request.session().title() + ": " + one);
        }
      }
    }
    System.out.printf("of %d reasons %d are said, %d of them wrongly%n", asked, kept, wrong.size());
    assertThat(kept).isBetween(asked / 3, asked * 9 / 10);
    assertThat(wrong).hasSizeLessThanOrEqualTo((int) (WRONG * asked));
  }

  private static List<PlanItem> without(
      PrescriptionRequest request, Anchors anchors, Set<Told> told) {
    PrescriptionRequest usual = request.with(Tuning.NONE);
    return IN_ONE_PLACE.tuned(usual, anchors, usual.demandWithout(told, anchors)).plan().items();
  }
}
