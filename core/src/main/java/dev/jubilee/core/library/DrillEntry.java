package dev.jubilee.core.library;

import dev.jubilee.core.drill.Caveat;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillBuilder;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A drill of a file that keeps to the schema.
 *
 * @param values by field
 */
record DrillEntry(Map<?, ?> values) {
  private static final Need ANKLES = new Need.Mobility(BodyRegion.ANKLES);

  Drill drill() {
    WarmUpPart block = choice("block", WarmUpPart.class, null);
    Map<BodyRegion, Double> regions = weights("regions", BodyRegion.class);
    DrillEntry dose = new DrillEntry((Map<?, ?>) values.get("dose"));
    Map<Sport, Integer> suits = new LinkedHashMap<>();
    weights("suits", Sport.class).forEach((sport, value) -> suits.put(sport, value.intValue()));
    return DrillBuilder.builder()
        .id(id())
        .name(text("name"))
        .aliases(texts("aliases"))
        .rung(rung())
        .block(block)
        .suits(suits)
        .level(choice("level", Level.class, Level.NOVICE))
        .position(choice("position", Position.class, null))
        .kit(choices("kit", Kit.class))
        .effort(whole("effort", 0))
        .serves(serves(block, regions))
        .regions(regions.keySet())
        .ways(ways())
        .caveats(choices("caveats", Caveat.class))
        .contacts(number("contacts", 0))
        .holdSeconds(whole("hold", 0))
        .joint(Optional.ofNullable(choice("joint", BodyRegion.class, null)))
        .favours(choices("favours", BodyRegion.class))
        .wetSafe(flag("wetSafe"))
        .usual(dose.dose())
        .least(dose.range(0))
        .most(dose.range(1))
        .steps(texts("steps"))
        .cues(texts("cues"))
        .fault(text("fault"))
        .caution(text("caution"))
        .role(Optional.empty())
        .build();
  }

  /** The list of what is loaded hard is the short form of what most drills need to say. */
  private Map<Way, Set<BodyRegion>> ways() {
    Map<Way, Set<BodyRegion>> ways = new EnumMap<>(Way.class);
    DrillEntry given = new DrillEntry(values.get("ways") instanceof Map<?, ?> map ? map : Map.of());
    for (Way way : Way.values()) {
      String word = way.name().toLowerCase(Locale.ROOT).replace('_', '-');
      Set<BodyRegion> regions = given.choices(word, BodyRegion.class);
      if (!regions.isEmpty()) {
        ways.put(way, regions);
      }
    }
    Set<BodyRegion> loads = choices("loads", BodyRegion.class);
    if (!loads.isEmpty()) {
      ways.computeIfAbsent(Way.ECCENTRIC, w -> new LinkedHashSet<>()).addAll(loads);
    }
    return ways;
  }

  String id() {
    return text("id");
  }

  /** Least and most of what the dose counts. */
  int range(int place) {
    return ((Number) ((List<?>) values.get("range")).get(place)).intValue();
  }

  /** What regions mean follows from the block: range when mobilising, awake when activating. */
  private Map<Need, Double> serves(WarmUpPart block, Map<BodyRegion, Double> regions) {
    Map<Need, Double> serves = new LinkedHashMap<>();
    // Drills and the raise move a joint too, though not through its whole range.
    boolean ranged = block == WarmUpPart.MOBILISE || block == WarmUpPart.RELEASE;
    regions.forEach(
        (region, strength) -> {
          if (block == WarmUpPart.ACTIVATE) {
            serves.put(new Need.Activation(region), strength);
          } else {
            serves.put(new Need.Mobility(region), ranged ? strength : strength / 2);
          }
        });
    ankleRanges(regions, serves).forEach(f -> serves.put(f, serves.get(ANKLES)));
    weights("skills", Skill.class)
        .forEach((skill, strength) -> serves.put(new Need.Rehearsal(skill), strength));
    return serves;
  }

  /** Bending the ankle stretches the calf, pointing the foot its front; some drills do both. */
  private static Set<Need> ankleRanges(Map<BodyRegion, Double> regions, Map<Need, Double> serves) {
    if (!serves.containsKey(ANKLES)) {
      return Set.of();
    }
    boolean isBent = regions.containsKey(BodyRegion.CALVES);
    boolean isPointed = regions.containsKey(BodyRegion.SHINS);
    Set<Need> ranges = new LinkedHashSet<>();
    if (isBent || !isPointed) {
      ranges.add(new Need.AnkleRange(Need.AnkleRange.Foot.BENT));
    }
    if (isPointed || !isBent) {
      ranges.add(new Need.AnkleRange(Need.AnkleRange.Foot.POINTED));
    }
    return ranges;
  }

  private Optional<Drill.Rung> rung() {
    String ladder = text("ladder");
    int slash = ladder.indexOf('/');
    return slash < 0
        ? Optional.empty()
        : Optional.of(
            new Drill.Rung(
                ladder.substring(0, slash), Integer.parseInt(ladder.substring(slash + 1))));
  }

  private Dose dose() {
    int sides = whole("sides", 1);
    if (values.containsKey("reps")) {
      return new Dose.Reps(whole("reps", 1), sides, whole("directions", 1), number("tempo", 1));
    } else if (values.containsKey("seconds")) {
      return new Dose.Timed(whole("seconds", 1), sides);
    } else if (values.containsKey("lengths")) {
      return new Dose.Lengths(
          whole("lengths", 1),
          Distance.ofMetres(number("metres", 1)),
          flag("back"),
          number("speed", 1));
    } else if (values.containsKey("strokes")) {
      return new Dose.Strokes(
          whole("rounds", 1), texts("parts"), whole("strokes", 1), whole("rate", 1));
    }
    return new Dose.Circuit(whole("rounds", 1), whole("work", 1), whole("rest", 0));
  }

  private String text(String field) {
    return values.get(field) instanceof String text ? text : "";
  }

  private List<String> texts(String field) {
    return values.get(field) instanceof List<?> list
        ? list.stream().map(Object::toString).toList()
        : List.of();
  }

  private boolean flag(String field) {
    return Boolean.TRUE.equals(values.get(field));
  }

  private double number(String field, double otherwise) {
    return values.get(field) instanceof Number number ? number.doubleValue() : otherwise;
  }

  private int whole(String field, int otherwise) {
    return values.get(field) instanceof Number number ? number.intValue() : otherwise;
  }

  private <E extends Enum<E>> E choice(String field, Class<E> type, E otherwise) {
    return values.get(field) instanceof String text ? constant(text, type) : otherwise;
  }

  private <E extends Enum<E>> Set<E> choices(String field, Class<E> type) {
    Set<E> choices = new LinkedHashSet<>();
    texts(field).forEach(text -> choices.add(constant(text, type)));
    return choices;
  }

  private <E extends Enum<E>> Map<E, Double> weights(String field, Class<E> type) {
    Map<E, Double> weights = new LinkedHashMap<>();
    if (values.get(field) instanceof Map<?, ?> map) {
      map.forEach(
          (key, value) ->
              weights.put(constant(key.toString(), type), ((Number) value).doubleValue()));
    }
    return weights;
  }

  private static <E extends Enum<E>> E constant(String text, Class<E> type) {
    return Enum.valueOf(type, text.toUpperCase(Locale.ROOT).replace('-', '_'));
  }
}
