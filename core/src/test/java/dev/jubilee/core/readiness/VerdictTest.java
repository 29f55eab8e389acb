package dev.jubilee.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Tuning;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.prescription.TrueReasons;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What someone who knows the physiology would say of these plans; common practice. */
class VerdictTest {

  @Test
  void aRowTestOnAColdMorningWithSixMinutesToWaitIsReadyAndNotForLong() {
    Verdict verdict = rowTest(40, 6);
    assertThat(verdict.warmth()).isGreaterThanOrEqualTo(1.5);
    assertThat(verdict.freshness()).isGreaterThanOrEqualTo(97);
    assertThat(verdict.isRehearsed()).isTrue();
    Verdict.Window window = verdict.window().orElseThrow();
    assertThat(window.from()).isNegative();
    assertThat(window.to()).isBetween(0, 10 * 60);
  }

  @Test
  void withHalfAnHourToWaitItHasGoneColdAndATopUpIsNamed() {
    Verdict verdict = rowTest(60, 30);
    assertThat(verdict.warmth()).isLessThanOrEqualTo(rowTest(40, 6).warmth());
    assertThat(verdict.window()).isEmpty();
    assertThat(verdict.sentences().get(0)).contains("short of what this wants");
    assertThat(verdict.topUp().orElseThrow().seconds()).isBetween(180, 600);
  }

  @Test
  void aSprintSessionStartsWarmRehearsedAndFresh() {
    Verdict verdict = verdict(Sport.RUN, SessionKind.SPRINT, 45);
    assertThat(verdict.warmth()).isGreaterThanOrEqualTo(1.5);
    assertThat(verdict.isRehearsed()).isTrue();
    assertThat(verdict.freshness()).isGreaterThanOrEqualTo(92);
  }

  @Test
  void anEasyRunIsReadyAfterFiveMinutesAndStaysSo() {
    Verdict verdict = verdict(Sport.RUN, SessionKind.EASY, 20);
    assertThat(verdict.window().orElseThrow().to()).isGreaterThan(15 * 60);
    assertThat(verdict.topUp()).isEmpty();
  }

  @Test
  void behindTheBlocksWithoutThePoolASwimmerIsNotRehearsedAndLessWarm() {
    Circumstances dry =
        Circumstances.of(
            10, Profiles.of(Sport.SWIM).place(), Set.of(Kit.SUPPORT), 26, ComingFrom.MOVING);
    PrescriptionRequest request =
        Scenarios.request(Sport.SWIM, SessionKind.SPRINT, Level.ADVANCED, 10).with(dry);
    Verdict verdict = Readiness.of(Scenarios.plan(request)).verdict();
    assertThat(verdict.isRehearsed()).isFalse();
    assertThat(verdict.sentences()).anyMatch(s -> s.contains("ease into the first effort"));
    assertThat(verdict.warmth())
        .isLessThan(verdict(Sport.SWIM, SessionKind.SPRINT, 40).warmth() + 0.1);
  }

  @Test
  void aThresholdRideStraightFromADeskIsReady() {
    Circumstances desk =
        Circumstances.of(
            25,
            Profiles.of(Sport.RIDE).place(),
            Profiles.of(Sport.RIDE).place().usualKit(),
            19,
            ComingFrom.DESK);
    PrescriptionRequest request =
        Scenarios.request(Sport.RIDE, SessionKind.THRESHOLD, Level.INTERMEDIATE, 25).with(desk);
    Verdict verdict = Readiness.of(Scenarios.plan(request)).verdict();
    assertThat(verdict.window().orElseThrow().from()).isNotPositive();
    assertThat(verdict.isRehearsed()).isTrue();
  }

  /** Never start again from zero: a few minutes, shorter than the first raise. */
  @Test
  void aStartDelayedByTwentyFiveMinutesWantsATopUpAndNotTheWholeAgain() {
    Plan plan = Scenarios.plan(Sport.RUN, SessionKind.INTERVALS, Level.INTERMEDIATE, 35);
    Readiness readiness = Readiness.of(plan);
    assertThat(readiness.verdict().window().orElseThrow().to()).isLessThan(25 * 60);
    int raise = plan.in(WarmUpPart.RAISE).stream().mapToInt(PlanItem::seconds).sum();
    assertThat(readiness.verdict().topUp().orElseThrow().seconds()).isBetween(120, raise - 60);
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void aLongerWaitIsNeverWarmerNorLessFresh(Sport sport) {
    PlanEditor editor = new PlanEditor(BuiltInLibrary.get());
    Plan plan = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, 45);
    PlanItem settle = plan.in(WarmUpPart.TRANSITION).get(0);
    Verdict before = null;
    for (int seconds : List.of(60, 180, 360, 720, 1200, 1800)) {
      Verdict now = Readiness.of(editor.dose(plan, settle.id(), seconds)).verdict();
      if (before != null) {
        assertThat(now.warmth()).isLessThanOrEqualTo(before.warmth());
        assertThat(now.freshness()).isGreaterThanOrEqualTo(before.freshness());
      }
      assertThat(now.warmthLow()).isLessThanOrEqualTo(now.warmth());
      assertThat(now.warmthHigh()).isGreaterThanOrEqualTo(now.warmth());
      before = now;
    }
  }

  /** No plan of the engine's own for a hard session leaves the athlete cold in mild air. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void theEnginesOwnPlansAreReadyAtTheStart(Sport sport) {
    for (SessionKind kind : List.of(SessionKind.INTERVALS, SessionKind.TIME_TRIAL)) {
      Verdict verdict = verdict(sport, kind, 45);
      Verdict.Window window = verdict.window().orElseThrow();
      assertThat(window.from()).as(sport + " " + kind).isNotPositive();
      assertThat(window.to()).isNotNegative();
    }
  }

  private static Verdict verdict(Sport sport, SessionKind kind, int minutes) {
    return Readiness.of(Scenarios.plan(sport, kind, Level.ADVANCED, minutes)).verdict();
  }

  private static Verdict rowTest(int minutes, int wait) {
    Circumstances mild = Scenarios.at(Profiles.of(Sport.ROW).place(), minutes);
    Conditions waiting = Conditions.USUAL.withWaitMinutes(wait);
    Circumstances cold =
        Circumstances.of(minutes, mild.place(), mild.kit(), 4, mild.comingFrom())
            .withConditions(waiting);
    PrescriptionRequest request =
        Scenarios.request(Sport.ROW, SessionKind.TIME_TRIAL, Level.INTERMEDIATE, minutes)
            .with(cold);
    return Readiness.of(Scenarios.plan(request)).verdict();
  }

  /** Where the usual lengths leave the athlete cold, the plan goes as far as the minutes allow. */
  @Test
  void thePlanIsTunedUntilTheVerdictIsRight() {
    Plan mild = Scenarios.plan(Sport.RUN, SessionKind.INTERVALS, Level.INTERMEDIATE, 40);
    assertThat(mild.request().tuning()).isEqualTo(Tuning.NONE);

    Plan cold =
        new Prescriber(BuiltInLibrary.get())
            .prescribe(mild.request().with(waiting(mild.request().circumstances(), -8, 0)));
    assertThat(cold.request().tuning()).isNotEqualTo(Tuning.NONE);
    assertThat(Readiness.of(cold).verdict().isWarm()).isTrue();
    assertThat(TrueReasons.of(cold)).anyMatch(w -> w.startsWith("To be warm at the start"));
    assertThat(cold.seconds()).isLessThanOrEqualTo(40 * 60);
  }

  @Test
  void aLongWaitInTheColdGetsALongerTopUpAndNoShorterSettling() {
    Plan mild = Scenarios.plan(Sport.RUN, SessionKind.TIME_TRIAL, Level.INTERMEDIATE, 50);
    Plan cold =
        new Prescriber(BuiltInLibrary.get())
            .prescribe(mild.request().with(waiting(mild.request().circumstances(), 4, 20)));

    assertThat(cold.request().tuning().topUp()).isPositive();
    assertThat(cold.request().tuning().transition()).isZero();
  }

  private static Circumstances waiting(Circumstances c, int temperature, int wait) {
    return Circumstances.of(c.minutes(), c.place(), c.kit(), temperature, c.comingFrom())
        .withFill(c.fill())
        .with(Conditions.USUAL.withWaitMinutes(wait));
  }
}
