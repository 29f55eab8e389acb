package dev.jubilee.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.drill.Caveat;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.sport.BodyRegion;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * The library's facts of each drill against a second table, made from its movement alone, as a
 * physiotherapist would read it. Neither is the truth: each difference is decided, with a reason.
 */
class MovementFactsTest {
  private static final Pattern TAB = Pattern.compile("\t");
  private static final Pattern COMMA = Pattern.compile(",");

  private static final List<Demand> COLUMNS =
      List.of(Demand.GENTLE, Demand.END, Demand.SLOW, Demand.QUICK, Demand.QUICK);

  private static final Map<String, BodyRegion> OTHER_NAMES =
      Map.of(
          "groin", BodyRegion.ADDUCTORS,
          "hipflexors", BodyRegion.HIP_FLEXORS,
          "lowback", BodyRegion.LOWER_BACK,
          "midback", BodyRegion.MID_BACK,
          "shoulderblades", BodyRegion.SHOULDER_BLADES);

  /** How much is asked of a region; what is sore bears the first two. */
  private enum Demand {
    GENTLE,
    SLOW,
    END,
    QUICK;

    static Demand of(Way way) {
      return switch (way) {
        case GENTLE -> GENTLE;
        case LOADED -> SLOW;
        case END_RANGE, HELD -> END;
        case ECCENTRIC, BALLISTIC, LANDING -> QUICK;
      };
    }

    Demand or(Demand other) {
      return compareTo(other) < 0 ? other : this;
    }
  }

  @Test
  void everyDifferenceIsDecided() throws IOException {
    Set<String> differences = new TreeSet<>();
    Map<String, Map<BodyRegion, Demand>> facts = facts();
    for (Drill drill : BuiltInLibrary.get().drills()) {
      Map<BodyRegion, Demand> read = facts.get(drill.id());
      assertThat(read).as(drill.id()).isNotNull();
      for (BodyRegion region : BodyRegion.values()) {
        Demand here = here(drill, region);
        Demand there = read.getOrDefault(region, Demand.GENTLE);
        if (here != there && here.or(there) != Demand.SLOW && !isGraded(drill, here)) {
          differences.add(drill.id() + "\t" + word(region));
        }
      }
    }
    assertThat(differences).isEqualTo(new TreeSet<>(lines("decided-facts.tsv").toList()));
  }

  /** What is painful is not worked at all: so each region that bears anything is named. */
  @Test
  void whatBearsAnythingIsWorked() throws IOException {
    facts()
        .forEach(
            (id, read) -> {
              Drill drill = BuiltInLibrary.get().require(id);
              read.forEach(
                  (region, demand) ->
                      assertThat(demand == Demand.GENTLE || drill.works(region))
                          .as(id + " works " + region)
                          .isTrue());
            });
  }

  /**
   * What not everybody may do. Whoever runs, lands or swims is under other rules; marches leave the
   * ground for a moment only.
   */
  @Test
  void whatNotEverybodyMayDoIsSaid() throws IOException {
    Set<String> marches = Set.of("a-march", "march-opposite-reach", "shake-out");
    Set<String> heldOrRolled = Set.of("hurdle-lead-wall", "warm-up-set", "roll-hamstrings");
    Map<String, Caveat> flags =
        Map.of(
            "supine", Caveat.SUPINE,
            "prone", Caveat.PRONE,
            "strain", Caveat.STRAINING,
            "oneleg", Caveat.ONE_LEG,
            "fall", Caveat.UNSTEADY);
    lines("movement-facts.tsv")
        .map(line -> TAB.split(line, -1))
        .filter(cells -> !marches.contains(cells[0]) && !heldOrRolled.contains(cells[0]))
        .forEach(
            cells -> {
              Drill drill = BuiltInLibrary.get().require(cells[0]);
              boolean isSure =
                  drill.contacts() > 0
                      || drill.block() == WarmUpPart.RAISE
                      || drill.block() == WarmUpPart.BUILD
                      || drill.position() == Position.WATER;
              for (String flag : COMMA.split(cells[7], -1)) {
                boolean isOther = isSure && !flag.equals("strain");
                assertThat(
                        isOther
                            || !flags.containsKey(flag)
                            || drill.caveats().contains(flags.get(flag)))
                    .as(drill.id() + " " + flag)
                    .isTrue();
              }
            });
  }

  /** Raise and build are graded by effort, which is capped for what is sore. */
  private static boolean isGraded(Drill drill, Demand here) {
    boolean isOfThem = drill.block() == WarmUpPart.RAISE || drill.block() == WarmUpPart.BUILD;
    return isOfThem && here == Demand.SLOW;
  }

  private static Demand here(Drill drill, BodyRegion region) {
    return Stream.of(Way.values())
        .filter(way -> drill.works(region, way))
        .map(Demand::of)
        .reduce(Demand.GENTLE, Demand::or);
  }

  private static Map<String, Map<BodyRegion, Demand>> facts() throws IOException {
    Map<String, Map<BodyRegion, Demand>> facts = new HashMap<>();
    lines("movement-facts.tsv")
        .map(line -> TAB.split(line, -1))
        .forEach(
            cells -> {
              Map<BodyRegion, Demand> read = new EnumMap<>(BodyRegion.class);
              for (int i = 0; i < COLUMNS.size(); i++) {
                for (String name : COMMA.split(cells[i + 2], -1)) {
                  Demand demand = COLUMNS.get(i);
                  region(name).ifPresent(r -> read.merge(r, demand, Demand::or));
                }
              }
              facts.put(cells[0], read);
            });
    return facts;
  }

  private static Optional<BodyRegion> region(String name) {
    return Optional.ofNullable(OTHER_NAMES.get(name))
        .or(() -> Stream.of(BodyRegion.values()).filter(r -> word(r).equals(name)).findFirst());
  }

  private static String word(BodyRegion region) {
    return region.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static Stream<String> lines(String file) throws IOException {
    try (BufferedReader reader =
        new BufferedReader(
            new InputStreamReader(
                MovementFactsTest.class.getResourceAsStream(file), StandardCharsets.UTF_8))) {
      return reader.lines().filter(line -> !line.startsWith("#")).toList().stream();
    }
  }
}
