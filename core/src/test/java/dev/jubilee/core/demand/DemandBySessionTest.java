package dev.jubilee.core.demand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.approach.ApproachBuilder;
import dev.jubilee.core.athlete.AnchorFinder;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Need.AnkleRange.Foot;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What each kind of session asks of its warm-up, and what a phase of a block makes of it. */
class DemandBySessionTest {
  private static final Athlete ATHLETE = Scenarios.athlete(Level.INTERMEDIATE);

  private static Demand demand(Sport sport, SessionKind kind) {
    return demand(
        sport, kind, Scenarios.at(Profiles.of(sport).place(), 60), Approach.USUAL, ATHLETE);
  }

  private static Demand demand(
      Sport sport, SessionKind kind, Circumstances c, Approach approach, Athlete athlete) {
    return demand(sport, kind, c, approach, athlete, TrainingPhase.NONE);
  }

  private static Demand demand(
      Sport sport,
      SessionKind kind,
      Circumstances c,
      Approach approach,
      Athlete athlete,
      TrainingPhase phase) {
    Anchors anchors = AnchorFinder.anchors(athlete, sport);
    return new DemandFinder(Scenarios.session(sport, kind), athlete, anchors, c, approach, phase)
        .demand();
  }

  private static double topShare(Demand demand, Sport sport) {
    return shareOfTop(demand.buildTop(), sport);
  }

  private static double shareOfTop(Effort effort, Sport sport) {
    Anchors anchors = AnchorFinder.anchors(ATHLETE, sport);
    return anchors.model().intensityAt(effort) / anchors.model().top();
  }

  static Stream<Sport> sports() {
    return Arrays.stream(Sport.values());
  }

  /** Common practice: the shorter and harder a session, the more thorough its warm-up. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void theHarderASessionTheMoreThoroughItsWarmUp(Sport sport) {
    List<Demand> rising =
        Stream.of(
                SessionKind.EASY,
                SessionKind.LONG,
                SessionKind.THRESHOLD,
                SessionKind.INTERVALS,
                SessionKind.SPRINT)
            .map(kind -> demand(sport, kind))
            .toList();
    assertThat(rising.stream().map(DemandBySessionTest::menuTotal)).isSorted();
    assertThat(rising.stream().map(Demand::efforts)).isSorted();
    assertThat(rising.stream().map(Demand::warmth)).isSorted();
    assertThat(demand(sport, SessionKind.EASY).warmth()).isPositive();
  }

  private static int menuTotal(Demand demand) {
    assertThat(demand.menuTotal())
        .isEqualTo(demand.menuSeconds().values().stream().mapToInt(Integer::intValue).sum());
    return demand.menuTotal();
  }

  /** Common practice: before all-out work 5 to 10 min to settle, before easy work none. */
  @ParameterizedTest
  @MethodSource("sports")
  void settlingIsForTheRace(Sport sport) {
    assertThat(demand(sport, SessionKind.TIME_TRIAL).transitionSeconds()).isBetween(300, 600);
    assertThat(demand(sport, SessionKind.EASY).transitionSeconds()).isLessThan(60);
    assertThat(demand(sport, SessionKind.EASY).efforts()).isZero();
    assertThat(demand(sport, SessionKind.EASY).buildTop()).isEqualTo(Effort.REST);
    assertThat(demand(sport, SessionKind.LONG).buildTop()).isEqualTo(Effort.REST);
  }

  /** Common practice: strides before distance work go to race pace or a little above. */
  @Test
  void theBuildEndsWhereTheSessionBeginsOrAboveIt() {
    for (SessionKind kind : List.of(SessionKind.TIME_TRIAL, SessionKind.INTERVALS)) {
      Demand distance = demand(Sport.RUN, kind);
      assertThat(topShare(distance, Sport.RUN) / shareOfTop(distance.firstEffort(), Sport.RUN))
          .as("%s", kind)
          .isBetween(1.05, 1.12);
    }
    for (Sport sport : List.of(Sport.RIDE, Sport.ROW)) {
      assertThat(topShare(demand(sport, SessionKind.SPRINT), sport))
          .as("%s", sport)
          .isCloseTo(0.95, within(0.01));
    }
    for (Sport sport : Sport.values()) {
      for (SessionKind kind : List.of(SessionKind.THRESHOLD, SessionKind.INTERVALS)) {
        Demand demand = demand(sport, kind);
        assertThat(demand.firstEffort().isAbove(demand.buildTop()))
            .as("%s %s is led up to", sport, kind)
            .isFalse();
      }
      assertThat(demand(sport, SessionKind.THRESHOLD).buildTop())
          .isEqualTo(demand(sport, SessionKind.THRESHOLD).firstEffort());
    }
  }

  /** Common practice: ankles bend for the catch and the squat, feet point in a kick. */
  @Test
  void theAnkleHasTwoRanges() {
    Need bent = new Need.AnkleRange(Foot.BENT);
    Need pointed = new Need.AnkleRange(Foot.POINTED);
    assertThat(demand(Sport.ROW, SessionKind.TIME_TRIAL).needs())
        .containsKey(bent)
        .doesNotContainKey(pointed);
    assertThat(demand(Sport.SWIM, SessionKind.TIME_TRIAL).needs())
        .containsKey(pointed)
        .doesNotContainKey(bent);
    Map<Need, Double> wall = drill("knees-over-toes").serves();
    Map<Need, Double> front = drill("front-ankle-stretch").serves();
    assertThat(wall).containsKey(bent).doesNotContainKey(pointed);
    assertThat(front).containsKey(pointed).doesNotContainKey(bent);
    assertThat(drill("foot-point-and-pull").serves()).containsKeys(bent, pointed);
    assertThat(drill("ankle-circles-raised").serves()).containsKeys(bent, pointed);
  }

  private static Drill drill(String id) {
    return BuiltInLibrary.get().find(id).orElseThrow();
  }

  @ParameterizedTest
  @EnumSource(
      value = SessionKind.class,
      names = {"GYM", "JUMPS"})
  void theGymAsksForTheWholeBodyWhateverTheSport(SessionKind kind) {
    Map<Need, Double> needs = demand(Sport.RUN, kind).needs();
    assertThat(needs)
        .containsKeys(
            new Need.Mobility(BodyRegion.SHOULDERS),
            new Need.AnkleRange(Foot.BENT),
            new Need.Activation(BodyRegion.TRUNK));
    for (Sport sport : Sport.values()) {
      assertThat(demand(sport, kind).needs()).as("%s", sport).isEqualTo(needs);
    }
    assertThat(LoadedRegions.of(Scenarios.session(Sport.SWIM, kind)))
        .contains(BodyRegion.KNEES)
        .isNotEqualTo(LoadedRegions.of(Scenarios.session(Sport.SWIM, SessionKind.EASY)));
    assertThat(LoadedRegions.of(Scenarios.session(Sport.SWIM, kind)).contains(BodyRegion.ACHILLES))
        .as("only jumps land")
        .isEqualTo(kind == SessionKind.JUMPS);
  }

  @Test
  void eachSportRehearsesItsOwnSkillAndTheHarderTheMore() {
    Map<Sport, Skill> own =
        Map.of(
            Sport.RUN, Skill.KNEE_LIFT,
            Sport.RIDE, Skill.CADENCE,
            Sport.ROW, Skill.STROKE_SEQUENCE,
            Sport.SWIM, Skill.FEEL_FOR_WATER);
    own.forEach(
        (sport, skill) -> {
          Need need = new Need.Rehearsal(skill);
          List<Double> weights =
              Stream.of(
                      SessionKind.LONG,
                      SessionKind.THRESHOLD,
                      SessionKind.INTERVALS,
                      SessionKind.SPRINT)
                  .map(kind -> demand(sport, kind).needs().get(need))
                  .toList();
          assertThat(weights).isSorted();
          assertThat(new HashSet<>(weights)).hasSize(4);
          for (Sport other : Sport.values()) {
            assertThat(demand(other, SessionKind.SPRINT).needs().containsKey(need))
                .as("%s in %s", skill, other)
                .isEqualTo(other == sport);
          }
        });
  }

  @Test
  void barriersAskForClearanceJumpsForKneeLiftSprintsForHamstrings() {
    Need clearance = new Need.Rehearsal(Skill.CLEARANCE);
    Need kneeLift = new Need.Rehearsal(Skill.KNEE_LIFT);
    Need hamstrings = new Need.Mobility(BodyRegion.HAMSTRINGS);
    Need hips = new Need.Mobility(BodyRegion.HIPS);
    Demand steeple = demand(Sport.RUN, SessionKind.STEEPLE);
    Demand intervals = demand(Sport.RUN, SessionKind.INTERVALS);
    assertThat(steeple.needs()).containsKey(clearance);
    assertThat(intervals.needs()).doesNotContainKey(clearance);
    assertThat(steeple.needs().get(hips)).isGreaterThan(intervals.needs().get(hips));
    assertThat(demand(Sport.ROW, SessionKind.JUMPS).needs()).containsKey(kneeLift);
    assertThat(demand(Sport.ROW, SessionKind.GYM).needs()).doesNotContainKey(kneeLift);
    for (Sport sport : Sport.values()) {
      assertThat(demand(sport, SessionKind.SPRINT).needs().get(hamstrings))
          .isGreaterThan(
              demand(sport, SessionKind.INTERVALS).needs().getOrDefault(hamstrings, 0.0));
    }
  }

  @Test
  void eachKindSaysInItsOwnWordsWhatItAsksFor() {
    Set<String> words = new HashSet<>();
    for (SessionKind kind : SessionKind.values()) {
      assertThat(demand(Sport.RUN, kind).why().get(0)).as("%s", kind).isNotBlank();
      words.add(demand(Sport.RUN, kind).why().get(0));
    }
    assertThat(words).hasSize(SessionKind.values().length);
  }

  @Test
  void whatIsFeltCountsNotWhatTheThermometerShows() {
    Conditions wind = Conditions.USUAL.withWind(30);
    Circumstances calm =
        Circumstances.of(60, Place.TRACK, Place.TRACK.usualKit(), 4, ComingFrom.MOVING);
    Demand windy = demand(Sport.RUN, SessionKind.INTERVALS, calm.with(wind));
    Demand still = demand(Sport.RUN, SessionKind.INTERVALS, calm);
    assertThat(windy.raiseSeconds()).isGreaterThan(still.raiseSeconds());
    assertThat(windy.why()).anyMatch(s -> s.contains("feels like"));
    assertThat(still.why()).noneMatch(s -> s.contains("feels like"));
  }

  private static Demand demand(Sport sport, SessionKind kind, Circumstances circumstances) {
    return demand(sport, kind, circumstances, Approach.USUAL, ATHLETE);
  }

  @Test
  void oneAtFullSpeedIsForThoseWhoAreSoundAndOnLand() {
    Approach full = with(Approach.Top.FULL, Approach.Balance.EVEN);
    Athlete sore = Scenarios.athlete(Level.ADVANCED, restricted(Severity.SORE));
    assertThat(topShare(school(Sport.RUN, full, ATHLETE), Sport.RUN)).isCloseTo(1, within(0.01));
    assertThat(topShare(school(Sport.RUN, full, sore), Sport.RUN)).isLessThan(0.95);
    assertThat(school(Sport.SWIM, full, ATHLETE).buildTop())
        .isEqualTo(school(Sport.SWIM, Approach.USUAL, ATHLETE).buildTop());
    assertThat(school(Sport.RUN, full, ATHLETE).why()).anyMatch(s -> s.contains("full speed"));
    Athlete novice = Scenarios.athlete(Level.NOVICE);
    assertThat(school(Sport.RUN, full, novice).buildTop())
        .as("it lifts no novice's cap")
        .isEqualTo(school(Sport.RUN, Approach.USUAL, novice).buildTop());
    for (SessionKind kind : List.of(SessionKind.INTERVALS, SessionKind.THRESHOLD)) {
      Circumstances usual = Scenarios.at(Place.TRACK, 60);
      assertThat(demand(Sport.RUN, kind, usual, full, ATHLETE).buildTop())
          .as("it belongs to sprinters")
          .isEqualTo(demand(Sport.RUN, kind, usual).buildTop());
    }
  }

  private static Demand school(Sport sport, Approach approach, Athlete athlete) {
    Circumstances usual = Scenarios.at(Profiles.of(sport).place(), 60);
    return demand(sport, SessionKind.SPRINT, usual, approach, athlete);
  }

  private static Restriction restricted(Severity severity) {
    return Restriction.both(BodyRegion.CALVES, severity);
  }

  private static Approach with(Approach.Top top, Approach.Balance balance) {
    Approach usual = Approach.USUAL;
    return ApproachBuilder.builder(Approach.USUAL)
        .first(usual.first())
        .holds(usual.holds())
        .neck(usual.neck())
        .balance(balance)
        .top(top)
        .routine(usual.routine())
        .support(usual.support())
        .build();
  }

  /** A school of drills has nothing to say where no drills are wanted. */
  @Test
  void balanceIsForSessionsWithDrills() {
    Approach drills = with(Approach.Top.BY_SESSION, Approach.Balance.DRILLS);
    Circumstances usual = Scenarios.at(Place.TRACK, 60);
    Demand easy = demand(Sport.RUN, SessionKind.EASY, usual, drills, ATHLETE);
    assertThat(easy).isEqualTo(demand(Sport.RUN, SessionKind.EASY));
    Demand sprint = demand(Sport.RUN, SessionKind.SPRINT, usual, drills, ATHLETE);
    assertThat(sprint.why()).anyMatch(s -> s.contains("more drills"));
  }

  @Test
  void aGroupIsTakenTimeForAndOneAthleteIsNot() {
    Circumstances track = Scenarios.at(Place.TRACK, 60);
    Conditions three = Conditions.USUAL.withGroup(3);
    assertThat(demand(Sport.RUN, SessionKind.INTERVALS, track.with(three)).why())
        .anyMatch(s -> s.equals("A group of 3: more time to explain and change."));
    // Two hear what comes as soon as one does, and share what kit there is.
    Conditions two = Conditions.USUAL.withGroup(2);
    assertThat(demand(Sport.RUN, SessionKind.INTERVALS, track.with(two)).why())
        .noneMatch(s -> s.startsWith("A group"));
    assertThat(demand(Sport.RUN, SessionKind.INTERVALS).why())
        .noneMatch(s -> s.startsWith("A group"));
  }

  /** Four minutes are kept before intervals anyway; a wait as long as that changes nothing. */
  @ParameterizedTest
  @CsvSource({"4, false", "5, true"})
  void onlyALongerWaitIsSaid(int minutes, boolean isSaid) {
    Conditions wait = Conditions.USUAL.withWaitMinutes(minutes);
    Demand demand =
        demand(Sport.RUN, SessionKind.INTERVALS, Scenarios.at(Place.TRACK, 60).with(wait));
    assertThat(demand.why().stream().anyMatch(s -> s.contains("min of waiting"))).isEqualTo(isSaid);
  }

  @Test
  void aWetDeckIsSlipperyWithoutBeingSaid() {
    Circumstances deck = Scenarios.at(Place.POOL_DECK, 60);
    assertThat(demand(Sport.SWIM, SessionKind.SPRINT, deck).why())
        .noneMatch(s -> s.startsWith("Slippery"));
    Conditions ice = Conditions.USUAL.withSurface(Conditions.Surface.SLIPPERY);
    assertThat(demand(Sport.RUN, SessionKind.SPRINT, Scenarios.at(Place.ROAD, 60).with(ice)).why())
        .anyMatch(s -> s.startsWith("Slippery"));
  }

  private static Demand phased(SessionKind kind, TrainingPhase phase) {
    Circumstances usual = Scenarios.at(Place.TRACK, 60);
    return demand(Sport.RUN, kind, usual, Approach.USUAL, ATHLETE, phase);
  }

  private static TrainingPhase phase(int volume, double top, int efforts, int contacts) {
    return TrainingPhaseBuilder.builder()
        .words("Week 2.")
        .volume(volume)
        .top(top)
        .efforts(efforts)
        .contacts(contacts)
        .doses(Map.of())
        .familiar(Set.of())
        .build();
  }

  /** Common practice: close to a race nothing is new, the heavy stretch neither. */
  @Test
  void nobodyIsPrimedForTheFirstTimeCloseToARace() {
    Session race =
        Session.of(Sport.RUN, SessionKind.TIME_TRIAL, "800 m").withEffortMetres(Optional.of(800.0));
    for (Set<String> familiar :
        List.of(Set.<String>of(), Set.of("a-skip"), Set.of("a-skip", "priming-run"))) {
      TrainingPhase phase =
          TrainingPhaseBuilder.builder()
              .words("Race week.")
              .volume(100)
              .top(1)
              .efforts(0)
              .contacts(200)
              .doses(Map.of())
              .familiar(familiar)
              .build();
      Demand demand =
          new DemandFinder(
                  race,
                  ATHLETE,
                  AnchorFinder.anchors(ATHLETE, Sport.RUN),
                  Scenarios.at(Place.TRACK, 60),
                  Approach.USUAL,
                  phase)
              .demand();
      boolean isKnown = familiar.isEmpty() || familiar.contains("priming-run");
      assertThat(demand.primingSeconds()).as("%s", familiar).isEqualTo(isKnown ? 240 : 0);
    }
  }

  @Test
  void aPhaseTakesFromWhatAWarmUpWouldBeAndSaysSo() {
    Demand usual = phased(SessionKind.SPRINT, TrainingPhase.NONE);
    Demand early = phased(SessionKind.SPRINT, phase(50, 0.8, -1, 20));
    usual
        .menuSeconds()
        .forEach(
            (part, seconds) ->
                assertThat(early.menuSeconds().get(part)).as("%s", part).isEqualTo(seconds / 2));
    assertThat(early.menuSeconds()).containsKey(WarmUpPart.MOBILISE);
    assertThat(early.efforts()).isEqualTo(usual.efforts() - 1);
    assertThat(early.contacts()).isEqualTo(20);
    assertThat(topShare(early, Sport.RUN)).isCloseTo(0.8, within(0.01));
    assertThat(early.why()).containsAll(usual.why()).contains("Week 2.");
    assertThat(early.raiseSeconds()).isEqualTo(usual.raiseSeconds());
  }

  /** Below a sprint a build always reaches what the session begins with. */
  @Test
  void aPhaseNeverLeavesASessionUnledUpTo() {
    Demand low = phased(SessionKind.TIME_TRIAL, phase(100, 0.7, 0, 200));
    assertThat(low.firstEffort().isAbove(low.buildTop())).isFalse();
    Demand high = phased(SessionKind.TIME_TRIAL, phase(100, 1, 0, 200));
    assertThat(high.buildTop())
        .isEqualTo(phased(SessionKind.TIME_TRIAL, TrainingPhase.NONE).buildTop());
  }

  @Test
  void aPhaseLeavesOneEffortOfThoseThereAre() {
    Demand least = phased(SessionKind.EASY, phase(30, 1, -2, 0));
    assertThat(least.efforts()).as("none to take from").isZero();
    assertThat(phased(SessionKind.THRESHOLD, phase(30, 1, -2, 0)).efforts()).isEqualTo(1);
    assertThat(phased(SessionKind.INTERVALS, phase(100, 1, 2, 0)).efforts())
        .isEqualTo(phased(SessionKind.INTERVALS, TrainingPhase.NONE).efforts() + 2);
  }

  @Test
  void aPhaseDosesALadderByItsShare() {
    TrainingPhase phase =
        TrainingPhaseBuilder.builder()
            .words("")
            .volume(100)
            .top(1)
            .efforts(0)
            .contacts(0)
            .doses(Map.of("a-series", 120))
            .familiar(Set.of())
            .build();
    assertThat(phase.amount("a-series", 10)).isEqualTo(12);
    assertThat(phase.amount("b-series", 10)).isEqualTo(10);
  }
}
