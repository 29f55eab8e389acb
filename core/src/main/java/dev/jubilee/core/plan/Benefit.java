package dev.jubilee.core.plan;

import dev.jubilee.core.drill.Need;
import dev.jubilee.core.selection.Returns;
import dev.jubilee.core.session.Session;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What drills are worth to a session. A drill serves a need by its strength, less when it suits the
 * sport less, and with the square root of its dose; the second drill for the same need counts less
 * than the first, see {@link Returns}. All are Jubilee modelling choices.
 */
public final class Benefit {
  private Benefit() {}

  public static double strength(DosedDrill part, Need need, Session session) {
    Double usual = part.drill().serves().get(need);
    if (usual == null) {
      return 0;
    }
    double suits = 0.4 + 0.2 * session.suits(part.drill());
    double dose = Math.sqrt((double) part.dose().seconds() / part.drill().usual().seconds());
    return usual * suits * dose;
  }

  /** How well parts serve a need, 0 to 1. */
  static double served(Need need, List<DosedDrill> parts, Session session) {
    double[] strongestFirst =
        parts.stream()
            .mapToDouble(p -> -strength(p, need, session))
            .filter(s -> s < 0)
            .sorted()
            .map(s -> -s)
            .toArray();
    return Returns.share(strongestFirst);
  }

  /** How well each needed thing is served, 0 to 1. */
  public static Map<Need, Double> satisfaction(
      Map<Need, Double> needs, List<DosedDrill> parts, Session session) {
    Map<Need, Double> satisfaction = new LinkedHashMap<>();
    needs.keySet().forEach(need -> satisfaction.put(need, served(need, parts, session)));
    return satisfaction;
  }
}
