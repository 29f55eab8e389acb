package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ConditionsBuilder;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.warmup.WarmUp;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What cannot be meant is refused by name, or answered; nothing is ignored in silence. */
class AbsurdRequestTest {
  @ParameterizedTest
  @ValueSource(ints = {-5, 0, 600})
  void refusesSlipsOutOfRange(int minutes) {
    WarmUp before =
        WarmUp.prescribed(
            Scenarios.request(Sport.RUN, SessionKind.INTERVALS, Level.INTERMEDIATE, 40),
            BuiltInLibrary.get());

    assertThatThrownBy(
            () -> WarmUp.edited(PlanSource.of(before.plan()), new Edit.StartSlipped(minutes)))
        .isInstanceOfSatisfying(
            OutOfRangeException.class, e -> assertThat(e.field()).isEqualTo("minutes"));
  }

  @Test
  void refusesALaneOfOneMetre() {
    Circumstances here =
        Scenarios.request(Sport.RUN, SessionKind.SPRINT, Level.NOVICE, 20).circumstances();

    assertThatThrownBy(
            () -> ConditionsBuilder.builder(here.conditions()).lane(Optional.of(1)).build())
        .isInstanceOfSatisfying(
            OutOfRangeException.class, e -> assertThat(e.field()).isEqualTo("lane"));
  }

  /** With every drill forbidden nothing is prescribed but to settle, and that is said. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void buildsNothingWhenAllDrillsAreTakenOut(Sport sport) {
    Set<String> all =
        BuiltInLibrary.get().drills().stream().map(Drill::id).collect(Collectors.toSet());
    PrescriptionRequest request =
        Scenarios.request(sport, SessionKind.INTERVALS, Level.INTERMEDIATE, 40)
            .with(List.of(), all);

    WarmUp warmUp = WarmUp.prescribed(request, BuiltInLibrary.get());

    assertThat(warmUp.plan().items()).noneMatch(i -> i.block().isChosen());
    assertThat(warmUp.findings()).extracting(f -> f.code().name()).contains("NOTHING_LEFT");
    assertThat(warmUp.findings()).anyMatch(f -> f.why().endsWith("put some of them back."));
    assertThat(warmUp.plan().items()).hasSize(1);
    assertThat(warmUp.readiness().verdict().isWarm()).isFalse();
  }
}
