package dev.jubilee.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The last figure at which a finding is silent and the first at which it speaks. */
class CheckBordersTest {
  private static final PlanEditor EDITOR = new PlanEditor(BuiltInLibrary.get());

  private static List<FindingCode> codes(Plan plan) {
    return Checks.of(plan).stream().map(Finding::code).toList();
  }

  private static Plan plan(SessionKind kind, int minutes) {
    return Scenarios.plan(Sport.RUN, kind, Level.ADVANCED, minutes);
  }

  private static Plan with(Plan plan, WarmUpPart part, int seconds) {
    PlanItem longest =
        plan.in(part).stream().max(Comparator.comparingInt(PlanItem::seconds)).orElseThrow();
    return EDITOR.dose(plan, longest.id(), seconds);
  }

  @ParameterizedTest
  @CsvSource({"11, true", "12, false"})
  void littleTimeBeforeHardWork(int minutes, boolean speaks) {
    assertThat(codes(plan(SessionKind.SPRINT, minutes)).contains(FindingCode.SHORT_FOR_HARD))
        .isEqualTo(speaks);
    assertThat(codes(plan(SessionKind.EASY, minutes))).doesNotContain(FindingCode.SHORT_FOR_HARD);
  }

  /** Much of the gain is gone after 15 to 20 min (Bishop 2003). */
  @ParameterizedTest
  @CsvSource({"900, false", "901, true"})
  void aLongWait(int seconds, boolean speaks) {
    Plan plan = with(plan(SessionKind.INTERVALS, 60), WarmUpPart.TRANSITION, seconds);
    assertThat(codes(plan).contains(FindingCode.LONG_WAIT)).isEqualTo(speaks);
  }

  @ParameterizedTest
  @CsvSource({"150, false", "120, true"})
  void tooShortAWaitBeforeAnAllOutStart(int seconds, boolean speaks) {
    Plan trial = plan(SessionKind.TIME_TRIAL, 45);
    for (PlanItem item : trial.in(WarmUpPart.TRANSITION)) {
      trial = EDITOR.dose(trial, item.id(), seconds);
    }
    assertThat(codes(trial).contains(FindingCode.SHORT_WAIT)).isEqualTo(speaks);
  }

  @ParameterizedTest
  @CsvSource({
    "-5, HARD_COLD, true",
    "-4, HARD_COLD, false",
    "5, LAYERS, true",
    "6, LAYERS, false",
    "-5, LAYERS, false",
    "30, HEAT, true",
    "29, HEAT, false"
  })
  void theThermometer(int degrees, FindingCode code, boolean speaks) {
    assertThat(codes(at(degrees, Optional.empty())).contains(code)).isEqualTo(speaks);
  }

  /** US NWS: danger from a heat index of 103 °F, 39 °C (from memory). */
  @ParameterizedTest
  @CsvSource({"32, 60, false", "33, 65, true", "39, 10, false"})
  void damp(int degrees, int humidity, boolean isDanger) {
    List<FindingCode> codes = codes(at(degrees, Optional.of(humidity)));
    assertThat(codes.contains(FindingCode.HEAT_DANGER)).isEqualTo(isDanger);
    assertThat(codes.contains(FindingCode.HEAT)).isEqualTo(!isDanger);
  }

  private static Plan at(int degrees, Optional<Integer> humidity) {
    Conditions air =
        new Conditions(0, false, Conditions.Surface.FIRM, 0, 1, Optional.empty(), humidity);
    Circumstances circumstances =
        new Circumstances(
            40, false, Place.TRACK, Place.TRACK.usualKit(), degrees, ComingFrom.MOVING, air);
    return Scenarios.plan(
        PrescriptionRequest.of(
            Scenarios.athlete(Level.ADVANCED),
            Scenarios.session(Sport.RUN, SessionKind.SPRINT),
            circumstances));
  }
}
