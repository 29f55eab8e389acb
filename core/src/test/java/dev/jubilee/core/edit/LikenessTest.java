package dev.jubilee.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.sport.BodyRegion;
import org.junit.jupiter.api.Test;

/** How alike two drills are: by what they serve, as an angle between two lists of strengths. */
class LikenessTest {
  private static final DrillLibrary LIBRARY = BuiltInLibrary.get();

  @Test
  void everyDrillIsMostLikeItselfAndTheMeasureIsSymmetric() {
    for (Drill a : LIBRARY.drills()) {
      for (Drill b : LIBRARY.drills()) {
        double alike = Alternatives.likeness(a, b);
        assertThat(alike).isBetween(0.0, 1 + 1e-9);
        assertThat(alike).isCloseTo(Alternatives.likeness(b, a), within(1e-9));
      }
      if (!a.serves().isEmpty()) {
        assertThat(Alternatives.likeness(a, a)).isCloseTo(1, within(1e-9));
      }
    }
  }

  @Test
  void rungsOfOneLadderAreAlikeAndDrillsForOtherPartsAreNot() {
    for (var ladder : LIBRARY.ladders()) {
      assertThat(Alternatives.likeness(ladder.rungs().get(0), ladder.rungs().get(1))).isEqualTo(1);
    }
    Drill calf =
        LIBRARY.drills().stream()
            .filter(d -> d.serves().containsKey(new Need.Activation(BodyRegion.CALVES)))
            .findFirst()
            .orElseThrow();
    Drill chest =
        LIBRARY.drills().stream()
            .filter(d -> d.rung().isEmpty() && !d.serves().isEmpty())
            .filter(d -> d.serves().keySet().stream().noneMatch(calf.serves()::containsKey))
            .findFirst()
            .orElseThrow();
    assertThat(Alternatives.likeness(calf, chest)).isZero();
  }
}
