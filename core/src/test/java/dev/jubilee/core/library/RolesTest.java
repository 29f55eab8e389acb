package dev.jubilee.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Role;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Rules name what they need a drill for; the library says which drill that is. */
class RolesTest {
  @ParameterizedTest
  @EnumSource(Role.class)
  void everyRoleHasADrillOfItsOwn(Role role) {
    Drill drill = BuiltInLibrary.get().require(role);
    assertThat(drill.is(role)).isTrue();
    assertThat(drill.role()).contains(role);
  }

  @Test
  void aClubsOwnTimesKeepRoles() {
    DrillLibrary paced =
        BuiltInLibrary.get()
            .paced(Map.of(BuiltInLibrary.get().require(Role.EASY_JOG).id(), 1.2), 1);
    assertThat(paced.require(Role.EASY_JOG).is(Role.EASY_JOG)).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "'SETTLE: no-such-drill', 'roles.yaml:1', 'not no-such-drill'",
    "'SETTLE: settle\nWAIT: settle', 'roles.yaml:2', 'a role, not WAIT'",
  })
  void unknownRolesAndDrillsAreFaultsWithTheirLine(String yaml, String place, String what) {
    assertThat(LibraryReader.faultsOfRoles(yaml))
        .anySatisfy(
            fault -> {
              assertThat(fault.place()).isEqualTo(place);
              assertThat(fault.accepted()).contains(what);
            });
  }
}
