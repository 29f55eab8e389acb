package dev.jubilee.core.plan;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.session.Session;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a plan would lose without one of its drills.
 *
 * @param byNeed weighted loss for each need that would fall, greatest first
 * @param before how well these needs are served with it, 0 to 1
 */
public record Loss(Map<Need, Double> byNeed, Map<Need, Double> before) {

  public static Loss without(Plan plan, PlanItem item) {
    Optional<Drill> drill = plan.drill(item);
    if (drill.isEmpty()) {
      return new Loss(Map.of(), Map.of());
    }
    Session session = plan.request().session();
    DosedDrill own = new DosedDrill(drill.get(), item.dose());
    List<DosedDrill> with = plan.dosedDrills();
    List<DosedDrill> without = new ArrayList<>(with);
    without.remove(own);
    Map<Need, Double> losses = new HashMap<>();
    Map<Need, Double> before = new HashMap<>();
    for (Need need : drill.get().serves().keySet()) {
      Double weight = plan.demand().needs().get(need);
      if (weight != null) {
        double served = Benefit.served(need, with, session);
        before.put(need, served);
        losses.put(need, weight * (served - Benefit.served(need, without, session)));
      }
    }
    Map<Need, Double> greatestFirst = new LinkedHashMap<>();
    losses.entrySet().stream()
        .sorted(
            Map.Entry.<Need, Double>comparingByValue()
                .reversed()
                .thenComparing(e -> e.getKey().words()))
        .forEach(e -> greatestFirst.put(e.getKey(), e.getValue()));
    return new Loss(greatestFirst, before);
  }

  public double total() {
    return byNeed.values().stream().mapToDouble(Double::doubleValue).sum();
  }

  public Optional<Need> greatest() {
    return byNeed.keySet().stream().findFirst();
  }
}
