package dev.jubilee.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.Effort;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a load asks of a body, and what it leaves behind. */
class LoadTest {
  /** Critical 250 W, 20 kJ: 80 s of critical power. */
  private static final CriticalModel MODEL = CriticalModel.of(250, 20_000, 1000);

  private static final Ambient MILD = Ambient.inAir(20, false);

  private static LoadProfile load(int seconds) {
    return LoadProfile.standing(seconds, MODEL);
  }

  private static Trace after(LoadProfile load) {
    return Simulation.run(load, Body.USUAL, MILD);
  }

  @Test
  void standingAboutCostsLittleAndSpendsNothing() {
    LoadProfile standing = load(600);
    Trace trace = after(standing);
    assertThat(standing.reserveSeconds).isEqualTo(80);
    assertThat(trace.heart(600)).isCloseTo(0.9 * 6 / 70, within(0.001));
    assertThat(trace.reserve(600)).isEqualTo(1);
    assertThat(trace.fatigue(600)).isZero();
    assertThat(trace.freshness(600)).isEqualTo(1);
  }

  /** Ground contacts tire though they are no sport's effort. */
  @Test
  void contactsLeaveSomethingBehindThatFades() {
    LoadProfile quiet = load(1000);
    quiet.put(0, 60, Effort.of(40), MODEL, false, false, 0);
    LoadProfile hops = load(1000);
    hops.put(0, 60, Effort.of(40), MODEL, false, false, 2);
    assertThat(after(quiet).fatigue(60)).isZero();
    double fresh = after(hops).freshness(60);
    assertThat(fresh).isLessThan(0.95).isGreaterThan(0.9);
    // Power is best 3 to 10 min after (Tillin & Bishop 2009): most of it is gone by then.
    assertThat(after(hops).fatigue(60 + 480)).isLessThan(after(hops).fatigue(60) / 5);
  }

  @Test
  void onlyTheSportItselfDrawsOnItsReserve() {
    LoadProfile drill = load(60);
    drill.put(10, 30, Effort.of(90), MODEL, false, false, 0);
    LoadProfile sprint = load(60);
    sprint.put(10, 30, Effort.of(90), MODEL, true, false, 0);
    assertThat(after(drill).reserve(30)).isEqualTo(1);
    assertThat(after(sprint).reserve(10)).isEqualTo(1);
    // 750 W: twice critical above critical, for 20 of 80 s.
    assertThat(after(sprint).reserve(20)).isCloseTo(1 - 10 * 2 / 80.0, within(1e-9));
    assertThat(after(drill).heart(30))
        .as("the heart knows no sport")
        .isEqualTo(after(sprint).heart(30));
  }

  @Test
  void inWaterAMuscleKeepsLess() {
    LoadProfile land = load(900);
    land.put(0, 600, Effort.of(50), MODEL, true, false, 0);
    LoadProfile water = load(900);
    water.put(0, 600, Effort.of(50), MODEL, true, true, 0);
    assertThat(after(water).muscle(600)).isLessThan(after(land).muscle(600) - 0.1);
  }

  @ParameterizedTest
  @CsvSource({"0, 0", "35, 0.5", "70, 1", "85, 2.5", "100, 4"})
  void costGoesWithTheScaleBelowCriticalAndWithPowerAboveIt(double points, double cost) {
    assertThat(LoadProfile.cost(Effort.of(points), MODEL)).isCloseTo(cost, within(1e-9));
  }

  @Test
  void whatFollowsIsStandingAboutAndWhatWasStays() {
    LoadProfile work = load(120);
    work.put(60, 120, Effort.of(100), MODEL, true, false, 1);
    Trace before = after(work);
    LoadProfile longer = work.thenStanding(300);
    Trace goneOn = Simulation.goOn(before, longer, Body.USUAL, MILD);
    Trace atOnce = after(longer);
    assertThat(longer.seconds()).isEqualTo(420);
    for (int s : new int[] {0, 30, 60, 90, 120, 121, 200, 420}) {
      assertThat(goneOn.muscle(s)).isEqualTo(atOnce.muscle(s));
      assertThat(goneOn.uptake(s)).isEqualTo(atOnce.uptake(s));
      assertThat(goneOn.heart(s)).isEqualTo(atOnce.heart(s));
      assertThat(goneOn.reserve(s)).isEqualTo(atOnce.reserve(s));
      assertThat(goneOn.fatigue(s)).isEqualTo(atOnce.fatigue(s));
    }
    assertThat(before.uptake(120)).isGreaterThan(0.8);
    assertThat(goneOn.uptake(420)).isCloseTo(0.87 * 6 / 70, within(0.01));
    assertThat(goneOn.reserve(420)).isGreaterThan(before.reserve(120));
  }

  @Test
  void costIsTheDeepestPointAndTheSecondsAbove() {
    LoadProfile work = load(300);
    work.put(20, 40, Effort.of(80), MODEL, true, false, 0);
    work.put(100, 110, Effort.of(70), MODEL, true, false, 0);
    work.put(200, 210, Effort.of(90), MODEL, true, false, 0);
    Cost cost = Cost.of(work, after(work));
    assertThat(cost.aboveCritical()).isEqualTo(30);
    double first = after(work).reserve(40);
    double second = after(work).reserve(210);
    assertThat(cost.deepest()).isEqualTo(Math.min(first, second)).isLessThan(1);
    assertThat(Cost.of(load(60), after(load(60)))).isEqualTo(new Cost(1, 0));
  }

  /** A warm-up may use four tenths of the reserve and 150 s above critical, and not both beyond. */
  @ParameterizedTest
  @CsvSource({"0.6, 150, true", "0.599, 150, false", "0.6, 151, false", "1, 0, true"})
  void aWarmUpIsNoWorkout(double deepest, int above, boolean isBounded) {
    assertThat(new Cost(deepest, above).isBounded()).isEqualTo(isBounded);
  }

  @Test
  void theBalanceHoldsAtItsEnds() {
    assertThat(Kinetics.reserve(0.5, 1, 80, 1000)).as("at critical it stands").isEqualTo(0.5);
    assertThat(Kinetics.reserve(0.5, 1.5, 80, 1000)).as("never below empty").isZero();
    assertThat(Kinetics.reserve(0.2, 0, 80, 80))
        .as("half and more of the way back in W′ over critical (Skiba et al. 2015)")
        .isCloseTo(1 - 0.8 / Math.E, within(1e-9));
    assertThat(Kinetics.reserve(0.5, 3, 0, 10)).as("none to spend").isZero();
    assertThat(Kinetics.reserve(0.5, 0.9, 0, 10)).as("none is soon had again").isEqualTo(1);
  }

  @ParameterizedTest
  @ValueSource(ints = {-20, 5, 20, 35})
  void whoArrivesClothedIsWarmerThanWhoHasStoodAboutWithout(int felt) {
    Ambient air = Ambient.inAir(felt, false);
    Trace idle = Simulation.run(load(3600), Body.USUAL, air);
    Arrival rested = Arrival.rested(Body.USUAL, air);
    double arrived = rested.muscle();
    assertThat(idle.muscle(0)).isEqualTo(arrived);
    assertThat(Simulation.warming(load(3600), Body.USUAL, air, rested).muscle(3600))
        .isEqualTo(idle.muscle(3600));
    if (felt < 20) {
      assertThat(idle.muscle(3600)).isLessThan(arrived);
    }
  }

  @Test
  void aMuscleWarmsQuickerThanItCoolsAndLayersComeOffAtWork() {
    MuscleTemperature body = new MuscleTemperature(Body.USUAL, MILD);
    double level = body.after(0, 0.8, false, 100_000);
    double up = body.after(0, 0.8, false, 240) / level;
    assertThat(up).isCloseTo(1 - 1 / Math.E, within(0.001));
    double rest = body.after(0, 0, false, 100_000);
    double down = (body.after(level, 0, false, 1300) - rest) / (level - rest);
    assertThat(down).isCloseTo(1 / Math.E, within(0.001));
    MuscleTemperature clothed = new MuscleTemperature(Body.USUAL, Ambient.inAir(0, true));
    MuscleTemperature bare = new MuscleTemperature(Body.USUAL, Ambient.inAir(0, false));
    assertThat(clothed.after(2, 0.51, false, 300)).isEqualTo(bare.after(2, 0.51, false, 300));
    assertThat(clothed.after(2, 0.5, false, 300)).isGreaterThan(bare.after(2, 0.5, false, 300));
    assertThat(clothed.after(2, 0.5, true, 1)).isEqualTo(bare.after(2, 0.5, true, 1));
  }
}
