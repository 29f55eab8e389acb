package dev.jubilee.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.WarmUpPart;
import java.util.List;
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
