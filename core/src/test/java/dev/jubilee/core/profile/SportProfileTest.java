package dev.jubilee.core.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What every sport's profile must hold, whichever sport it is. */
class SportProfileTest {
  @ParameterizedTest
  @EnumSource(Sport.class)
  void paceAndIntensityAreEachOthersInverse(Sport sport) {
    SportProfile profile = Profiles.of(sport);
    for (double share = 0.5; share < 1.5; share += 0.1) {
      double intensity = share * profile.usual().critical();
      assertThat(profile.pace().intensityAt(profile.pace().secondsAMetre(intensity)))
          .isCloseTo(intensity, within(1e-9));
    }
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void effortRisesFromTheRaiseToThePriming(Sport sport) {
    SportProfile profile = Profiles.of(sport);
    assertThat(List.of(profile.raise().easy(), profile.raise().firm(), profile.heavy(), 1.0))
        .isSorted()
        .doesNotHaveDuplicates();
    for (SessionKind kind : SessionKind.values()) {
      assertThat(profile.firstStep(kind)).isBetween(0.5, 1.0);
    }
    assertThat(profile.easyShare()).isLessThan(profile.steadyShare());
  }

  /** A race as long as the usual athlete can hold something takes just that long. */
  @ParameterizedTest
  @EnumSource(value = Sport.class, names = "RIDE", mode = EnumSource.Mode.EXCLUDE)
  void raceTakesAsLongAsItsPaceIsHeld(Sport sport) {
    SportProfile profile = Profiles.of(sport);
    CriticalModel usual = profile.usual();
    for (int seconds : new int[] {240, 600, 1200}) {
      double metres = seconds * profile.speed(usual.sustainable(seconds), usual, false);
      assertThat(profile.pace().raceSeconds(metres, usual))
          .isCloseTo(seconds, within(0.01 * seconds));
    }
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void effortsAreDoneOnWhatTheSportNeeds(Sport sport) {
    SportProfile profile = Profiles.of(sport);
    List<Kit> apparatus = Kit.apparatusOf(sport).stream().toList();
    assertThat(Profiles.kitAt(profile.place(), sport)).containsAll(apparatus);
    for (SessionKind kind : SessionKind.values()) {
      assertThat(BuiltInLibrary.get().require(profile.effort(kind)).kit())
          .containsExactlyElementsOf(apparatus);
    }
    assertThat(BuiltInLibrary.get().require(profile.easy()).suits(sport)).isEqualTo(3);
    assertThat(profile.needs().values()).allMatch(w -> w >= 0.3 && w <= 3);
  }

  @Test
  void noTwoSportsAreCalledTheSame() {
    List<String> names = new ArrayList<>();
    for (Sport sport : Sport.values()) {
      names.addAll(List.of(Profiles.of(sport).names().split(" ")));
    }
    assertThat(names).doesNotHaveDuplicates();
  }
}
