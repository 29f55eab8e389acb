package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.plan.Tuning;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Lengths are changed as little as does, told by trying every change there is. */
class TunerTest {
  private static final Plan SPRINT =
      Scenarios.plan(Sport.RUN, SessionKind.SPRINT, Level.ADVANCED, 45);

  private static Plan in(Plan plan, int degrees, int wait) {
    Circumstances c = plan.request().circumstances();
    Conditions conditions = Conditions.USUAL.withWaitMinutes(wait);
    Circumstances cold =
        Circumstances.of(c.minutes(), c.place(), c.kit(), degrees, ComingFrom.MOVING)
            .withConditions(conditions);
    return new Plan(
        plan.request().with(cold), plan.anchors(), plan.demand(), plan.library(), plan.items());
  }

  private static Plan with(Plan plan, List<PlanItem> items) {
    return new Plan(plan.request(), plan.anchors(), plan.demand(), plan.library(), items);
  }

  private static Plan waiting(Sport sport, SessionKind kind, int wait) {
    Plan mild = Scenarios.plan(sport, kind, Level.INTERMEDIATE, 55);
    return Scenarios.plan(mild.request().with(in(mild, 18, wait).request().circumstances()));
  }

  /** Half the raise, so that there is something to mend. */
  private static Plan halfRaised(Plan plan) {
    return with(
        plan,
        plan.items().stream()
            .map(
                i ->
                    i.block() == WarmUpPart.RAISE
                        ? i.withDose(i.dose().withAmount(i.dose().amount() / 2))
                        : i)
            .toList());
  }

  /** More raise is dear; a top-up and less settling cost a third of it. */
  private static int price(Tuning t) {
    return 3 * t.raise() - t.transition() + t.topUp();
  }

  private static List<Tuning> every(int spare, boolean hasTopUp) {
    List<Tuning> all = new ArrayList<>();
    for (int raise = 0; raise <= 300; raise += 60) {
      for (int less = 0; less <= spare; less += 60) {
        for (int topUp = 0; topUp <= (hasTopUp ? 240 : 0); topUp += 60) {
          if (raise + less + topUp > 0) {
            all.add(new Tuning(raise, -less, topUp));
          }
        }
      }
    }
    return all;
  }

  /** A hundredth of the warmth there is, until it is enough. */
  private static void eachMinuteOfRaiseBringsSomethingAndTheNextWouldNot(
      Plan plan, Tuning tuned, int degrees) {
    double before = with(plan, tuned, 0).warmth();
    for (int raise = 60; raise <= tuned.raise(); raise += 60) {
      SimulatedPlan then = with(plan, tuned, raise);
      assertThat(then.warmth()).as(degrees + " °C").isGreaterThan(1.01 * before);
      assertThat(then.isFresh()).isTrue();
      before = then.warmth();
    }
    SimulatedPlan then = with(plan, tuned, tuned.raise());
    SimulatedPlan next = with(plan, tuned, tuned.raise() + 60);
    assertThat(
            then.isWarm()
                || tuned.raise() == 300
                || !next.isFresh()
                || next.warmth() <= 1.01 * before)
        .as(degrees + " °C: a minute more would be worth it")
        .isTrue();
  }

  private static SimulatedPlan with(Plan plan, Tuning tuned, int raise) {
    return SimulatedPlan.of(Tuner.with(plan, new Tuning(raise, tuned.transition(), tuned.topUp())));
  }

  @ParameterizedTest
  @CsvSource({
    "RUN, INTERVALS, 0, 120",
    // Four fifths of the seven minutes that twenty minutes all out want.
    "RUN, TIME_TRIAL, 0, 342",
    "RUN, TIME_TRIAL, 12, 720",
    "ROW, SPRINT, 0, 120",
    "SWIM, TIME_TRIAL, 15, 900",
    "RIDE, THRESHOLD, 9, 540"
  })
  void nothingCheaperWouldDo(Sport sport, SessionKind kind, int wait, int leastWait) {
    boolean wasTuned = false;
    for (int degrees = 14; degrees >= -18; degrees -= 4) {
      Plan plan = in(halfRaised(waiting(sport, kind, wait)), degrees, wait);
      SimulatedPlan usual = SimulatedPlan.of(plan);
      if (usual.isWarm()) {
        continue;
      }
      Tuning tuned = Tuner.tune(usual);
      int spare = Math.max(0, plan.demand().transitionSeconds() - leastWait) / 60 * 60;
      Optional<Tuning> cheapest = Optional.empty();
      for (Tuning t : every(spare, wait >= 10)) {
        SimulatedPlan then = SimulatedPlan.of(Tuner.with(plan, t));
        if (t.raise() == 0
            && then.isWarm()
            && then.isFresh()
            && cheapest.filter(c -> price(c) <= price(t)).isEmpty()) {
          cheapest = Optional.of(t);
        }
      }
      if (cheapest.isPresent()) {
        assertThat(price(tuned)).as(degrees + " °C").isEqualTo(price(cheapest.get()));
        SimulatedPlan then = SimulatedPlan.of(Tuner.with(plan, tuned));
        assertThat(then.isWarm() && then.isFresh()).isTrue();
      } else {
        eachMinuteOfRaiseBringsSomethingAndTheNextWouldNot(plan, tuned, degrees);
      }
      wasTuned |= !tuned.equals(Tuning.NONE);
    }
    assertThat(wasTuned).isTrue();
  }

  @ParameterizedTest
  @CsvSource({"120, 0, 0", "0, -60, 0", "0, 0, 60", "60, -120, 180", "300, 60, 0"})
  void lengthsChangeByWhatIsSaid(int raise, int transition, int topUp) {
    Plan plan = waiting(Sport.RUN, SessionKind.TIME_TRIAL, 15);
    Plan then = Tuner.with(plan, new Tuning(raise, transition, topUp));
    assertThat(seconds(then, WarmUpPart.RAISE)).isEqualTo(seconds(plan, WarmUpPart.RAISE) + raise);
    assertThat(seconds(then, WarmUpPart.TRANSITION))
        .isEqualTo(seconds(plan, WarmUpPart.TRANSITION) + transition);
    List<PlanItem> before = plan.in(WarmUpPart.TRANSITION);
    List<PlanItem> after = then.in(WarmUpPart.TRANSITION);
    assertThat(after.get(1).seconds()).isEqualTo(before.get(1).seconds() + topUp);
    assertThat(after.get(2)).as("what is left after a top-up").isEqualTo(before.get(2));
    assertThat(then.in(WarmUpPart.BUILD)).isEqualTo(plan.in(WarmUpPart.BUILD));
  }

  /** The longest part of the raise takes it all; of two alike, the first. */
  @Test
  void theLongestGrows() {
    PlanItem raise = SPRINT.in(WarmUpPart.RAISE).get(0);
    PlanItem shorter = raise.withDose(raise.dose().withAmount(100)).withId("a");
    PlanItem longer = raise.withDose(raise.dose().withAmount(200)).withId("b");
    for (List<PlanItem> items : List.of(List.of(shorter, longer), List.of(longer, shorter))) {
      Plan then = Tuner.with(with(SPRINT, items), new Tuning(60, 0, 0));
      assertThat(then.item("a").dose().amount()).isEqualTo(100);
      assertThat(then.item("b").dose().amount()).isEqualTo(260);
    }
    List<PlanItem> alike = List.of(longer, longer.withId("c"));
    Plan then = Tuner.with(with(SPRINT, alike), new Tuning(60, 0, 0));
    assertThat(then.item("b").dose().amount()).isEqualTo(260);
    assertThat(then.item("c").dose().amount()).isEqualTo(200);
    Plan none = with(SPRINT, SPRINT.in(WarmUpPart.BUILD));
    assertThat(Tuner.with(none, new Tuning(60, 60, 60)).items()).isEqualTo(none.items());
    PlanItem settle = SPRINT.in(WarmUpPart.TRANSITION).get(0);
    Plan brief = with(SPRINT, List.of(settle.withDose(settle.dose().withAmount(40))));
    assertThat(Tuner.with(brief, new Tuning(0, -60, 0)).seconds())
        .as("a quarter of a minute stays")
        .isEqualTo(15);
  }

  /** What was foreseen for a tuned plan may not come true once its drills are chosen anew. */
  @Test
  void theBetterOfTwoPlansIsKept() {
    SimulatedPlan hasty = SimulatedPlan.of(settling(15));
    SimulatedPlan calm = SimulatedPlan.of(settling(240));
    assertThat(hasty.isWarm() && calm.isWarm() && !hasty.isFresh() && calm.isFresh()).isTrue();
    assertThat(InOnePlace.isBetter(calm, hasty)).isTrue();
    assertThat(InOnePlace.isBetter(hasty, calm)).isFalse();
    assertThat(InOnePlace.isBetter(hasty, hasty)).isFalse();
    SimulatedPlan cold = SimulatedPlan.of(in(with(SPRINT, SPRINT.in(WarmUpPart.TRANSITION)), 0, 0));
    assertThat(cold.isWarm()).isFalse();
    assertThat(cold.freshness()).isGreaterThan(hasty.freshness());
    assertThat(InOnePlace.isBetter(cold, hasty)).as("fresher, but cold").isFalse();
    assertThat(InOnePlace.isBetter(calm, cold)).as("warmer").isTrue();
    assertThat(InOnePlace.isBetter(hasty, cold)).as("warmer, but tired").isFalse();
    assertThat(InOnePlace.isBetter(cold, cold)).isFalse();
  }

  private static Plan settling(int seconds) {
    List<PlanItem> items = new ArrayList<>(SPRINT.items());
    int last = items.size() - 1;
    items.set(last, items.get(last).withDose(items.get(last).dose().withAmount(seconds)));
    return with(SPRINT, items);
  }

  private static int seconds(Plan plan, WarmUpPart part) {
    return PlanItem.seconds(plan.in(part));
  }

  /** With time for one step more, the drill grows that has the largest share of its range left. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void theDrillWithMostRoomGrowsFirst(Sport sport) {
    int grownAlone = 0;
    for (int minutes : new int[] {25, 30, 35, 40}) {
      Plan usual = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, minutes);
      for (int slack = 15; slack <= 59; slack += 4) {
        Plan plan = withSlack(usual, slack);
        Plan fitted = new Fitting(plan).fit();
        List<PlanItem> grown =
            plan.items().stream()
                .filter(i -> i.block().isChosen())
                .filter(i -> fitted.item(i.id()).dose().amount() > i.dose().amount())
                .toList();
        if (grown.size() != 1) {
          continue;
        }
        PlanItem only = grown.get(0);
        if (fitted.item(only.id()).dose().amount() != more(only)) {
          continue;
        }
        grownAlone++;
        for (PlanItem other : plan.items()) {
          if (other.block().isChosen() && mayGrow(plan, other, slack)) {
            assertThat(room(plan, only)).isGreaterThanOrEqualTo(room(plan, other));
          }
        }
        assertThat(mayGrow(plan, only, slack)).isTrue();
      }
    }
    assertThat(grownAlone).isPositive();
  }

  private static Plan withSlack(Plan plan, int slack) {
    Circumstances filled = plan.request().circumstances().filled(true);
    List<PlanItem> items = new ArrayList<>(plan.items());
    int last = items.size() - 1;
    PlanItem settle = items.get(last);
    int other = plan.seconds() - settle.seconds();
    int minutes = (other + 15 + slack + 59) / 60;
    int amount = 60 * minutes - slack - other;
    items.set(last, settle.withDose(settle.dose().withAmount(amount)));
    return new Plan(
        plan.request().with(filled.withMinutes(minutes)),
        plan.anchors(),
        plan.demand(),
        plan.library(),
        items);
  }

  private static int more(PlanItem item) {
    return item.dose().amount() + item.dose().growth();
  }

  private static boolean mayGrow(Plan plan, PlanItem item, int slack) {
    Drill drill = plan.drill(item).orElseThrow();
    int longer = item.dose().withAmount(more(item)).seconds() - item.dose().seconds();
    return drill.contacts() == 0
        && more(item) <= drill.most()
        && more(item) <= 1.4 * drill.usual().amount()
        && longer <= slack;
  }

  private static double room(Plan plan, PlanItem item) {
    int most = plan.drill(item).orElseThrow().most();
    return (double) (most - more(item)) / most;
  }

  /** Common practice: an easy session is begun soon after its warm-up. */
  @ParameterizedTest
  @CsvSource({"EASY, 180, 209", "INTERVALS, 480, 509"})
  void howLongOneWaitsWithTimeToFill(SessionKind kind, int least, int most) {
    Plan usual = Scenarios.plan(Sport.RUN, kind, Level.ADVANCED, 20);
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
    assertThat(seconds(filled, WarmUpPart.TRANSITION)).isBetween(least, most);
    int grown = seconds(filled, WarmUpPart.RAISE) - seconds(usual, WarmUpPart.RAISE);
    assertThat(grown).isPositive();
    assertThat(grown % 15).isZero();
  }
}
