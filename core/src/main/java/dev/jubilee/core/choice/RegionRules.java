package dev.jubilee.core.choice;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.sport.BodyRegion;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the state of a region allows. Stiff: nothing quick there before it has loosened. Sore: moved
 * gently and lightly loaded, never to its end, held, lengthened under load, thrown or landed on.
 * Painful: not worked at all. All of it is common practice; the idea of a line between what may be
 * worked and what may not is the pain-monitoring model's (Thomeé 1997; Silbernagel et al. 2007;
 * from memory).
 */
public final class RegionRules {
  private static final Map<Way, String> AGAINST_SORE =
      new EnumMap<>(
          Map.of(
              Way.END_RANGE, "stretches the sore ",
              Way.HELD, "holds a stretch of the sore ",
              Way.ECCENTRIC, "loads the sore ",
              Way.BALLISTIC, "is too quick for the sore ",
              Way.LANDING, "lands on the sore "));

  private static final Set<Way> LOADS =
      EnumSet.of(Way.LOADED, Way.ECCENTRIC, Way.BALLISTIC, Way.LANDING);

  private RegionRules() {}

  /** The reason why a drill is not for a region in this state, as a phrase; empty when it is. */
  public static Optional<String> against(Drill drill, Restriction restriction) {
    BodyRegion region = restriction.region();
    return switch (restriction.severity()) {
      case HURT ->
          drill.works(region) || isCarriedBy(region, drill)
              ? Optional.of("works the painful " + restriction.words())
              : Optional.empty();
      case SORE ->
          AGAINST_SORE.entrySet().stream()
              .filter(e -> drill.works(region, e.getKey()))
              .map(e -> e.getValue() + restriction.words())
              .findFirst();
      case STIFF ->
          isQuickWhileStiff(drill, region)
              ? Optional.of("is quick work for the stiff " + restriction.words())
              : Optional.empty();
    };
  }

  /** Whether a drill is for this athlete's body as it is today. */
  public static boolean allow(Drill drill, Athlete athlete) {
    return athlete.restrictions().stream().allMatch(r -> against(drill, r).isEmpty());
  }

  /** Regions that may not be sore for a drill to be given, in the order of the body. */
  public static List<BodyRegion> notWhenSore(Drill drill) {
    return Arrays.stream(BodyRegion.values())
        .filter(r -> against(drill, Restriction.both(r, Restriction.Severity.SORE)).isPresent())
        .toList();
  }

  /** Whoever walks, stands on one leg or loads the legs on their feet stands on feet and ankles. */
  private static boolean isCarriedBy(BodyRegion region, Drill drill) {
    if (region != BodyRegion.FEET && region != BodyRegion.ANKLES) {
      return false;
    }
    return switch (drill.position()) {
      case TRAVELLING -> true;
      case STANDING, WALL, DECK ->
          drill.regions().stream()
              .filter(BodyRegion::isOfTheLegs)
              .anyMatch(r -> isOnOneLeg(drill) || LOADS.stream().anyMatch(w -> drill.works(r, w)));
      case FLOOR, SEATED, MACHINE, WATER -> false;
    };
  }

  private static boolean isOnOneLeg(Drill drill) {
    return drill.usual().sides() > 1;
  }

  /**
   * Technique drills and graded efforts come after it has loosened; the rest does the loosening.
   */
  private static boolean isQuickWhileStiff(Drill drill, BodyRegion region) {
    boolean isEarly = drill.block() != WarmUpPart.DRILL && drill.block() != WarmUpPart.BUILD;
    return isEarly && (drill.works(region, Way.BALLISTIC) || drill.works(region, Way.LANDING));
  }
}
