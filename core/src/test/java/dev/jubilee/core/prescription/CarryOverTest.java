package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.check.Checks;
import dev.jubilee.core.check.Finding;
import dev.jubilee.core.check.FindingCode;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.circumstances.PriorExercise.Hardness;
import dev.jubilee.core.circumstances.PriorExercise.Kind;
import dev.jubilee.core.circumstances.PriorExercise.Movement;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.readiness.Readiness;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.simulation.Ambient;
import dev.jubilee.core.simulation.Arrival;
import dev.jubilee.core.simulation.Body;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Who comes already warm, and a start that slips; common practice. */
class CarryOverTest {
  private static PrescriptionRequest race(Sport sport, int minutes, PriorExercise... before) {
    PrescriptionRequest rested =
        Scenarios.request(sport, SessionKind.TIME_TRIAL, Level.ADVANCED, minutes);
    return rested.with(rested.circumstances().after(List.of(before)));
  }

  private static PriorExercise heat(Sport sport, int endedBefore) {
    return new PriorExercise(Kind.SESSION, Movement.of(sport), Hardness.ALL_OUT, 5, endedBefore);
  }

  private static int raise(Plan plan) {
    return PlanItem.seconds(plan.in(WarmUpPart.RAISE));
  }

  /** Pressure steps without a rest between them are one effort. */
  private static long efforts(Plan plan) {
    List<PlanItem> build = plan.in(WarmUpPart.BUILD);
    long rests = build.stream().filter(i -> i.recovery().seconds() > 0).count();
    return build.isEmpty() ? 0 : rests + 1;
  }

  private static long drills(Plan plan) {
    return plan.items().stream().filter(i -> i.block().isChosen()).count();
  }

  /** Under 30 min two short efforts, up to 90 a short re-warm, later most of the routine again. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void betweenHeatsTheGapDecides(Sport sport) {
    Plan routine = Scenarios.plan(race(sport, 45));
    Plan atOnce = Scenarios.plan(race(sport, 25, heat(sport, 25)));
    Plan within = Scenarios.plan(race(sport, 45, heat(sport, 60)));
    Plan later = Scenarios.plan(race(sport, 45, heat(sport, 150)));

    assertThat(efforts(atOnce)).as("two short efforts").isBetween(1L, 2L);
    assertThat(atOnce.seconds()).isLessThan(routine.seconds() * 3 / 4);
    assertThat(within.seconds()).isGreaterThanOrEqualTo(atOnce.seconds());
    assertThat(within.seconds()).as("a short re-warm").isLessThan(routine.seconds());
    assertThat(drills(within)).isLessThan(drills(routine));
    assertThat(later.seconds())
        .as("most of the routine")
        .isBetween(routine.seconds() * 4 / 5, routine.seconds() + 120);
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void theLongerAgoTheMoreIsDoneAgain(Sport sport) {
    int least = 0;
    for (int gap = 40; gap <= 300; gap += 10) {
      Plan plan = Scenarios.plan(race(sport, 40, heat(sport, gap)));
      // A minute of looking ahead more or less.
      assertThat(plan.seconds()).as("after %s min", gap).isGreaterThanOrEqualTo(least - 90);
      least = Math.max(least, plan.seconds());
    }
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void aSlippedStartIsToppedUpNotBegunAgain(Sport sport) {
    Plan routine = Scenarios.plan(race(sport, 45));
    for (int later : new int[] {3, 5, 10, 20, 30, 60}) {
      SimulatedPlan again = PlanEditor.edited(PlanSource.of(routine), new Edit.StartSlipped(later));
      Plan plan = again.plan();

      assertThat(plan.seconds()).isLessThanOrEqualTo(60 * later);
      assertThat(plan.seconds()).isLessThan(routine.seconds());
      assertThat(raise(plan)).isPositive().isLessThanOrEqualTo(raise(routine));
      assertThat(plan.request().circumstances().slipped()).isEqualTo(later);
      assertThat(Checks.of(plan))
          .extracting(Finding::code)
          .doesNotContain(FindingCode.SHORT_FOR_HARD, FindingCode.LEFT_OUT, FindingCode.BIG_STEP);
      assertThat(again.freshness()).isGreaterThan(0.9);
      if (later >= 5) {
        Readiness then = Readiness.of(again);
        assertThat(then.verdict().isRehearsed()).isTrue();
        assertThat(then.verdict().isWarm()).as("%s, %s min", sport, later).isTrue();
      }
    }
  }

  @Test
  void aStartThatSlipsTwiceRemembersBoth() {
    PlanSource first = PlanSource.of(Scenarios.plan(race(Sport.ROW, 45)));
    PlanSource second = PlanSource.of(PlanEditor.edited(first, new Edit.StartSlipped(10)).plan());
    Circumstances third =
        PlanEditor.edited(second, new Edit.StartSlipped(15)).plan().request().circumstances();

    assertThat(third.slipped()).isEqualTo(25);
    assertThat(third.minutes()).isEqualTo(15);
    assertThat(third.before()).hasSize(2);
    assertThat(third.before().get(0).endedBefore())
        .isGreaterThan(third.before().get(1).endedBefore() + 5);
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void whoRodeHereRaisesLessAndMissesNothingElse(Sport sport) {
    PriorExercise ride = new PriorExercise(Kind.JOURNEY, Movement.RIDING, Hardness.EASY, 30, 45);
    Plan rested = Scenarios.plan(race(sport, 45));
    Plan warm = Scenarios.plan(race(sport, 45, ride));

    assertThat(raise(warm)).isLessThan(raise(rested));
    assertThat(efforts(warm)).isEqualTo(efforts(rested));
    assertThat(drills(warm)).isBetween(drills(rested) - 1, drills(rested) + 1);
  }

  /** A race before leaves the reserve empty; three minutes on it is not full, an hour on it is. */
  @Test
  void aRaceEmptiesTheReserveAndRestRefillsIt() {
    double soon =
        SimulatedPlan.of(Scenarios.plan(race(Sport.RIDE, 3, heat(Sport.RIDE, 3)))).freshness();
    double later =
        SimulatedPlan.of(Scenarios.plan(race(Sport.RIDE, 45, heat(Sport.RIDE, 60)))).freshness();
    assertThat(soon).isLessThan(0.85);
    assertThat(later).isGreaterThan(0.95);
  }

  /** The same as what a second-by-second simulation of the same work and rest gives. */
  @ParameterizedTest
  @ValueSource(ints = {-10, 12, 30})
  void whatIsCarriedOverIsWhatTheWorkLeaves(int felt) {
    CriticalModel model = Scenarios.plan(race(Sport.RIDE, 45)).anchors().model();
    Ambient air = Ambient.inAir(felt, false);
    PriorExercise ride = new PriorExercise(Kind.SESSION, Movement.RIDING, Hardness.STEADY, 20, 30);
    Arrival exact = Arrival.after(List.of(ride), 20 * 60, model, Body.USUAL, air);

    double muscle = Arrival.rested(Body.USUAL, air).muscle();
    double heart = 0;
    for (int s = 0; s < 20 * 60 + 10 * 60; s++) {
      boolean isRiding = s < 20 * 60;
      double cost = isRiding ? 0.8 : 6.0 / 70;
      // Warm layers halve what cold draws off, and slow cooling by a quarter; not while riding.
      double cold = Math.max(-10, 20 - felt);
      double through = isRiding ? 1 : 0.5;
      double level = 3.6 * cost - 0.02 * cold * through;
      double cooling = 1300 * (isRiding ? 1 : 1.25) / (1 + 0.015 * Math.max(0, cold) * through);
      muscle += (level - muscle) / (level > muscle ? 240 : cooling);
      heart += ((isRiding ? 0.8 : 6.0 / 70) * 0.90 - heart) / 40;
    }
    assertThat(exact.muscle()).isCloseTo(muscle, within(0.02));
    assertThat(exact.heart()).isCloseTo(heart, within(0.02));
    assertThat(exact.reserve()).isEqualTo(1);
  }

  @Test
  void nobodyWarmsUpWhileStillDoingAnother() {
    assertThatThrownBy(() -> race(Sport.RUN, 30, heat(Sport.RUN, 20)))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("minutes");
    assertThatThrownBy(() -> race(Sport.RUN, 10, heat(Sport.RUN, 20), heat(Sport.RUN, 22)))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("endedBefore");
  }
}
