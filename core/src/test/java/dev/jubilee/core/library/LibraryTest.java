package dev.jubilee.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.choice.RegionRules;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Ladder;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.sport.BodyRegion;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The built-in library is sound, and an unsound one is refused with the line of each fault. */
class LibraryTest {

  @Test
  void hasDrillsForEveryBlockAndLaddersWithoutGaps() {
    DrillLibrary library = BuiltInLibrary.get();
    assertThat(library.drills()).hasSizeGreaterThanOrEqualTo(180);
    assertThat(library.ladders()).hasSizeGreaterThanOrEqualTo(25);
    for (WarmUpPart block : WarmUpPart.values()) {
      assertThat(library.in(block)).as(block.title()).isNotEmpty();
    }
  }

  /** Common practice: A-march, A-skip, A-run; toe taps, pogo, line leaps, bounds, hops. */
  /**
   * Each drill says how it works the body, as far as its own facts show: whoever lands, lands on
   * feet, ankles, calves and Achilles tendon; what is held is held somewhere; raise and build carry
   * the body; a drill is liked for stiff regions that it moves.
   */
  @Test
  void everyDrillSaysHowItWorksTheBody() {
    for (Drill drill : BuiltInLibrary.get().drills()) {
      if (drill.contacts() > 0) {
        for (BodyRegion region : LANDS_ON) {
          assertThat(lands(drill, region)).as(drill.id() + " lands on " + region).isTrue();
        }
      }
      if (drill.isHeld()) {
        assertThat(drill.ways()).as(drill.id()).containsKey(Way.HELD);
      }
      boolean carries = drill.block() == WarmUpPart.RAISE || drill.block() == WarmUpPart.BUILD;
      assertThat(!carries || !drill.ways().isEmpty()).as(drill.id() + " carries").isTrue();
      drill
          .favours()
          .forEach(
              region ->
                  assertThat(drill.works(region))
                      .as(drill.id() + " is liked for a region that it moves: " + region)
                      .isTrue());
    }
  }

  /** What is too much for a sore foot, calf or Achilles on one rung is so on each higher one. */
  @Test
  void higherRungsAreNoKinderToWhatLands() {
    for (Ladder ladder : BuiltInLibrary.get().ladders()) {
      for (int i = 1; i < ladder.rungs().size(); i++) {
        Drill lower = ladder.rungs().get(i - 1);
        Drill higher = ladder.rungs().get(i);
        assertThat(RegionRules.notWhenSore(higher))
            .as(lower.id() + " → " + higher.id())
            .containsAll(
                RegionRules.notWhenSore(lower).stream().filter(LANDS_ON::contains).toList());
      }
    }
  }

  private static final Set<BodyRegion> LANDS_ON =
      EnumSet.of(BodyRegion.FEET, BodyRegion.ANKLES, BodyRegion.CALVES, BodyRegion.ACHILLES);

  /** What is landed on may stand under what is loaded hard instead. */
  private static boolean lands(Drill drill, BodyRegion region) {
    return drill.works(region, Way.LANDING) || drill.works(region, Way.ECCENTRIC);
  }

  @Test
  void laddersClimbInTheOrderCoachesClimbThem() {
    assertThat(rungs("a-series")).containsExactly("a-march", "a-skip", "a-run");
    assertThat(rungs("contacts"))
        .containsExactly(
            "toe-taps",
            "pogo-hops",
            "line-leaps",
            "bounds-square",
            "single-leg-hops",
            "lateral-hops");
    assertThat(rungs("fast-feet"))
        .containsExactly("fast-feet-ankle", "fast-feet-calf", "fast-feet-knee");
    assertThat(rungs("leg-cycle"))
        .containsExactly("butt-kicks", "heel-over-knee", "quick-leg-single", "quick-leg-double");
    assertThat(rungs("row-sequence"))
        .containsExactly("row-arms", "row-sequence-arms-body", "row-sequence-half", "row-sequence");
    assertThat(rungs("squat"))
        .containsExactly("squat-partial", "squat-full", "squat-calf-raise", "squat-tiptoe");
    assertThat(rungs("hurdle-lead"))
        .containsExactly(
            "hurdle-lead-wall",
            "hurdle-lead-beside",
            "hurdle-lead-over",
            "hurdle-alternating",
            "barrier-beside");
    assertThat(rungs("bridge")).containsExactly("bridge-two", "bridge-knees-out", "bridge-single");
    DrillLibrary library = BuiltInLibrary.get();
    Drill skip = library.require("a-skip");
    assertThat(library.easier(skip)).map(Drill::id).contains("a-march");
    assertThat(library.harder(skip)).map(Drill::id).contains("a-run");
  }

  private static List<String> rungs(String ladder) {
    return BuiltInLibrary.get().ladders().stream()
        .filter(l -> l.id().equals(ladder))
        .flatMap(l -> l.rungs().stream())
        .map(Drill::id)
        .toList();
  }
}
