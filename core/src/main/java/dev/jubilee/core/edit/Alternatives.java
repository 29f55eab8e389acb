package dev.jubilee.core.edit;

import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** What could stand in an item's place, most alike first. */
public final class Alternatives {

  /**
   * One alternative.
   *
   * @param drill the other drill
   * @param likeness 0 to 1, by the needs both serve
   * @param secondsMore change of the plan's length, s
   * @param better needs that would be served better, in words
   * @param worse needs that would be served worse, in words
   */
  public record Alternative(
      Drill drill, double likeness, int secondsMore, List<String> better, List<String> worse) {}

  /** A change of a need's share that is worth a word. */
  private static final double CLEARLY = 0.03;

  private Alternatives() {}

  public static List<Alternative> forItem(Plan plan, PlanItem item, PlanEditor editor) {
    PrescriptionRequest here = plan.requestOf(item);
    List<String> present = plan.items().stream().map(PlanItem::drillId).toList();
    return plan.library().in(item.block()).stream()
        .filter(d -> !present.contains(d.id()))
        .filter(d -> Eligibility.against(d, here).isEmpty())
        .map(
            d -> {
              Plan swapped = editor.swap(plan, item.id(), d.id());
              return new Alternative(
                  d,
                  plan.drill(item).map(own -> likeness(own, d)).orElse(0.0),
                  swapped.seconds() - plan.seconds(),
                  changed(plan, swapped, 1),
                  changed(plan, swapped, -1));
            })
        .sorted(
            Comparator.comparingDouble((Alternative a) -> -a.likeness())
                .thenComparing(a -> a.drill().id()))
        .toList();
  }

  /** Needs whose share rises (sign 1) or falls (sign −1) clearly, the greatest change first. */
  private static List<String> changed(Plan before, Plan after, int sign) {
    Map<Need, Double> was = before.coverage();
    Map<Need, Double> is = after.coverage();
    return is.keySet().stream()
        .filter(n -> sign * (is.get(n) - was.getOrDefault(n, 0.0)) > CLEARLY)
        .sorted(
            Comparator.comparingDouble((Need n) -> sign * (was.getOrDefault(n, 0.0) - is.get(n)))
                .thenComparing(Need::words))
        .map(Need::words)
        .limit(2)
        .toList();
  }

  /** Cosine of what two drills serve; rungs of one ladder are always most alike. */
  static double likeness(Drill a, Drill b) {
    if (a.rung().isPresent()
        && b.rung().isPresent()
        && a.rung().get().ladder().equals(b.rung().get().ladder())) {
      return 1;
    }
    double dot = 0;
    for (Need need : a.serves().keySet()) {
      dot += a.serves().get(need) * b.serves().getOrDefault(need, 0.0);
    }
    double lengths = length(a) * length(b);
    return lengths == 0 ? 0 : dot / lengths;
  }

  private static double length(Drill drill) {
    return Math.sqrt(drill.serves().values().stream().mapToDouble(v -> v * v).sum());
  }
}
