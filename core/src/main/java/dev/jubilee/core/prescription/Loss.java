package dev.jubilee.core.prescription;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a plan would lose without one of its drills.
 *
 * @param byNeed weighted loss for each need that would fall, greatest first
 */
record Loss(Map<Need, Double> byNeed) {

  static Loss without(Plan plan, PlanItem item) {
    Optional<Drill> drill = plan.drill(item);
    if (drill.isEmpty()) {
      return new Loss(Map.of());
    }
    Sport sport = plan.request().session().sport();
    List<Benefit.Part> all = Benefit.parts(plan);
    List<Benefit.Part> rest = new ArrayList<>(all);
    rest.remove(new Benefit.Part(drill.get(), item.dose()));
    Map<Need, Double> with = Benefit.coverage(all, sport);
    Map<Need, Double> without = Benefit.coverage(rest, sport);
    Map<Need, Double> losses = new LinkedHashMap<>();
    drill.get().serves().keySet().stream()
        .filter(need -> plan.demand().needs().containsKey(need))
        .map(
            need ->
                Map.entry(
                    need,
                    plan.demand().needs().get(need)
                        * (Benefit.satisfied(with.getOrDefault(need, 0.0))
                            - Benefit.satisfied(without.getOrDefault(need, 0.0)))))
        .sorted(Map.Entry.<Need, Double>comparingByValue().reversed())
        .forEach(e -> losses.put(e.getKey(), e.getValue()));
    return new Loss(losses);
  }

  double total() {
    return byNeed.values().stream().mapToDouble(Double::doubleValue).sum();
  }

  Optional<Need> greatest() {
    return byNeed.keySet().stream().findFirst();
  }
}
