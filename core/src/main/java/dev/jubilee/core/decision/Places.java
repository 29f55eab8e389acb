package dev.jubilee.core.decision;

import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.sport.BodyRegion;
import java.util.Comparator;
import java.util.Optional;

/** What can be put in where one stands. */
final class Places {
  private Places() {}

  /** The drill that eases a place most, of those that are for this athlete here and now. */
  static Optional<PlanItem> easing(Mark mark, Severity severity, Situation situation) {
    BodyRegion region = mark.region().orElseThrow();
    return best(new Need.Mobility(region), situation.knowing(mark, severity), situation)
        .or(() -> best(new Need.Mobility(region), situation.plan(), situation))
        .filter(item -> item.block() != WarmUpPart.BUILD);
  }

  /** The drill that serves a need best. */
  static Optional<PlanItem> serving(Need need, Situation situation) {
    return best(need, situation.plan(), situation);
  }

  private static Optional<PlanItem> best(Need need, Plan plan, Situation situation) {
    PlanItem here =
        situation
            .checkpoint()
            .itemIn(plan)
            .orElseGet(() -> plan.items().get(plan.items().size() - 1));
    return plan.library().drills().stream()
        .filter(d -> d.block() == WarmUpPart.MOBILISE || d.block() == WarmUpPart.ACTIVATE)
        .filter(d -> d.serves().containsKey(need) && !d.isHeld() && d.contacts() == 0)
        .filter(d -> Eligibility.against(d, plan.requestOf(here)).isEmpty())
        .max(
            Comparator.comparingDouble((Drill d) -> d.serves().get(need))
                .thenComparing(d -> plan.items().stream().anyMatch(i -> i.drillId().equals(d.id())))
                .thenComparing(d -> -d.usual().seconds())
                .thenComparing(Drill::id, Comparator.reverseOrder()))
        .map(d -> PlanItem.of(d, d.usual()).withId(d.id()).withStage(here.stage()));
  }

  /** An item of the plan for less long; empty where it is not done by the clock. */
  static Optional<PlanItem> shortened(PlanItem item, int seconds, Situation situation) {
    Optional<Drill> drill = situation.plan().drill(item);
    if (drill.isEmpty() || item.dose().unit() != Dose.Unit.SECONDS) {
      return Optional.of(item);
    }
    Dose dose = item.dose().withAmount(Math.min(seconds, item.dose().amount()));
    return Optional.of(item.withDose(dose).withChangeSeconds(0));
  }

  /** How long an item is worked, such as "2 min" or "1:30". */
  static String minutes(PlanItem item) {
    int seconds = item.dose().seconds();
    return seconds % 60 == 0 ? seconds / 60 + " min" : Bounds.clock(seconds) + " min";
  }
}
