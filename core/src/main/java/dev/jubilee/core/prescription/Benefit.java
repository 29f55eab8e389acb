package dev.jubilee.core.prescription;

import dev.jubilee.core.drill.Block;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.sport.Sport;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What drills are worth to a session.
 *
 * <p>A need with coverage c counts {@code w (1 − e^(−c/2))}: the second drill for the same joint is
 * worth less than the first. A drill covers a need by its strength, less when it suits the sport
 * less, and with the square root of its dose. All are Jubilee modelling choices.
 */
final class Benefit {
  private Benefit() {}

  /** One drill in one dose, as far as benefit goes. */
  record Part(Drill drill, Dose dose) {}

  static List<Part> parts(Plan plan) {
    return plan.items().stream()
        .filter(i -> i.block() != Block.RAISE && i.block() != Block.BUILD)
        .flatMap(i -> plan.drill(i).map(d -> new Part(d, i.dose())).stream())
        .toList();
  }

  static double strength(Part part, Need need, Sport sport) {
    Double usual = part.drill().serves().get(need);
    if (usual == null) {
      return 0;
    }
    double suits = 0.4 + 0.2 * part.drill().suits(sport);
    double dose = Math.sqrt((double) part.dose().seconds() / part.drill().usual().seconds());
    return usual * suits * dose;
  }

  static Map<Need, Double> coverage(List<Part> parts, Sport sport) {
    Map<Need, Double> coverage = new HashMap<>();
    for (Part part : parts) {
      for (Need need : part.drill().serves().keySet()) {
        coverage.merge(need, strength(part, need, sport), Double::sum);
      }
    }
    return coverage;
  }

  static double satisfied(double coverage) {
    return 1 - Math.exp(-coverage / 2);
  }

  /** How well each needed thing is served, 0 to 1. */
  static Map<Need, Double> satisfaction(Map<Need, Double> needs, List<Part> parts, Sport sport) {
    Map<Need, Double> coverage = coverage(parts, sport);
    Map<Need, Double> satisfaction = new LinkedHashMap<>();
    needs.forEach((need, w) -> satisfaction.put(need, satisfied(coverage.getOrDefault(need, 0.0))));
    return satisfaction;
  }
}
