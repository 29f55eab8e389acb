package dev.jubilee.core.demand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.approach.ApproachBuilder;
import dev.jubilee.core.athlete.AnchorFinder;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What makes a warm-up longer, shorter, higher or lower; common practice, the figures as said. */
class AdjustmentsTest {
  private static final Circumstances USUAL = Scenarios.at(Place.TRACK, 40);

  private static Demand demand(Session session, Athlete athlete, Circumstances c, Approach a) {
    Anchors anchors = AnchorFinder.anchors(athlete, session.sport());
    return new DemandFinder(session, athlete, anchors, c, a, TrainingPhase.NONE).demand();
  }

  private static Demand demand(SessionKind kind, Athlete athlete, Circumstances circumstances) {
    return demand(Scenarios.session(Sport.RUN, kind), athlete, circumstances, Approach.USUAL);
  }

  private static Demand demand(SessionKind kind, Circumstances circumstances) {
    return demand(kind, Scenarios.athlete(Level.INTERMEDIATE), circumstances);
  }

  private static Demand demand(SessionKind kind, Athlete athlete) {
    return demand(kind, athlete, USUAL);
  }

  private static Circumstances degrees(int temperature) {
    return Circumstances.of(
        40, Place.TRACK, Place.TRACK.usualKit(), temperature, ComingFrom.MOVING);
  }

  private static Circumstances under(Conditions conditions) {
    return USUAL.with(conditions);
  }

  private static int drills(Demand demand) {
    return demand.menuSeconds().get(WarmUpPart.DRILL);
  }

  private static int mobility(Demand demand) {
    return demand.menuSeconds().get(WarmUpPart.MOBILISE);
  }

  private static double shareOfTop(Demand demand, Athlete athlete, Sport sport) {
    Anchors anchors = AnchorFinder.anchors(athlete, sport);
    return anchors.model().intensityAt(demand.buildTop()) / anchors.model().top();
  }

  @Test
  void noviceAndAdvancedDifferByWhatTheyCanTake() {
    Demand novice = demand(SessionKind.INTERVALS, Scenarios.athlete(Level.NOVICE));
    Demand usual = demand(SessionKind.INTERVALS, Scenarios.athlete(Level.INTERMEDIATE));
    Demand advanced = demand(SessionKind.INTERVALS, Scenarios.athlete(Level.ADVANCED));
    assertThat(novice.raiseSeconds()).isEqualTo((int) Math.round(0.85 * usual.raiseSeconds()));
    assertThat(drills(novice)).isEqualTo((int) Math.round(0.6 * drills(usual)));
    assertThat(novice.efforts()).isEqualTo(usual.efforts() - 1);
    assertThat(advanced.raiseSeconds()).isEqualTo(usual.raiseSeconds());
    assertThat(drills(advanced)).isGreaterThan(drills(usual));
    assertThat(novice.why()).anyMatch(s -> s.startsWith("Novice"));
  }

  @Test
  void theAdvancedGetNoMoreBeforeEasyWork() {
    assertThat(mobility(demand(SessionKind.EASY, Scenarios.athlete(Level.ADVANCED))))
        .isEqualTo(mobility(demand(SessionKind.EASY, Scenarios.athlete(Level.INTERMEDIATE))));
  }

  @Test
  void afterALayOffAWarmUpIsNoWorkout() {
    Athlete fit = Scenarios.athlete(Level.ADVANCED);
    Athlete back = deconditioned(fit);
    Demand usual = demand(SessionKind.SPRINT, fit);
    Demand less = demand(SessionKind.SPRINT, back);
    assertThat(less.raiseSeconds()).isEqualTo((int) Math.round(0.8 * usual.raiseSeconds()));
    assertThat(drills(less)).isEqualTo((int) Math.round(0.5 * drills(usual)));
    assertThat(less.efforts()).isEqualTo(3);
    assertThat(less.contacts()).isZero();
    assertThat(shareOfTop(less, back, Sport.RUN)).isCloseTo(0.9, within(0.01));
    assertThat(shareOfTop(usual, fit, Sport.RUN)).isCloseTo(1, within(0.01));
  }

  /** 2.5 % a degree below 10 °C, at most 40 %. */
  @ParameterizedTest
  @CsvSource({"10, 0", "9, 2.5", "0, 25", "-6, 40", "-20, 40"})
  void theColdLengthensTheRaise(int temperature, double percent) {
    Demand mild = demand(SessionKind.INTERVALS, degrees(15));
    Demand cold = demand(SessionKind.INTERVALS, degrees(temperature));
    assertThat(cold.raiseSeconds())
        .isEqualTo((int) Math.round((1 + percent / 100) * mild.raiseSeconds()));
    assertThat(cold.why().stream().anyMatch(s -> s.startsWith("Cold"))).isEqualTo(percent > 0);
  }

  @ParameterizedTest
  @CsvSource({"20, 1, 1", "24, 0.857, 0.943", "27, 0.75, 0.9", "38, 0.75, 0.9"})
  void theHeatShortensIt(int temperature, double raise, double mobility) {
    Demand mild = demand(SessionKind.INTERVALS, degrees(15));
    Demand hot = demand(SessionKind.INTERVALS, degrees(temperature));
    assertThat(hot.raiseSeconds())
        .isCloseTo((int) Math.round(raise * mild.raiseSeconds()), within(1));
    assertThat(mobility(hot)).isCloseTo((int) Math.round(mobility * mobility(mild)), within(1));
  }

  @ParameterizedTest
  @EnumSource(ComingFrom.class)
  void whoComesFromSittingGetsHipsChestAndAMinuteMore(ComingFrom from) {
    Circumstances then = Circumstances.of(40, Place.TRACK, Set.of(), 15, from);
    Demand usual = demand(SessionKind.INTERVALS, USUAL);
    Demand after = demand(SessionKind.INTERVALS, then);
    int more = from == ComingFrom.MOVING ? 0 : 60;
    assertThat(after.raiseSeconds() - usual.raiseSeconds()).isEqualTo(more);
    assertThat(mobility(after) - mobility(usual)).isEqualTo(more);
    Need hips = new Need.Mobility(BodyRegion.HIP_FLEXORS);
    assertThat(after.needs().get(hips) > usual.needs().get(hips)).isEqualTo(more > 0);
    assertThat(after.needs().containsKey(new Need.Mobility(BodyRegion.CHEST))).isEqualTo(more > 0);
  }

  @ParameterizedTest
  @CsvSource({
    "BREASTSTROKE, ADDUCTORS",
    "BREASTSTROKE, KNEES",
    "BUTTERFLY, LOWER_BACK",
    "BACKSTROKE, CHEST"
  })
  void strokesAskForTheirOwnJoints(Stroke stroke, BodyRegion region) {
    Athlete athlete = Scenarios.athlete(Level.INTERMEDIATE);
    Circumstances pool = Scenarios.at(Place.POOL_DECK, 40);
    Need need = new Need.Mobility(region);
    Map<Need, Double> own = demand(swim(stroke), athlete, pool, Approach.USUAL).needs();
    Map<Need, Double> free = demand(swim(Stroke.FREESTYLE), athlete, pool, Approach.USUAL).needs();
    assertThat(own.get(need)).isGreaterThan(free.getOrDefault(need, 0.0));
  }

  private static Session swim(Stroke stroke) {
    return Session.of(Sport.SWIM, SessionKind.INTERVALS, "swim").withStroke(Optional.of(stroke));
  }

  @Test
  void whatIsStiffIsMovedMoreAndWhatIsSoreEasily() {
    Need knees = new Need.Mobility(BodyRegion.KNEES);
    Demand usual = demand(SessionKind.THRESHOLD, Scenarios.athlete(Level.ADVANCED));
    Demand stiff = demand(SessionKind.THRESHOLD, with(BodyRegion.KNEES, Severity.STIFF));
    Demand sore = demand(SessionKind.THRESHOLD, with(BodyRegion.KNEES, Severity.SORE));
    assertThat(stiff.needs().get(knees)).isEqualTo(usual.needs().getOrDefault(knees, 0.0) + 2);
    assertThat(mobility(stiff)).isEqualTo(mobility(usual) + 40);
    assertThat(sore.needs().get(knees))
        .as("easy range where it is sore")
        .isEqualTo(usual.needs().getOrDefault(knees, 0.0) + 1);
    assertThat(mobility(sore)).isEqualTo(mobility(usual));
  }

  @Test
  void rainIsOutdoorsAlone() {
    Conditions rain = Conditions.USUAL.withWet(true);
    Demand dry = demand(SessionKind.INTERVALS, USUAL);
    assertThat(demand(SessionKind.INTERVALS, under(rain)).raiseSeconds())
        .isEqualTo(dry.raiseSeconds() + 60);
    Circumstances gym = Scenarios.at(Place.GYM, 40);
    assertThat(demand(SessionKind.INTERVALS, gym.with(rain)).raiseSeconds())
        .isEqualTo(demand(SessionKind.INTERVALS, gym).raiseSeconds());
  }

  @Test
  void slipperyGroundTakesContactsAndSpeed() {
    Conditions ice = Conditions.USUAL.withSurface(Conditions.Surface.SLIPPERY);
    Athlete athlete = Scenarios.athlete(Level.ADVANCED);
    Demand firm = demand(SessionKind.SPRINT, athlete);
    Demand slippery = demand(SessionKind.SPRINT, athlete, under(ice));
    assertThat(firm.contacts()).isPositive();
    assertThat(slippery.contacts()).isZero();
    assertThat(shareOfTop(slippery, athlete, Sport.RUN)).isCloseTo(0.7, within(0.01));
  }

  /** A wait is kept free; from ten minutes on a top-up is promised (Bishop 2003). */
  @ParameterizedTest
  @CsvSource({"3, 240, false", "4, 240, false", "9, 540, false", "10, 600, true", "20, 1200, true"})
  void aWaitIsKeptFree(int minutes, int transition, boolean hasTopUp) {
    Conditions wait = Conditions.USUAL.withWaitMinutes(minutes);
    Demand demand = demand(SessionKind.INTERVALS, under(wait));
    assertThat(demand.transitionSeconds()).isEqualTo(transition);
    assertThat(demand.why().stream().anyMatch(s -> s.contains("top-up"))).isEqualTo(hasTopUp);
  }

  @Test
  void schoolsOfDrillsAndOfEffortsDiffer() {
    Demand even = school(Approach.First.RAISE, Approach.Balance.EVEN, Approach.Top.BY_SESSION);
    Demand drills = school(Approach.First.RAISE, Approach.Balance.DRILLS, Approach.Top.BY_SESSION);
    Demand efforts =
        school(Approach.First.RAISE, Approach.Balance.EFFORTS, Approach.Top.BY_SESSION);
    Demand first = school(Approach.First.DRILLS, Approach.Balance.EVEN, Approach.Top.BY_SESSION);
    assertThat(drills(drills)).isGreaterThan(drills(even));
    assertThat(drills.efforts()).isEqualTo(even.efforts() - 1);
    assertThat(drills(efforts)).isLessThan(drills(even));
    assertThat(efforts.efforts()).isEqualTo(even.efforts() + 2);
    assertThat(first.raiseSeconds()).isEqualTo((int) Math.round(0.5 * even.raiseSeconds()));
    assertThat(drills(first)).isGreaterThan(drills(even));
  }

  @ParameterizedTest
  @CsvSource({"CAP_80, 0.8", "CAP_95, 0.95", "BY_SESSION, 1", "FULL, 1"})
  void aSchoolCapsTheBuildOfASprint(Approach.Top top, double share) {
    Demand demand = school(Approach.First.RAISE, Approach.Balance.EVEN, top);
    assertThat(shareOfTop(demand, Scenarios.athlete(Level.ADVANCED), Sport.RUN))
        .isCloseTo(share, within(0.01));
  }

  @Test
  void whatHurtsEndsTheBuildWhatIsSoreCapsIt() {
    Athlete hurt = with(BodyRegion.HAMSTRINGS, Severity.HURT);
    Athlete sore = with(BodyRegion.HAMSTRINGS, Severity.SORE);
    Athlete elsewhere = with(BodyRegion.WRISTS, Severity.HURT);
    assertThat(demand(SessionKind.SPRINT, hurt).buildTop().points()).isZero();
    assertThat(demand(SessionKind.SPRINT, hurt).efforts()).isZero();
    assertThat(shareOfTop(demand(SessionKind.SPRINT, sore), sore, Sport.RUN))
        .isCloseTo(0.75, within(0.01));
    assertThat(shareOfTop(demand(SessionKind.SPRINT, elsewhere), elsewhere, Sport.RUN))
        .isCloseTo(1, within(0.01));
    assertThat(demand(SessionKind.TIME_TRIAL, sore).buildTop())
        .as("nothing faster than the session itself")
        .isEqualTo(demand(SessionKind.TIME_TRIAL, sore).firstEffort());
  }

  @ParameterizedTest
  @CsvSource({"5, 0, 0.85", "8, 0, 0.85", "11, 0, 0.9625", "12, 0, 1", "20, 8, 1", "20, 12, 0.85"})
  void noOneIsTakenToTopSpeedInAFewMinutes(int minutes, int wait, double share) {
    Conditions waiting = Conditions.USUAL.withWaitMinutes(wait);
    Athlete athlete = Scenarios.athlete(Level.ADVANCED);
    Circumstances hasty = Scenarios.at(Place.TRACK, minutes).with(waiting);
    assertThat(shareOfTop(demand(SessionKind.SPRINT, athlete, hasty), athlete, Sport.RUN))
        .isCloseTo(share, within(0.01));
  }

  /** A small part of a session's 80 to 140 (Potach &amp; Chu, NSCA Essentials). */
  @ParameterizedTest
  @CsvSource({"NOVICE, 80", "INTERMEDIATE, 110", "ADVANCED, 140"})
  void contactsFollowLevelAndEndWhereTheyMust(Level level, int whole) {
    Athlete athlete = Scenarios.athlete(level);
    assertThat(demand(SessionKind.SPRINT, athlete).contacts()).isEqualTo(whole);
    assertThat(demand(SessionKind.INTERVALS, athlete).contacts()).isEqualTo(whole * 2 / 3);
    assertThat(demand(SessionKind.EASY, athlete).contacts()).isZero();
    Athlete spared =
        Athlete.of(level, 30)
            .withResults(athlete.results())
            .withContraindications(Set.of(Contraindication.CONTACTS));
    assertThat(demand(SessionKind.SPRINT, spared).contacts()).isZero();
    Athlete soreShin = Scenarios.athlete(level, Restriction.both(BodyRegion.SHINS, Severity.SORE));
    assertThat(demand(SessionKind.SPRINT, soreShin).contacts()).isZero();
    Session row = Scenarios.session(Sport.ROW, SessionKind.SPRINT);
    assertThat(demand(row, athlete, USUAL, Approach.USUAL).contacts()).isZero();
  }

  @Test
  void everyAdjustmentNamesItsSource() {
    assertThat(Adjustments.ALL).allSatisfy(a -> assertThat(a.source()).isNotBlank());
    assertThat(Adjustments.ALL.stream().map(Object::getClass)).doesNotHaveDuplicates();
  }

  private static Demand school(Approach.First first, Approach.Balance balance, Approach.Top top) {
    Approach usual = Approach.USUAL;
    Approach approach =
        ApproachBuilder.builder(Approach.USUAL)
            .first(first)
            .holds(usual.holds())
            .neck(usual.neck())
            .balance(balance)
            .top(top)
            .routine(usual.routine())
            .support(usual.support())
            .build();
    return demand(
        Scenarios.session(Sport.RUN, SessionKind.SPRINT),
        Scenarios.athlete(Level.ADVANCED),
        USUAL,
        approach);
  }

  private static Athlete with(BodyRegion region, Severity severity) {
    return Scenarios.athlete(Level.ADVANCED, Restriction.both(region, severity));
  }

  private static Athlete deconditioned(Athlete a) {
    return AthleteBuilder.builder(Athlete.of(a.level(), a.ageYears()))
        .restingHeartRate(a.restingHeartRate())
        .maximumHeartRate(a.maximumHeartRate())
        .results(a.results())
        .restrictions(a.restrictions())
        .contraindications(a.contraindications())
        .deconditioned(true)
        .mastery(a.mastery())
        .build();
  }

  /** Under 16 °C short and watched; common practice. */
  @Test
  void inColdWaterOneSwimsBrieflyAndDoesMoreOnLand() {
    Session swim = Scenarios.session(Sport.SWIM, SessionKind.INTERVALS);
    Athlete athlete = Scenarios.athlete(Level.INTERMEDIATE);
    Circumstances beach = Scenarios.at(Place.BEACH, 40);
    Demand warm = demand(swim, athlete, beach, Approach.USUAL);
    for (int degrees : new int[] {16, 15}) {
      Conditions water = beach.conditions().withWater(Optional.of(degrees));
      Demand there = demand(swim, athlete, beach.with(water), Approach.USUAL);
      if (degrees >= 16) {
        assertThat(there).isEqualTo(warm);
      } else {
        assertThat(there.raiseSeconds()).isEqualTo(240).isLessThan(warm.raiseSeconds());
        assertThat(mobility(there)).isGreaterThan(mobility(warm));
        assertThat(there.efforts()).isEqualTo(2);
      }
    }
    Conditions water = beach.conditions().withWater(Optional.of(10));
    assertThat(
            demand(
                Scenarios.session(Sport.RUN, SessionKind.INTERVALS),
                athlete,
                beach.with(water),
                Approach.USUAL))
        .isEqualTo(
            demand(
                Scenarios.session(Sport.RUN, SessionKind.INTERVALS),
                athlete,
                beach,
                Approach.USUAL));
  }
}
