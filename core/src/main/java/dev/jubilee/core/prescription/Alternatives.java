package dev.jubilee.core.prescription;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import java.util.Comparator;
import java.util.List;

/** What could stand in an item's place, most alike first. */
public final class Alternatives {

  /**
   * One alternative.
   *
   * @param drill the other drill
   * @param likeness 0 to 1, by the needs both serve
   * @param secondsMore change of the plan's length, s
   */
  public record Alternative(Drill drill, double likeness, int secondsMore) {}

  private Alternatives() {}

  public static List<Alternative> forItem(Plan plan, PlanItem item, PlanEditor editor) {
    List<String> present = plan.items().stream().map(PlanItem::drillId).toList();
    return plan.library().in(item.block()).stream()
        .filter(d -> !present.contains(d.id()))
        .filter(d -> Eligibility.against(d, plan.request()).isEmpty())
        .map(
            d ->
                new Alternative(
                    d,
                    plan.drill(item).map(own -> likeness(own, d)).orElse(0.0),
                    editor.swap(plan, item.id(), d.id()).seconds() - plan.seconds()))
        .sorted(
            Comparator.comparingDouble((Alternative a) -> -a.likeness())
                .thenComparing(a -> a.drill().id()))
        .toList();
  }

  /** Cosine of what two drills serve; rungs of one ladder are always most alike. */
  private static double likeness(Drill a, Drill b) {
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
