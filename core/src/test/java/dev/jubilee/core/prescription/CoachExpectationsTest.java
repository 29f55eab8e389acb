package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.check.Checks;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.RunningIndex;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How plans differ, as a coach would expect. All of it is common practice. */
class CoachExpectationsTest {

  @Test
  void aSprintSessionBuildsSeventyToHundredPerCent() {
    Plan plan = Scenarios.plan(Sport.RUN, SessionKind.SPRINT, Level.ADVANCED, 40);
    List<Integer> percents = percents(plan);
    assertThat(percents).hasSizeGreaterThanOrEqualTo(4).startsWith(70).endsWith(100);
  }

  /** However the coach wrote it: 60 m all out is a sprint, whoever runs it. */
  @ParameterizedTest
  @EnumSource(Level.class)
  void aSprintWrittenAsADistanceBuildsAsHighAsOneThatIsNot(Level level) {
    Session written =
        Session.of(Sport.RUN, SessionKind.SPRINT, "6 x 60 m sprint, walk back")
            .withEffortMetres(Optional.of(60.0))
            .withAim(Optional.of(Aim.Feel.ALL_OUT));
    PrescriptionRequest plain =
        Scenarios.request(Scenarios.athlete(level), Sport.RUN, SessionKind.SPRINT, 40);
    assertThat(percents(Scenarios.plan(plain.withSession(written))))
        .isEqualTo(percents(Scenarios.plan(plain)));
  }

  /**
   * Common practice: strides before distance work go to race pace or a little above it, not to the
   * top. Whoever runs 5 km in so many minutes races the other lengths at paces of the published
   * index (Daniels & Gilbert 1979), some of which the result itself says.
   */
  @ParameterizedTest
  @CsvSource({"15, 5000", "20, 5000", "30, 5000", "20, 10000", "25, 3000", "20, 21097"})
  void stridesBeforeDistanceWorkGoToRacePaceOrALittleAbove(int fiveKilometres, double metres) {
    Athlete usual = Scenarios.athlete(Level.ADVANCED);
    Athlete runner =
        AthleteBuilder.builder(Athlete.of(Level.ADVANCED, 28))
            .restingHeartRate(usual.restingHeartRate())
            .maximumHeartRate(usual.maximumHeartRate())
            .results(List.of(TestResult.RunRace.of(5000, Duration.ofMinutes(fiveKilometres))))
            .build();
    Session race =
        Session.of(Sport.RUN, SessionKind.TIME_TRIAL, "race").withEffortMetres(Optional.of(metres));
    double pace =
        metres
            / RunningIndex.time(RunningIndex.of(5000, Duration.ofMinutes(fiveKilometres)), metres)
                .toSeconds();
    Plan plan = Scenarios.plan(PrescriptionRequest.of(runner, race, Scenarios.at(Place.TRACK, 45)));
    List<Double> speeds =
        plan.in(WarmUpPart.BUILD).stream().map(i -> i.target().orElseThrow().value()).toList();
    assertThat(speeds).isNotEmpty().isSorted();
    assertThat(speeds.get(0)).isBetween(0.78 * pace, 1.02 * pace);
    assertThat(speeds.get(speeds.size() - 1)).isBetween(0.99 * pace, 1.14 * pace);
  }

  @Test
  void aThresholdRunStopsAtSessionPaceAndASprintDoesNot() {
    Plan threshold = Scenarios.plan(Sport.RUN, SessionKind.THRESHOLD, Level.ADVANCED, 40);
    Plan sprint = Scenarios.plan(Sport.RUN, SessionKind.SPRINT, Level.ADVANCED, 40);
    assertThat(top(threshold)).isCloseTo(threshold.demand().firstEffort().points(), within(0.5));
    assertThat(threshold.in(WarmUpPart.BUILD)).hasSizeBetween(2, 4);
    assertThat(top(sprint)).isGreaterThan(95);
    assertThat(sprint.in(WarmUpPart.DRILL).size())
        .isGreaterThan(threshold.in(WarmUpPart.DRILL).size());
    assertThat(sprint.seconds()).isGreaterThan(threshold.seconds());
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void anEasySessionNeedsLittleEvenWhenThereIsMuchTime(Sport sport) {
    Plan easy = Scenarios.plan(sport, SessionKind.EASY, Level.INTERMEDIATE, 35);
    Plan hard = Scenarios.plan(sport, SessionKind.INTERVALS, Level.INTERMEDIATE, 35);
    assertThat(easy.seconds()).isLessThan(7 * 60);
    assertThat(hard.seconds()).isGreaterThan(20 * 60);
    assertThat(easy.in(WarmUpPart.BUILD)).isEmpty();
  }

  @Test
  void aTwoKilometreTestEndsAtRacePressureAndAnEasyRowDoesNotBuildAtAll() {
    Plan test = Scenarios.plan(Sport.ROW, SessionKind.TIME_TRIAL, Level.INTERMEDIATE, 40);
    Plan easy = Scenarios.plan(Sport.ROW, SessionKind.EASY, Level.INTERMEDIATE, 40);
    // 2 km in 8:00 is 202.5 W by the flywheel maker's relation.
    PlanItem last = last(test);
    assertThat(last.target().orElseThrow().value()).isCloseTo(202.5, within(1.0));
    assertThat(test.in(WarmUpPart.TRANSITION).get(0).seconds()).isBetween(5 * 60, 10 * 60);
    assertThat(easy.in(WarmUpPart.BUILD)).isEmpty();
  }

  @Test
  void pressureRisesAtNearlyConstantRate() {
    Plan test = Scenarios.plan(Sport.ROW, SessionKind.TIME_TRIAL, Level.INTERMEDIATE, 40);
    List<Integer> rates =
        test.in(WarmUpPart.BUILD).stream()
            .filter(i -> i.drillId().equals("pressure-step-row"))
            .map(i -> i.target().orElseThrow().ratePerMinute())
            .toList();
    assertThat(rates).hasSizeGreaterThanOrEqualTo(3).allMatch(r -> r >= 18 && r <= 24);
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void anAdvancedAthleteClimbsHigherAndDoesMoreThanANovice(Sport sport) {
    Plan novice = Scenarios.plan(sport, SessionKind.INTERVALS, Level.NOVICE, 40);
    Plan advanced = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, 40);
    assertThat(novice.seconds()).isLessThan(advanced.seconds());
    assertThat(novice.in(WarmUpPart.BUILD).size()).isLessThan(advanced.in(WarmUpPart.BUILD).size());
    for (PlanItem item : novice.items()) {
      assertThat(novice.drill(item).map(Drill::level)).contains(Level.NOVICE);
    }
    assertThat(advanced.items())
        .anyMatch(
            i ->
                advanced.drill(i).orElseThrow().level() == Level.ADVANCED
                    || advanced.drill(i).orElseThrow().level() == Level.INTERMEDIATE);
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void shortOfTimeTheRaiseAndTheBuildStayAndDrillsGo(Sport sport) {
    Plan eight = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, 8);
    Plan full = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, 35);
    assertThat(eight.in(WarmUpPart.RAISE)).isNotEmpty();
    assertThat(eight.in(WarmUpPart.BUILD)).hasSizeGreaterThanOrEqualTo(2);
    assertThat(drills(eight)).isLessThanOrEqualTo(3);
    assertThat(drills(full)).isGreaterThanOrEqualTo(8);
    assertThat(share(eight, WarmUpPart.RAISE) + share(eight, WarmUpPart.BUILD))
        .isGreaterThan(share(full, WarmUpPart.RAISE) + share(full, WarmUpPart.BUILD));
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void atLeastOneGradedEffortForFourDrills(Sport sport) {
    for (SessionKind kind : SessionKind.values()) {
      if (kind.isHard() && kind.isFor(sport)) {
        Plan plan = Scenarios.plan(sport, kind, Level.INTERMEDIATE, 60);
        assertThat(drills(plan))
            .as("%s", kind)
            .isLessThanOrEqualTo(4L * plan.in(WarmUpPart.BUILD).size());
      }
    }
  }

  @Test
  void coldLengthensTheRaiseAndHeatShortensIt() {
    PrescriptionRequest mild =
        Scenarios.request(Sport.RUN, SessionKind.INTERVALS, Level.INTERMEDIATE, 60);
    int cold = raise(Scenarios.plan(mild.with(at(-2, ComingFrom.MOVING))));
    int warm = raise(Scenarios.plan(mild));
    int hot = raise(Scenarios.plan(mild.with(at(33, ComingFrom.MOVING))));
    assertThat(cold).isGreaterThan(warm);
    assertThat(hot).isLessThan(warm);
  }

  @Test
  void fromADeskTheFrontOfTheHipsGetsMore() {
    PrescriptionRequest moving =
        Scenarios.request(Sport.SWIM, SessionKind.THRESHOLD, Level.INTERMEDIATE, 60);
    Circumstances c = moving.circumstances();
    PrescriptionRequest desk =
        moving.with(
            Circumstances.of(c.minutes(), c.place(), c.kit(), c.temperature(), ComingFrom.DESK));
    Need front = new Need.Mobility(BodyRegion.HIP_FLEXORS);
    assertThat(Scenarios.plan(desk).coverage().get(front)).isGreaterThan(0.3);
    assertThat(Scenarios.plan(moving).coverage()).doesNotContainKey(front);
  }

  @Test
  void aStiffRegionGetsMoreRangeAndASoreOneIsNotLoaded() {
    Need ankles = new Need.Mobility(BodyRegion.ANKLES);
    Plan usual = Scenarios.plan(Sport.RUN, SessionKind.THRESHOLD, Level.INTERMEDIATE, 40);
    Plan stiff =
        Scenarios.plan(
            Scenarios.request(
                Sport.RUN,
                SessionKind.THRESHOLD,
                Level.INTERMEDIATE,
                40,
                Restriction.both(BodyRegion.ANKLES, Restriction.Severity.STIFF)));
    Need bent = new Need.AnkleRange(Need.AnkleRange.Foot.BENT);
    assertThat(stiff.coverage().get(ankles)).isGreaterThan(0.4);
    assertThat(stiff.coverage().get(bent)).isGreaterThanOrEqualTo(usual.coverage().get(bent));
    Plan sore =
        Scenarios.plan(
            Scenarios.request(
                Sport.RUN,
                SessionKind.SPRINT,
                Level.ADVANCED,
                40,
                Restriction.both(BodyRegion.ACHILLES, Restriction.Severity.SORE)));
    assertThat(percents(sore)).isNotEmpty().allMatch(p -> p <= 80);
    assertThat(sore.contacts()).isZero();
  }

  @Test
  void aBreaststrokerGetsTheGroinThatAFreestylerDoesNotNeed() {
    Need groin = new Need.Mobility(BodyRegion.ADDUCTORS);
    assertThat(swim(Stroke.BREASTSTROKE).demand().needs().get(groin))
        .isGreaterThan(2 * swim(Stroke.FREESTYLE).demand().needs().get(groin));
    assertThat(swim(Stroke.BREASTSTROKE).coverage().get(groin)).isGreaterThan(0.6);
  }

  /** Five minutes, no kit, sore Achilles, −8 °C, sprints: an answer a coach would defend. */
  @Test
  void theHardestQuestionGetsACarefulAnswer() {
    PrescriptionRequest request =
        Scenarios.request(
                Sport.RUN,
                SessionKind.SPRINT,
                Level.ADVANCED,
                5,
                Restriction.both(BodyRegion.ACHILLES, Restriction.Severity.SORE))
            .with(Circumstances.of(5, Place.ROAD, Set.of(), -8, ComingFrom.MOVING));
    Plan plan = Scenarios.plan(request);
    assertThat(plan.seconds()).isLessThanOrEqualTo(300);
    assertThat(raise(plan)).isGreaterThanOrEqualTo(90);
    assertThat(percents(plan)).isNotEmpty().allMatch(p -> p <= 70);
    assertThat(plan.contacts()).isZero();
    assertThat(Checks.of(plan))
        .extracting(f -> f.code().name())
        .contains("SORE", "HARD_COLD", "SHORT_FOR_HARD");
  }

  /** Common practice: no one kneels on a painful knee or bends it fully. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void aPainfulKneeIsNeitherKneltOnNorBentFully(Sport sport) {
    Restriction knee = Restriction.both(BodyRegion.KNEES, Restriction.Severity.HURT);
    for (SessionKind kind : List.of(SessionKind.LONG, SessionKind.THRESHOLD)) {
      Plan plan = Scenarios.plan(Scenarios.request(sport, kind, Level.INTERMEDIATE, 30, knee));
      assertThat(plan.items())
          .extracting(PlanItem::name)
          .noneMatch(
              n -> n.matches("(?i).*(kneel|heel-to-seat|90/90|full .*squat|full squat|needle).*"));
      assertThat(plan.in(WarmUpPart.MOBILISE)).as(sport + " " + kind).isNotEmpty();
    }
  }

  /** Contradictions give what is left and say which limit to lift. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void withAnEmptyLibraryThereIsStillAWayToTheStart(Sport sport) {
    Prescriber bare = new Prescriber(new DrillLibrary(List.of()));
    for (SessionKind kind : SessionKind.values()) {
      if (!kind.isFor(sport)) {
        continue;
      }
      Plan plan = bare.prescribe(Scenarios.request(sport, kind, Level.ADVANCED, 40));
      assertThat(plan.in(WarmUpPart.TRANSITION)).isNotEmpty();
      assertThat(plan.seconds()).isLessThanOrEqualTo(plan.availableSeconds());
      if (kind.isHard()) {
        assertThat(Checks.of(plan)).extracting(f -> f.code().name()).contains("NOTHING_LEFT");
      }
    }
  }

  /** Common practice: a class of twenty does not queue at one machine. */
  @Test
  void aClassInTheGymStaysOffTheMachines() {
    Circumstances alone = Scenarios.at(Place.GYM, 20);
    Conditions many = Conditions.USUAL.withGroup(20).withLane(Optional.of(10));
    PrescriptionRequest request =
        Scenarios.request(Sport.RUN, SessionKind.GYM, Level.NOVICE, 20).with(alone.with(many));
    Plan plan = Scenarios.plan(request);
    assertThat(plan.items())
        .allSatisfy(
            item ->
                assertThat(plan.drill(item).orElseThrow().kit())
                    .as(item.name())
                    .noneMatch(Kit::isApparatus));
    assertThat(Checks.of(plan)).extracting(f -> f.code().name()).doesNotContain("NO_ROOM_TO_RUN");
  }

  @Test
  void withoutAResultTheTargetsAreByFeelAndItSaysSo() {
    PrescriptionRequest request =
        Scenarios.request(Sport.RIDE, SessionKind.INTERVALS, Level.NOVICE, 30);
    PrescriptionRequest unknown =
        PrescriptionRequest.of(
            Scenarios.withoutResults(Level.NOVICE), request.session(), request.circumstances());
    Plan plan = Scenarios.plan(unknown);
    assertThat(plan.in(WarmUpPart.BUILD)).isNotEmpty();
    assertThat(plan.items()).allMatch(i -> i.target().isEmpty() || i.target().get().value() == 0);
    assertThat(Checks.of(plan)).extracting(f -> f.code().name()).contains("BY_FEEL");
  }

  private static Plan swim(Stroke stroke) {
    Session session =
        Session.of(Sport.SWIM, SessionKind.SPRINT, "100 m").withStroke(Optional.of(stroke));
    return Scenarios.plan(
        PrescriptionRequest.of(
            Scenarios.athlete(Level.ADVANCED), session, Scenarios.at(Place.POOL_DECK, 40)));
  }

  private static Circumstances at(int temperature, ComingFrom comingFrom) {
    return Circumstances.of(60, Place.TRACK, Place.TRACK.usualKit(), temperature, comingFrom);
  }

  private static List<Integer> percents(Plan plan) {
    return plan.in(WarmUpPart.BUILD).stream()
        .map(i -> i.target().orElseThrow().percentOfTop())
        .toList();
  }

  private static double top(Plan plan) {
    return last(plan).target().orElseThrow().effort().points();
  }

  private static PlanItem last(Plan plan) {
    List<PlanItem> build = plan.in(WarmUpPart.BUILD);
    return build.get(build.size() - 1);
  }

  private static int raise(Plan plan) {
    return PlanItem.seconds(plan.in(WarmUpPart.RAISE));
  }

  private static long drills(Plan plan) {
    return plan.items().stream().filter(i -> i.block().isChosen()).count();
  }

  private static double share(Plan plan, WarmUpPart block) {
    return (double) PlanItem.seconds(plan.in(block)) / plan.seconds();
  }
}
