package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.approach.ApproachBuilder;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.demand.DemandBuilder;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Loss;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.plan.Tuning;
import dev.jubilee.core.selection.Menu;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The stages of a prescription, each by itself: sharing the minutes, fitting, tuning. */
class PartsTest {
  private static final PlanEditor EDITOR = new PlanEditor(BuiltInLibrary.get());
  private static final Prescriber PRESCRIBER = new Prescriber(BuiltInLibrary.get());

  private static final Plan SPRINT =
      Scenarios.plan(Sport.RUN, SessionKind.SPRINT, Level.ADVANCED, 45);

  /** Twelve minutes of raise, ten of drills, six of build, four to settle. */
  private static final int BUILD = 360;

  private static Demand demand() {
    Demand usual = Scenarios.plan(Sport.RUN, SessionKind.INTERVALS, Level.ADVANCED, 60).demand();
    return DemandBuilder.builder(usual)
        .raiseSeconds(720)
        .menuSeconds(
            Map.of(WarmUpPart.MOBILISE, 300, WarmUpPart.ACTIVATE, 100, WarmUpPart.DRILL, 200))
        .effortSeconds(0)
        .restSeconds(0)
        .primingSeconds(0)
        .transitionSeconds(240)
        .build();
  }

  private static Circumstances in(int minutes, boolean fill, int wait) {
    return Circumstances.of(minutes, Place.TRACK, Set.of(), 18, ComingFrom.MOVING)
        .withFill(fill)
        .with(Conditions.USUAL.withWaitMinutes(wait));
  }

  private static TimeBudget share(int minutes, boolean fill, boolean onApparatus) {
    return TimeBudget.share(demand(), BUILD, false, in(minutes, fill, 0), 0, onApparatus);
  }

  @Test
  void withTimeEnoughEachPartGetsItsIdealAndNoMore() {
    TimeBudget budget = share(60, false, false);
    assertThat(budget).isEqualTo(new TimeBudget(1930, 720, 600, BUILD, 240));
    // A machine or the water costs a minute to get on to and off.
    assertThat(share(60, false, true).total()).isEqualTo(1980);
  }

  /** Common practice: time to spare goes to more of the same, not to something new. */
  @Test
  void toldToFillTheMinutesRaiseAndDrillsGrow() {
    TimeBudget filled = share(45, true, false);
    int extra = 2700 - 1930;
    assertThat(filled.total()).isEqualTo(2700);
    assertThat(filled.raise()).isEqualTo(Math.round((720 + extra / 3) / 30.0) * 30);
    assertThat(filled.menu()).isEqualTo(600 + extra / 3);
    assertThat(filled.build()).isEqualTo(BUILD);
    TimeBudget hour = share(60, true, false);
    assertThat(hour.raise()).as("a raise levels out after 20 min").isEqualTo(1200);
    assertThat(hour.menu()).as("half as much again at most").isEqualTo(900);
  }

  /** Common practice: raise and build are kept, extra drills go first. */
  @ParameterizedTest
  @ValueSource(ints = {28, 24, 20, 16, 12, 8, 5, 3})
  void withLittleTimeDrillsGiveWayFirst(int minutes) {
    TimeBudget budget = share(minutes, false, false);
    double raise = budget.raise() / 720.0;
    double build = budget.build() / (double) BUILD;
    double menu = budget.menu() / 600.0;
    assertThat(budget.total()).isEqualTo(60 * minutes);
    assertThat(build).isGreaterThan(raise).isLessThan(1);
    assertThat(raise).isGreaterThan(menu);
    assertThat(budget.raise() % 15).isZero();
    assertThat(budget.transition() % 5).isZero();
    assertThat(budget.transition())
        .isCloseTo((int) Math.round(240.0 * 60 * minutes / 1930), within(3));
    int shared = budget.raise() + budget.build() + budget.menu() + budget.transition();
    assertThat(shared).isBetween(60 * minutes - 10 - 15, 60 * minutes - 10 + 15);
  }

  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void aMinuteMoreIsNeverLessOfAnything(boolean onApparatus) {
    TimeBudget before = share(3, false, onApparatus);
    for (int minutes = 4; minutes <= 60; minutes++) {
      TimeBudget now = share(minutes, false, onApparatus);
      assertThat(now.raise()).isGreaterThanOrEqualTo(before.raise());
      assertThat(now.menu()).isGreaterThanOrEqualTo(before.menu() - 15);
      assertThat(now.build()).isGreaterThanOrEqualTo(before.build());
      assertThat(now.transition()).isGreaterThanOrEqualTo(before.transition());
      before = now;
    }
  }

  @Test
  void straightOnToTheMachineTheRaiseGetsHalfOfTheDrillsTime() {
    TimeBudget budget = new TimeBudget(600, 200, 205, 150, 45);
    assertThat(budget.straightOn(in(60, false, 0), 1))
        .isEqualTo(new TimeBudget(600, 300, 105, 150, 45));
    assertThat(new TimeBudget(60, 10, 0, 50, 0).straightOn(in(60, false, 0), 1))
        .isEqualTo(new TimeBudget(60, 30, 0, 50, 0));
  }

  private static Plan fit(Plan plan, int seconds) {
    PrescriptionRequest request = plan.request();
    Circumstances c = request.circumstances().withMinutes(seconds / 60);
    return new Fitting(
            new Plan(request.with(c), plan.anchors(), plan.demand(), plan.library(), plan.items()))
        .fit();
  }

  private static List<PlanItem> chosen(Plan plan) {
    return plan.items().stream().filter(i -> i.block().isChosen()).toList();
  }

  /** First the raise to six tenths, then the drills of least use, the transition, one effort. */
  @Test
  void whatGoesWhenTimeIsShortGoesInOrder() {
    int raise = PlanItem.seconds(SPRINT.in(WarmUpPart.RAISE));
    Plan shorter = fit(SPRINT, SPRINT.seconds() - 60);
    assertThat(chosen(shorter)).hasSameSizeAs(chosen(SPRINT));
    assertThat(PlanItem.seconds(shorter.in(WarmUpPart.RAISE))).isLessThan(raise);

    Plan half = fit(SPRINT, SPRINT.seconds() * 3 / 4);
    assertThat(half.seconds()).isLessThanOrEqualTo(half.availableSeconds());
    assertThat(PlanItem.seconds(half.in(WarmUpPart.RAISE)))
        .isGreaterThanOrEqualTo(SPRINT.demand().raiseSeconds() * 6 / 10 - 15);
    assertThat(half.in(WarmUpPart.BUILD)).isEqualTo(SPRINT.in(WarmUpPart.BUILD));
    assertThat(half.in(WarmUpPart.TRANSITION)).isEqualTo(SPRINT.in(WarmUpPart.TRANSITION));
    assertThat(chosen(half).size()).isLessThan(chosen(SPRINT).size());

    Plan tiny = fit(SPRINT, 180);
    assertThat(tiny.seconds()).isLessThanOrEqualTo(180);
    assertThat(chosen(tiny)).isEmpty();
    List<PlanItem> efforts = SPRINT.in(WarmUpPart.BUILD);
    int first = efforts.size() - tiny.in(WarmUpPart.BUILD).size();
    assertThat(tiny.in(WarmUpPart.BUILD))
        .as("the last and highest stay")
        .extracting(PlanItem::id)
        .containsExactlyElementsOf(
            efforts.subList(first, efforts.size()).stream().map(PlanItem::id).toList());
    assertThat(PlanItem.seconds(tiny.in(WarmUpPart.TRANSITION))).isGreaterThanOrEqualTo(15);
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void theDrillThatGoesFirstIsTheOneThatIsMissedLeast(Sport sport) {
    Plan whole = Scenarios.plan(sport, SessionKind.SPRINT, Level.ADVANCED, 45);
    PlanItem least =
        chosen(whole).stream()
            .min(Comparator.comparingDouble(i -> Loss.without(whole, i).total() / i.seconds()))
            .orElseThrow();
    for (int minutes = whole.seconds() / 60; minutes > 3; minutes--) {
      Plan shorter = fit(whole, 60 * minutes);
      if (chosen(shorter).size() < chosen(whole).size()) {
        assertThat(chosen(shorter)).extracting(PlanItem::drillId).doesNotContain(least.drillId());
        return;
      }
    }
    throw new AssertionError("no drill ever goes");
  }

  @Test
  void whatIsLockedStaysEvenOverTime() {
    Plan locked = SPRINT;
    for (PlanItem item : SPRINT.items()) {
      locked = EDITOR.lock(locked, item.id(), Lock.DOSE);
    }
    Plan fitted = fit(locked, 600);
    assertThat(fitted.items()).isEqualTo(locked.items());
    assertThat(fitted.seconds()).isGreaterThan(600);
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void fillingGrowsDosesWithinTheirRangeRepeatsMobilityAndThenWaits(Sport sport) {
    Plan usual = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, 30);
    for (int minutes : new int[] {35, 45, 60}) {
      PrescriptionRequest request = usual.request();
      Circumstances longer = request.circumstances().withMinutes(minutes).filled(true);
      Plan filled =
          new Fitting(
                  new Plan(
                      request.with(longer),
                      usual.anchors(),
                      usual.demand(),
                      usual.library(),
                      usual.items()))
              .fit();
      assertThat(filled.availableSeconds() - filled.seconds()).isNotNegative();
      for (PlanItem item : chosen(filled)) {
        Drill drill = filled.drill(item).orElseThrow();
        Optional<PlanItem> before =
            chosen(usual).stream().filter(i -> i.drillId().equals(item.drillId())).findFirst();
        int was = before.orElseThrow().dose().amount();
        int least = item.isRepeat() ? Math.min(was, drill.least()) : was;
        assertThat(item.dose().amount()).isGreaterThanOrEqualTo(least);
        if (item.dose().amount() > was) {
          assertThat(drill.contacts()).as(item.name() + " never jumps for time").isZero();
          assertThat(item.dose().amount()).isLessThanOrEqualTo(drill.most());
          assertThat((double) item.dose().amount())
              .isLessThanOrEqualTo(1.4 * drill.usual().amount());
        }
        if (item.isRepeat()) {
          assertThat(item.block()).isEqualTo(WarmUpPart.MOBILISE);
          assertThat(item.round()).isEqualTo(2);
          assertThat(item.lock()).isEqualTo(Lock.NONE);
        }
      }
      assertThat(PlanItem.seconds(filled.in(WarmUpPart.TRANSITION)))
          .as("nobody stands about to fill the time")
          .isLessThanOrEqualTo(510);
    }
  }

  /** What there is grows first, then all that is done on the feet comes once more, shorter. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void timeToSpareIsMoreOfTheSame(Sport sport) {
    Plan usual = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, 30);
    Circumstances hour = usual.request().circumstances().withMinutes(60).filled(true);
    Plan filled =
        new Fitting(
                new Plan(
                    usual.request().with(hour),
                    usual.anchors(),
                    usual.demand(),
                    usual.library(),
                    usual.items()))
            .fit();
    assertThat(chosen(filled))
        .as("doses grow")
        .anyMatch(i -> !i.isRepeat() && i.dose().amount() > usual.item(i.id()).dose().amount());
    for (PlanItem item : chosen(usual)) {
      Drill drill = usual.drill(item).orElseThrow();
      PlanItem now = filled.item(item.id());
      int more = now.dose().amount() + now.dose().growth();
      boolean canGrow =
          drill.contacts() == 0 && more <= drill.most() && more <= 1.4 * drill.usual().amount();
      assertThat(canGrow).as(item.name() + " has grown as far as it may").isFalse();
      boolean mayRepeat =
          item.block() == WarmUpPart.MOBILISE
              && drill.contacts() == 0
              && drill.position() != Position.FLOOR
              && drill.kit().stream().noneMatch(k -> k.isApparatus());
      long rounds = filled.items().stream().filter(i -> i.drillId().equals(item.drillId())).count();
      assertThat(rounds).as(item.name()).isEqualTo(mayRepeat ? 2 : 1);
      if (mayRepeat) {
        PlanItem again = filled.item(item.id() + "-round-2");
        assertThat(again.dose().amount()).isBetween(drill.least(), drill.usual().amount());
      }
    }
    int raise = PlanItem.seconds(filled.in(WarmUpPart.RAISE));
    assertThat(raise).isBetween(20 * 60 - 15, 20 * 60 + 15);
    assertThat(filled.in(WarmUpPart.BUILD)).hasSameSizeAs(usual.in(WarmUpPart.BUILD));
    assertThat(PlanItem.seconds(filled.in(WarmUpPart.TRANSITION))).isBetween(480, 509);
  }

  private static Plan withLast(Plan plan, int seconds) {
    List<PlanItem> items = new ArrayList<>(plan.items());
    int last = items.size() - 1;
    items.set(last, items.get(last).withDose(items.get(last).dose().withAmount(seconds)));
    return new Plan(plan.request(), plan.anchors(), plan.demand(), plan.library(), items);
  }

  @Test
  void whoIsWarmButNotFreshWaitsJustLongEnough() {
    SimulatedPlan hasty = SimulatedPlan.of(withLast(SPRINT, 15));
    assertThat(hasty.isWarm()).isTrue();
    assertThat(hasty.isFresh()).isFalse();
    Tuning tuning = Tuner.tune(hasty);
    assertThat(tuning.raise()).isZero();
    assertThat(tuning.topUp()).isZero();
    assertThat(tuning.transition()).isBetween(60, 240);
    assertThat(tuning.transition() % 60).isZero();
    assertThat(SimulatedPlan.of(withLast(SPRINT, 15 + tuning.transition())).isFresh()).isTrue();
    if (tuning.transition() > 60) {
      assertThat(SimulatedPlan.of(withLast(SPRINT, tuning.transition() - 45)).isFresh()).isFalse();
    }
  }

  @Test
  void whereAllIsWellOrLittleIsAskedNothingIsTuned() {
    assertThat(Tuner.tune(SimulatedPlan.of(SPRINT))).isEqualTo(Tuning.NONE);
    Plan easy = Scenarios.plan(Sport.RUN, SessionKind.EASY, Level.ADVANCED, 10);
    Plan hardly =
        new Plan(
            easy.request().with(in(easy.request().circumstances(), -20, 0)),
            easy.anchors(),
            easy.demand(),
            easy.library(),
            easy.in(WarmUpPart.TRANSITION));
    assertThat(SimulatedPlan.of(hardly).isWarm()).isFalse();
    assertThat(Tuner.tune(SimulatedPlan.of(hardly))).isEqualTo(Tuning.NONE);
  }

  /** The smallest change that helps: less settling first, five minutes of raise at most. */
  @ParameterizedTest
  @CsvSource({"-2", "-8", "-14"})
  void whoWouldBeColdIsWarmedAsLittleAsNeeded(int degrees) {
    Plan mild = Scenarios.plan(Sport.RUN, SessionKind.INTERVALS, Level.INTERMEDIATE, 50);
    Plan cold =
        PRESCRIBER.prescribe(mild.request().with(in(mild.request().circumstances(), degrees, 0)));
    Tuning tuning = cold.request().tuning();
    assertThat(tuning.raise()).isBetween(0, 300);
    assertThat(tuning.transition()).isNotPositive();
    assertThat(tuning.raise() % 60 + tuning.transition() % 60).isZero();
    assertThat(PlanItem.seconds(cold.in(WarmUpPart.TRANSITION))).isGreaterThanOrEqualTo(120);
    if (!tuning.equals(Tuning.NONE)) {
      assertThat(SimulatedPlan.of(cold).isFresh()).isTrue();
    }
  }

  /** Bishop 2003; McGowan et al. 2015: five minutes are kept before an all-out start. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void beforeARaceFiveMinutesAreKeptHoweverCold(Sport sport) {
    Plan mild = Scenarios.plan(sport, SessionKind.TIME_TRIAL, Level.INTERMEDIATE, 55);
    Plan cold =
        PRESCRIBER.prescribe(mild.request().with(in(mild.request().circumstances(), -5, 0)));
    assertThat(PlanItem.seconds(cold.in(WarmUpPart.TRANSITION))).isGreaterThanOrEqualTo(300);
  }

  @ParameterizedTest
  @CsvSource({"9, 0", "10, 1", "25, 1"})
  void aLongWaitGetsATopUpNearItsEnd(int wait, int topUps) {
    PrescriptionRequest request =
        Scenarios.request(Sport.RUN, SessionKind.TIME_TRIAL, Level.ADVANCED, 60);
    Plan plan = PRESCRIBER.prescribe(request.with(in(request.circumstances(), 20, wait)));
    List<PlanItem> waiting = plan.in(WarmUpPart.TRANSITION);
    assertThat(waiting.stream().filter(i -> i.drillId().equals("stay-warm"))).hasSize(topUps);
    assertThat(PlanItem.seconds(waiting)).isBetween(60 * wait, Math.max(60 * wait, 600) + 60);
    if (topUps > 0) {
      assertThat(waiting.get(1).drillId()).isEqualTo("stay-warm");
      assertThat(waiting.get(2).dose().seconds()).isEqualTo(150);
    }
  }

  /** What the build lands is not there for the drills. */
  @Test
  void drillsGetTheContactsThatTheBuildLeaves() {
    PrescriptionRequest jumps =
        Scenarios.request(Sport.RUN, SessionKind.JUMPS, Level.ADVANCED, 50)
            .with(Scenarios.at(Place.TRACK, 50));
    Plan plan = PRESCRIBER.prescribe(jumps);
    int build =
        plan.in(WarmUpPart.BUILD).stream()
            .mapToInt(i -> plan.drill(i).orElseThrow().contactsIn(i.dose()))
            .sum();
    Menu menu = PRESCRIBER.menu(jumps);
    assertThat(build).isPositive();
    assertThat(menu.contacts()).isEqualTo(plan.demand().contacts() - build);
  }

  @Test
  void roomOfABlockIsThirtyPerCentToFiveQuartersOfItsIdealAndDrillsNeedNone() {
    PrescriptionRequest request =
        Scenarios.request(Sport.RUN, SessionKind.INTERVALS, Level.ADVANCED, 60);
    Plan plan = PRESCRIBER.prescribe(request);
    Menu menu = PRESCRIBER.menu(request);
    Set<Integer> mosts =
        plan.demand().menuSeconds().values().stream()
            .filter(s -> s > 0)
            .map(s -> s * 5 / 4)
            .collect(Collectors.toSet());
    assertThat(menu.blocks()).extracting(Menu.Room::most).containsAll(mosts);
    int mobility = plan.demand().menuSeconds().get(WarmUpPart.MOBILISE);
    assertThat(menu.blocks())
        .filteredOn(room -> room.most() == mobility * 5 / 4)
        .allSatisfy(room -> assertThat(room.least()).isEqualTo((int) (0.3 * mobility)));
    int drills = plan.demand().menuSeconds().get(WarmUpPart.DRILL);
    assertThat(menu.blocks())
        .filteredOn(room -> room.most() == drills * 5 / 4)
        .allSatisfy(room -> assertThat(room.least()).isZero());
    assertThat(menu.seconds()).isLessThanOrEqualTo(plan.demand().menuTotal() + 30);
  }

  @Test
  void rollingFirstHasItsTwoAndAHalfMinutes() {
    Approach usual = Approach.USUAL;
    Approach rolling =
        ApproachBuilder.builder(Approach.USUAL)
            .first(Approach.First.ROLLING)
            .holds(usual.holds())
            .neck(usual.neck())
            .balance(usual.balance())
            .top(usual.top())
            .routine(usual.routine())
            .support(usual.support())
            .build();
    PrescriptionRequest request =
        Scenarios.request(Sport.RUN, SessionKind.INTERVALS, Level.ADVANCED, 60).with(rolling);
    assertThat(PRESCRIBER.menu(request).blocks()).contains(new Menu.Room(75, 150));
    PrescriptionRequest hasty = request.with(request.circumstances().withMinutes(8));
    assertThat(PRESCRIBER.menu(hasty).blocks()).doesNotContain(new Menu.Room(75, 150));
  }

  /** In ten minutes nobody is sent from land drills to the machine. */
  @ParameterizedTest
  @CsvSource({"10, ROW, false", "14, ROW, true", "10, RUN, true"})
  void withLittleTimeOneGoesStraightOnToTheMachine(int minutes, Sport sport, boolean onLand) {
    Plan plan = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, minutes);
    boolean hasLand =
        plan.items().stream()
            .filter(i -> i.block() != WarmUpPart.TRANSITION)
            .map(i -> plan.drill(i).orElseThrow())
            .anyMatch(d -> d.kit().stream().noneMatch(k -> k.isApparatus()));
    assertThat(hasLand).isEqualTo(onLand);
  }

  @Test
  void idsAreOneOfAKindAndLockedOnesAreKept() {
    Plan locked = EDITOR.lock(SPRINT, SPRINT.in(WarmUpPart.BUILD).get(0).id(), Lock.DOSE);
    Plan again =
        PRESCRIBER.prescribe(
            SPRINT
                .request()
                .with(
                    locked.items().stream().filter(i -> i.lock() == Lock.DOSE).toList(), Set.of()));
    assertThat(again.items()).extracting(PlanItem::id).doesNotHaveDuplicates().doesNotContain("");
    assertThat(again.items())
        .extracting(PlanItem::id)
        .contains(SPRINT.in(WarmUpPart.BUILD).get(0).id());
  }

  private static Circumstances in(Circumstances c, int degrees, int wait) {
    Conditions conditions = Conditions.USUAL.withWaitMinutes(wait);
    return Circumstances.of(c.minutes(), c.place(), c.kit(), degrees, ComingFrom.MOVING)
        .withFill(c.fill())
        .withConditions(conditions);
  }
}
