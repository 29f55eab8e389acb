package dev.jubilee.core.demand;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.sport.BodyRegion;
import java.util.List;
import java.util.Optional;

/**
 * Why some regions were to get more. It is said of those that the plan moves or wakes, as others
 * may not have had room.
 *
 * @param from where that comes from, as the beginning of a sentence
 * @param regions in the order in which they are named, not empty
 */
public record RegionReason(String from, List<BodyRegion> regions) {
  public RegionReason {
    regions = List.copyOf(regions);
  }

  /** The sentence for what these drills do; empty where they do nothing of it. */
  public Optional<String> in(List<Drill> drills) {
    List<String> named =
        regions.stream()
            .filter(region -> drills.stream().anyMatch(drill -> isFor(drill, region)))
            .map(region -> "the " + region.words())
            .toList();
    return named.isEmpty()
        ? Optional.empty()
        : Optional.of(from + ": more for " + listed(named) + ".");
  }

  private static boolean isFor(Drill drill, BodyRegion region) {
    return drill.serves().containsKey(new Need.Mobility(region))
        || drill.serves().containsKey(new Need.Activation(region));
  }

  private static String listed(List<String> named) {
    int last = named.size() - 1;
    return last == 0
        ? named.get(0)
        : String.join(", ", named.subList(0, last)) + " and " + named.get(last);
  }
}
