package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PlanText;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.readiness.Verdict;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.warmup.WarmUp;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A start that slips after the warm-up is done: a few minutes of moving and two short efforts, with
 * nothing new, nothing that tires and no standing about; common practice.
 */
class SlippedStartTest {
  /** Minutes in which there is room for all of it. */
  private static final int ROOM = 10;

  private record Slip(Sport sport, SessionKind kind, int minutes, int waiting, int degrees) {}

  static Stream<Slip> slips() {
    return Stream.of(Sport.values())
        .flatMap(
            sport ->
                Stream.of(SessionKind.INTERVALS, SessionKind.TIME_TRIAL, SessionKind.SPRINT)
                    .flatMap(
                        kind ->
                            Stream.of(5, 8, 10, 15, 20, 25)
                                .flatMap(
                                    minutes ->
                                        Stream.of(
                                            new Slip(sport, kind, minutes, 0, 15),
                                            new Slip(sport, kind, minutes, 12, 15),
                                            new Slip(sport, kind, minutes, 0, 4)))));
  }

  @ParameterizedTest
  @MethodSource("slips")
  void isBridgedByLittle(Slip slip) {
    WarmUp before = warmUp(slip);
    WarmUp again = WarmUp.edited(PlanSource.of(before.plan()), new Edit.StartSlipped(slip.minutes));
    Plan plan = again.plan();
    String words = slip + "\n" + PlanText.of(plan);

    assertThat(plan.in(WarmUpPart.ACTIVATE)).as(words).isEmpty();
    assertThat(plan.in(WarmUpPart.DRILL)).as(words).isEmpty();
    assertThat(plan.in(WarmUpPart.MOBILISE)).as(words).isEmpty();
    assertThat(plan.contacts()).as(words).isZero();
    assertThat(plan.in(WarmUpPart.BUILD)).as(words).hasSizeBetween(1, 3);
    assertThat(PlanItem.seconds(plan.in(WarmUpPart.TRANSITION))).as(words).isBetween(45, 180);
    assertThat(plan.seconds() - PlanItem.seconds(plan.in(WarmUpPart.TRANSITION)))
        .as(words)
        .isBetween(120, 480);
    if (slip.minutes < ROOM) {
      return;
    }
    Verdict verdict = again.readiness().verdict();
    assertThat(verdict.window()).as(words + verdict.sentences()).isPresent();
    assertThat(verdict.isWarm()).as(words + verdict.sentences()).isTrue();
  }

  /** What the verdict says beforehand is what is planned when it comes to it. */
  @ParameterizedTest
  @MethodSource("slips")
  void isWhatWasSaidBeforehand(Slip slip) {
    if (slip.minutes < ROOM) {
      return;
    }
    WarmUp before = warmUp(slip);
    WarmUp again = WarmUp.edited(PlanSource.of(before.plan()), new Edit.StartSlipped(slip.minutes));
    Verdict.TopUp said = before.readiness().verdict().topUp().orElseThrow();
    assertThat(PlanItem.seconds(again.plan().in(WarmUpPart.RAISE)))
        .as(slip + "\n" + PlanText.of(again.plan()))
        .isBetween(said.seconds() - 90, said.seconds() + 150);
    assertThat(PlanItem.seconds(again.plan().in(WarmUpPart.TRANSITION)))
        .isCloseTo(said.before(), within(15));
  }

  private static WarmUp warmUp(Slip slip) {
    PrescriptionRequest usual =
        Scenarios.request(slip.sport, slip.kind, Level.INTERMEDIATE, 45 + slip.waiting);
    Circumstances there = usual.circumstances();
    return WarmUp.prescribed(
        usual.with(
            there
                .withTemperature(slip.degrees)
                .with(there.conditions().withWaitMinutes(slip.waiting))),
        BuiltInLibrary.get());
  }
}
