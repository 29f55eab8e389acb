package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.athlete.ResultConditions;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.check.Finding;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Conditions.Surface;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.TargetMetric;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanText;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import dev.jubilee.core.warmup.WarmUp;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Situations as a coach would tell them, and what must and must not be in the warm-up. All of it is
 * common practice; where a figure is published it is named.
 */
class SituationsTest {

  /** A situation in the making. */
  private static final class Situation {
    private final String says;
    private final Sport sport;
    private final SessionKind kind;
    private final List<Must> musts = new ArrayList<>();
    private Optional<Double> metres = Optional.empty();
    private Optional<Duration> time = Optional.empty();
    private Optional<Stroke> stroke = Optional.empty();
    private Level level = Level.INTERMEDIATE;
    private final List<Restriction> restrictions = new ArrayList<>();
    private final List<TestResult> results = new ArrayList<>();
    private boolean deconditioned;
    private final Set<HealthCondition> health = new HashSet<>();
    private final Set<Contraindication> never = new HashSet<>();
    private boolean thunder;
    private Optional<Integer> air = Optional.empty();
    private int age = 28;
    private int minutes = 45;
    private boolean fill;
    private int wait;
    private Optional<Place> place = Optional.empty();
    private final Set<Kit> kit = new HashSet<>();
    private boolean bare;
    private int temperature = 16;
    private int wind;
    private Surface surface = Surface.FIRM;
    private Optional<Integer> humidity = Optional.empty();
    private Approach approach = Approach.USUAL;

    Situation(String says, Sport sport, SessionKind kind) {
      this.says = says;
      this.sport = sport;
      this.kind = kind;
    }

    Situation over(double m) {
      metres = Optional.of(m);
      return this;
    }

    Situation lasting(int seconds) {
      time = Optional.of(Duration.ofSeconds(seconds));
      return this;
    }

    Situation in(Stroke own) {
      stroke = Optional.of(own);
      return this;
    }

    Situation sitting() {
      never.add(Contraindication.STANDING);
      return this;
    }

    Situation by(Level own) {
      level = own;
      return this;
    }

    Situation aged(int years) {
      age = years;
      return this;
    }

    Situation is(Severity severity, Side side, BodyRegion region) {
      restrictions.add(new Restriction(region, severity, side));
      return this;
    }

    Situation backAfterALayOff() {
      deconditioned = true;
      return this;
    }

    Situation is(Severity severity, BodyRegion region) {
      restrictions.add(new Restriction(region, severity));
      return this;
    }

    Situation told(HealthCondition condition) {
      health.add(condition);
      return this;
    }

    Situation thundering() {
      thunder = true;
      return this;
    }

    Situation airOf(int index) {
      air = Optional.of(index);
      return this;
    }

    Situation knownFor(TestResult result) {
      results.add(result);
      return this;
    }

    Situation within(int min) {
      minutes = min;
      return this;
    }

    Situation filled() {
      fill = true;
      return this;
    }

    Situation waiting(int min) {
      wait = min;
      return this;
    }

    Situation at(Place where) {
      place = Optional.of(where);
      return this;
    }

    Situation with(Kit more) {
      kit.add(more);
      return this;
    }

    Situation withNothing() {
      bare = true;
      return this;
    }

    Situation degrees(int celsius) {
      temperature = celsius;
      return this;
    }

    Situation wind(int kilometresAnHour) {
      wind = kilometresAnHour;
      return this;
    }

    Situation humid(int percent) {
      humidity = Optional.of(percent);
      return this;
    }

    Situation on(Surface ground) {
      surface = ground;
      return this;
    }

    Situation like(Approach school) {
      approach = school;
      return this;
    }

    Situation must(Must... all) {
      musts.addAll(List.of(all));
      return this;
    }

    WarmUp warmUp() {
      Athlete usual = Scenarios.athlete(level);
      Athlete athlete =
          new Athlete(
              level,
              age,
              usual.restingHeartRate(),
              usual.maximumHeartRate(),
              results.isEmpty() ? usual.results() : results,
              restrictions,
              never,
              deconditioned,
              Map.of(),
              health);
      Place where = place.orElse(Place.usual(sport));
      Set<Kit> all = new HashSet<>(kit);
      if (!bare) {
        all.addAll(where.usualKit());
      }
      Circumstances circumstances =
          new Circumstances(
              minutes,
              fill,
              where,
              all,
              temperature,
              ComingFrom.MOVING,
              new Conditions(
                  wind, false, surface, wait, 1, Optional.empty(), humidity, thunder, air));
      Session session = new Session(sport, kind, says, metres, time, stroke);
      return WarmUp.prescribed(
          PrescriptionRequest.of(athlete, session, circumstances).with(approach),
          BuiltInLibrary.get());
    }

    @Override
    public String toString() {
      return says;
    }
  }

  /** Something a coach would insist on. */
  private record Must(String words, Predicate<WarmUp> holds) {}

  static Stream<Situation> situations() {
    return Stream.of(
            bodies(),
            health(),
            sitting(),
            barriers(),
            lengths(),
            rowing(),
            riding(),
            swimming(),
            time(),
            weather(),
            schools())
        .flatMap(List::stream);
  }

  @ParameterizedTest
  @MethodSource("situations")
  void isPreparedAsACoachWould(Situation situation) {
    assertThat(situation.musts).isNotEmpty();
    WarmUp warmUp = situation.warmUp();
    for (Must must : situation.musts) {
      assertThat(must.holds().test(warmUp))
          .as(() -> must.words() + "\n" + PlanText.of(warmUp.plan()) + warmUp.findings())
          .isTrue();
    }
  }

  private static List<Situation> bodies() {
    return List.of(
        run("A sore Achilles walks: no jog, no backpedal, no hops", SessionKind.INTERVALS)
            .is(Severity.SORE, BodyRegion.ACHILLES)
            .must(not("easy-jog"), not("backpedal"), noLanding(), caution("SORE"), another("ride")),
        run("Nor does an advanced runner's: no easy running without a stop", SessionKind.THRESHOLD)
            .by(Level.ADVANCED)
            .is(Severity.SORE, BodyRegion.ACHILLES)
            .must(not("easy-jog"), not("easy-continuous"), not("backpedal"), has("walk")),
        run("Sore hamstrings: nothing thrown, no end of range", SessionKind.SPRINT)
            .is(Severity.SORE, BodyRegion.HAMSTRINGS)
            .must(
                not("straight-leg-kicks"),
                not("straight-leg-skip"),
                not("build-up-run"),
                topBelow(82),
                caution("ANOTHER_SESSION")),
        run("Sore hamstrings on an easy day still get their caution", SessionKind.EASY)
            .is(Severity.SORE, BodyRegion.HAMSTRINGS)
            .must(caution("SORE"), untouched(BodyRegion.HAMSTRINGS, Way.BALLISTIC, Way.END_RANGE)),
        run("Sore groin: no side lunges", SessionKind.INTERVALS)
            .is(Severity.SORE, BodyRegion.ADDUCTORS)
            .must(not("lateral-lunge-shift"), not("side-squat-full"), not("carioca")),
        run("A hurt lower back takes no landings", SessionKind.SPRINT)
            .is(Severity.HURT, BodyRegion.LOWER_BACK)
            .must(noLanding(), noBuild(), shorterThan(15), another("swim")),
        run("Sore calves are rolled where there is a roller", SessionKind.INTERVALS)
            .is(Severity.SORE, BodyRegion.CALVES)
            .with(Kit.ROLLER)
            .must(has("roll-calf"), untouched(BodyRegion.CALVES, Way.BALLISTIC, Way.LANDING)),
        run("A sore left calf and a stiff right one are two things", SessionKind.INTERVALS)
            .is(Severity.SORE, Side.LEFT, BodyRegion.CALVES)
            .is(Severity.STIFF, Side.RIGHT, BodyRegion.CALVES)
            .must(
                says("Sore left calf"),
                why("Stiff right calf"),
                untouched(BodyRegion.CALVES, Way.BALLISTIC, Way.LANDING, Way.ECCENTRIC)),
        run("Stiff calves are loosened, not jumped on", SessionKind.INTERVALS)
            .is(Severity.STIFF, BodyRegion.CALVES)
            .must(noContactsIn(WarmUpPart.ACTIVATE), moves(BodyRegion.CALVES), efforts(3, 6)),
        run("A hurt knee does not run at all", SessionKind.EASY)
            .is(Severity.HURT, BodyRegion.KNEES)
            .must(not("easy-jog"), caution("HURT"), another("swim")),
        run("A hurt hip before the gym is not swung", SessionKind.GYM)
            .is(Severity.HURT, BodyRegion.HIPS)
            .must(not("leg-swings-free"), not("leg-swings-held"), not("warm-up-set")),
        swim("Hurt knees and breaststroke: no build, another session", SessionKind.INTERVALS)
            .in(Stroke.BREASTSTROKE)
            .is(Severity.HURT, BodyRegion.KNEES)
            .must(noBuild(), caution("ANOTHER_SESSION")),
        swim("Hurt knees and front crawl: that can be swum", SessionKind.INTERVALS)
            .in(Stroke.FREESTYLE)
            .is(Severity.HURT, BodyRegion.KNEES)
            .must(efforts(2, 6)),
        swim("A sore lower back and butterfly: the build is held back", SessionKind.SPRINT)
            .in(Stroke.BUTTERFLY)
            .is(Severity.SORE, BodyRegion.LOWER_BACK)
            .must(caution("SORE"), untouched(BodyRegion.LOWER_BACK, Way.BALLISTIC)),
        swim("Sore shoulders pull nothing fast", SessionKind.SPRINT)
            .is(Severity.SORE, BodyRegion.SHOULDERS)
            .must(not("pace-25-swim"), not("swim-fast-arms"), another("swim")),
        row("A sore lower back does not build on the machine", SessionKind.INTERVALS)
            .is(Severity.SORE, BodyRegion.LOWER_BACK)
            .must(not("race-tens-row"), not("pressure-step-row"), caution("ANOTHER_SESSION")),
        ride("Sore knees spin, but do not jump on the pedals", SessionKind.SPRINT)
            .is(Severity.SORE, BodyRegion.KNEES)
            .must(not("opener-ride"), not("standing-start-ride"), has("easy-spin")),
        ride("A hurt wrist does not keep a rider from riding", SessionKind.INTERVALS)
            .is(Severity.HURT, BodyRegion.WRISTS)
            .must(efforts(3, 6), not("wrist-push-ups")),
        run("A novice in the gym lifts warm-up sets, no approach jumps", SessionKind.JUMPS)
            .by(Level.NOVICE)
            .must(topBelow(92)),
        run("A twelve-year-old is not taken to the top", SessionKind.SPRINT)
            .aged(12)
            .like(full())
            .must(topBelow(86), raise(3, 9)),
        run("At sixty-two: longer to warm, smaller steps, few landings", SessionKind.INTERVALS)
            .aged(62)
            .must(raise(12, 17), efforts(5, 6), contactsUpTo(45)),
        run("Who would jog slower than people run walks and runs", SessionKind.INTERVALS)
            .knownFor(new TestResult.RunRace(5000, Duration.ofMinutes(42)))
            .must(not("easy-jog"), has("run-walk")),
        run("Back after a lay-off: the easier rung everywhere", SessionKind.INTERVALS)
            .backAfterALayOff()
            .must(not("easy-jog"), noContactsIn(WarmUpPart.ACTIVATE), topBelow(92)));
  }

  private static List<Situation> barriers() {
    return List.of(
        run("Sprint hurdles: from walkovers to full speed", SessionKind.HURDLES)
            .over(110)
            .by(Level.ADVANCED)
            .with(Kit.HURDLES)
            .must(
                has("hurdle-walk-forward"),
                has("build-up-run"),
                has("build-up-hurdles"),
                efforts(3, 6),
                restBeforeLast(100, 320),
                noFault()),
        run("A novice at the hurdles stays at the foot", SessionKind.HURDLES)
            .by(Level.NOVICE)
            .with(Kit.HURDLES)
            .must(
                has("hurdle-walk-forward"),
                not("hurdle-pairs"),
                not("build-up-hurdles"),
                noFault()),
        run("Steeple: the ladder too, and strides", SessionKind.STEEPLE)
            .by(Level.ADVANCED)
            .with(Kit.HURDLES)
            .must(
                has("hurdle-walk-forward"),
                has("stride-run"),
                endsWith("stride-barrier"),
                noFault()),
        run("A sore groin strides on the flat", SessionKind.STEEPLE)
            .by(Level.ADVANCED)
            .is(Severity.SORE, BodyRegion.ADDUCTORS)
            .with(Kit.HURDLES)
            .must(not("stride-barrier")),
        run("No hurdles to step over", SessionKind.HURDLES)
            .withNothing()
            .must(not("hurdle-walk-forward"), efforts(3, 6), noFault()));
  }

  private static List<Situation> sitting() {
    return List.of(
        run("In a racing chair before intervals on the track", SessionKind.INTERVALS)
            .sitting()
            .must(
                has("chair-push"),
                allSitting(),
                noLanding(),
                moves(BodyRegion.SHOULDERS),
                moves(BodyRegion.WRISTS),
                efforts(3, 6),
                noFault(),
                raise(6, 16)),
        run("The same in a living room in the winter", SessionKind.THRESHOLD)
            .sitting()
            .at(Place.LIVING_ROOM)
            .degrees(18)
            .must(allSitting(), moves(BodyRegion.SHOULDERS), noFault()),
        run("Sprints in a racing chair go up to the sprint, with long rests", SessionKind.SPRINT)
            .sitting()
            .must(allSitting(), efforts(3, 6), restBeforeLast(80, 200), not("push-up-incline")),
        run("An easy push of forty minutes", SessionKind.EASY)
            .sitting()
            .must(allSitting(), noBuild()),
        swim("A swimmer who comes in a wheelchair", SessionKind.INTERVALS)
            .sitting()
            .must(allSitting(), moves(BodyRegion.SHOULDERS), noFault()),
        row("A rower on a fixed seat before a 2 km", SessionKind.TIME_TRIAL)
            .over(2000)
            .sitting()
            .must(allSitting(), moves(BodyRegion.MID_BACK), efforts(3, 9), noFault()),
        ride("A handbike before a time trial", SessionKind.TIME_TRIAL)
            .lasting(1800)
            .sitting()
            .must(allSitting(), moves(BodyRegion.SHOULDERS), efforts(3, 9)),
        run("A racing chair and sore shoulders", SessionKind.INTERVALS)
            .sitting()
            .is(Severity.SORE, BodyRegion.SHOULDERS)
            .must(allSitting(), untouched(BodyRegion.SHOULDERS, Way.BALLISTIC, Way.END_RANGE)));
  }

  private static List<Situation> health() {
    return List.of(
        run(
                "Pregnant before intervals: by talk, no hops, nobody on the back",
                SessionKind.INTERVALS)
            .told(HealthCondition.PREGNANCY)
            .must(
                noLanding(),
                not("bridge-two"),
                not("leg-swings-free"),
                topBelow((int) Effort.CRITICAL + 1),
                caution("HEALTH"),
                noFault()),
        run("Pregnant in the heat: not heated further", SessionKind.THRESHOLD)
            .told(HealthCondition.PREGNANCY)
            .degrees(31)
            .must(raise(0, 6), noLanding(), caution("HEALTH")),
        ride("Raised blood pressure: no presses against what does not move", SessionKind.INTERVALS)
            .told(HealthCondition.RAISED_BLOOD_PRESSURE)
            .must(not("pedal-press"), raise(11, 20), caution("HEALTH"), noFault()),
        row("Heart disease: a long gradual start, not above threshold", SessionKind.TIME_TRIAL)
            .over(2000)
            .told(HealthCondition.HEART_DISEASE)
            .must(topBelow((int) Effort.CRITICAL + 1), raise(12, 20), caution("HEALTH"), noFault()),
        run(
                "Asthma on a cold morning: ten minutes and more before it gets hard",
                SessionKind.THRESHOLD)
            .told(HealthCondition.ASTHMA)
            .degrees(2)
            .must(caution("HEALTH"), raise(10, 16), noFault()),
        run("On an easy day the run itself is the easy start", SessionKind.EASY)
            .told(HealthCondition.ASTHMA)
            .must(caution("HEALTH"), silent("LONG_FOR_EASY")),
        run("Asthma before a sprint", SessionKind.SPRINT)
            .told(HealthCondition.ASTHMA)
            .degrees(4)
            .must(raise(10, 20), caution("HEALTH"), noFault()),
        run("With asthma air of 120 is too much for hard work", SessionKind.INTERVALS)
            .told(HealthCondition.ASTHMA)
            .airOf(120)
            .must(caution("BAD_AIR"), noBuild()),
        run("Others run in it", SessionKind.INTERVALS)
            .airOf(120)
            .must(silent("BAD_AIR"), efforts(3, 6)),
        swim("Epilepsy: never alone in the water", SessionKind.INTERVALS)
            .told(HealthCondition.EPILEPSY)
            .must(caution("HEALTH"), efforts(2, 6)),
        ride("Diabetes: as ever, with carbohydrate at hand", SessionKind.INTERVALS)
            .told(HealthCondition.DIABETES)
            .must(caution("HEALTH"), efforts(3, 6), noFault()),
        run("A knock on the head: no session", SessionKind.SPRINT)
            .told(HealthCondition.CONCUSSION)
            .must(noBuild(), shorterThan(8), noLanding(), caution("HEALTH")),
        row("Not on the machine either", SessionKind.INTERVALS)
            .told(HealthCondition.CONCUSSION)
            .must(noBuild(), shorterThan(8), caution("HEALTH")));
  }

  private static List<Situation> lengths() {
    return List.of(
        run("100 m: accelerations with a minute for each 10 m at speed", SessionKind.TIME_TRIAL)
            .over(100)
            .by(Level.ADVANCED)
            .must(
                has("build-up-run"),
                efforts(3, 5),
                effortsLast(3, 9),
                restBeforeLast(120, 300),
                settles(5, 12)),
        run("400 m: two to four near race effort, minutes apart", SessionKind.TIME_TRIAL)
            .over(400)
            .must(efforts(2, 4), effortsLast(5, 16), restBeforeLast(110, 190), settles(8, 15)),
        run("800 m: race effort for 15 to 30 s, the last well before", SessionKind.TIME_TRIAL)
            .over(800)
            .must(efforts(2, 4), effortsLast(10, 30), settles(8, 12), primed("priming-run")),
        run("800 m in the heat: nobody is primed", SessionKind.TIME_TRIAL)
            .over(800)
            .degrees(31)
            .must(not("priming-run")),
        run("800 m by a novice: nor is a novice", SessionKind.TIME_TRIAL)
            .over(800)
            .by(Level.NOVICE)
            .must(not("priming-run")),
        row("1 km on the machine: four minutes firm, long before", SessionKind.TIME_TRIAL)
            .over(1000)
            .must(primed("priming-row"), efforts(2, 4), settles(8, 12)),
        ride("A pursuit of four minutes, the same", SessionKind.TIME_TRIAL)
            .lasting(235)
            .must(primed("priming-ride")),
        swim("200 m, the same in the water", SessionKind.TIME_TRIAL)
            .over(200)
            .must(primed("priming-swim"), settles(8, 12)),
        run("1500 m: as ever", SessionKind.TIME_TRIAL)
            .over(1500)
            .must(efforts(3, 5), settles(5, 10), raise(9, 16)),
        run("5 km: strides with a jog back", SessionKind.TIME_TRIAL)
            .over(5000)
            // 20 min is 4:00 a kilometre: a little above, not a sprint.
            .must(efforts(3, 5), settles(3, 9), has("stride-run"), slowerThan(3 * 60 + 35)),
        run("Half marathon: a few relaxed strides, ten easy minutes", SessionKind.TIME_TRIAL)
            .over(21_097)
            .must(efforts(0, 3), raise(4, 10), shorterThan(22)),
        run("Marathon: little, nothing to tire the legs", SessionKind.TIME_TRIAL)
            .over(42_195)
            .must(efforts(0, 2), shorterThan(14), noLanding(), slowerThan(3 * 60 + 20)),
        ride("A four-hour ride warms up in its first minutes", SessionKind.TIME_TRIAL)
            .lasting(4 * 3600)
            .must(noBuild(), shorterThan(10), noFault()),
        run("A sprint that was measured is given as a pace", SessionKind.SPRINT)
            .knownFor(new TestResult.RunRace(5000, Duration.ofMinutes(18)))
            .knownFor(new TestResult.Sprint(Sport.RUN, 8.4, ResultConditions.UNKNOWN))
            .must(allOf(WarmUpPart.BUILD, TargetMetric.PACE)),
        run("One that was not is a share of the top", SessionKind.SPRINT)
            .must(allOf(WarmUpPart.BUILD, TargetMetric.FEEL)),
        run("No distance runner is taken to sprint at 10 m/s", SessionKind.SPRINT)
            .knownFor(new TestResult.RunRace(5000, Duration.ofMinutes(14)))
            .by(Level.ADVANCED)
            .must(topSpeedBelow(9.2)));
  }

  private static List<Situation> rowing() {
    return List.of(
        row("2 km: no more work a stroke than the race asks, and 15 %", SessionKind.TIME_TRIAL)
            .over(2000)
            .must(workAStroke(1.15), efforts(4, 7), settles(5, 10)),
        row("500 m: race rate of 34 and more, minutes of rest", SessionKind.TIME_TRIAL)
            .over(500)
            .must(ratesUpTo(34, 40), restBeforeLast(90, 200), has("race-tens-row")),
        row("10 km: nothing at sprint rate", SessionKind.TIME_TRIAL)
            .over(10_000)
            .must(ratesUpTo(20, 32)),
        row("Pressure steps at low rate stay at critical power", SessionKind.SPRINT)
            .must(stepsUpTo("pressure-step-row", Effort.CRITICAL + 1)),
        row("A novice on the machine", SessionKind.TIME_TRIAL)
            .over(2000)
            .by(Level.NOVICE)
            .must(efforts(3, 6), noFault()));
  }

  private static List<Situation> riding() {
    return List.of(
        ride("A standing lap: seconds, not minutes", SessionKind.TIME_TRIAL)
            .lasting(20)
            .must(efforts(4, 6), lastEffort(4, 12), secondsAbove(60), settles(5, 12)),
        ride("A kilometre: short efforts, W′ kept", SessionKind.TIME_TRIAL)
            .lasting(66)
            .must(lastEffort(8, 20), secondsAbove(75), settles(8, 15)),
        ride("A pursuit: no minutes above critical power", SessionKind.TIME_TRIAL)
            .lasting(260)
            .must(secondsAbove(90), lastEffort(12, 30)),
        ride("16 km: steps to the day's power", SessionKind.TIME_TRIAL)
            .lasting(24 * 60)
            .must(efforts(3, 6), settles(3, 9)),
        ride("One at 100 % is for sprinters", SessionKind.INTERVALS)
            .like(full())
            .must(secondsAbove(150), noFault()),
        ride("No bike and no room: no quarter of an hour of marching", SessionKind.TIME_TRIAL)
            .at(Place.LIVING_ROOM)
            .withNothing()
            .must(eachRaiseUpTo(240), raise(3, 9), caution("NO_APPARATUS")));
  }

  private static List<Situation> swimming() {
    return List.of(
        swim("Breaststroke is built at a breaststroker's pace", SessionKind.INTERVALS)
            .in(Stroke.BREASTSTROKE)
            .knownFor(new TestResult.SwimPair(Duration.ofSeconds(360), Duration.ofSeconds(172)))
            // 400 m freestyle in 6:00 is 1:30 a 100; a quarter more is 1:52.
            .must(swumSlowerThan(107)),
        swim("A medley: a length of each stroke at its own pace, in order", SessionKind.TIME_TRIAL)
            .over(200)
            .in(Stroke.MEDLEY)
            .must(
                inOrder(
                    "pace-25-butterfly",
                    "pace-25-backstroke",
                    "pace-25-breaststroke",
                    "pace-25-freestyle"),
                eachAtPaceOf(Stroke.MEDLEY),
                noFault()),
        swim("A medley with sore knees leaves the breaststroke out", SessionKind.TIME_TRIAL)
            .over(200)
            .in(Stroke.MEDLEY)
            .is(Severity.SORE, BodyRegion.KNEES)
            .must(not("pace-25-breaststroke"), has("pace-25-butterfly")),
        swim("50 m: parts of a length, long rests", SessionKind.TIME_TRIAL)
            .over(50)
            .must(efforts(2, 5), restBeforeLast(90, 200), settles(7, 13)),
        swim("Behind the blocks: a little of many things", SessionKind.TIME_TRIAL)
            .over(100)
            .within(12)
            .withNothing()
            .at(Place.POOL_DECK)
            .must(raise(1, 4.5), drills(3, 12), noLanding()),
        swim("400 m: as ever", SessionKind.TIME_TRIAL)
            .over(400)
            .must(efforts(3, 5), settles(5, 10), has("easy-swim")));
  }

  private static List<Situation> time() {
    return List.of(
        run("Twenty minutes of waiting stay twenty", SessionKind.TIME_TRIAL)
            .over(5000)
            .within(35)
            .waiting(20)
            .must(settles(20, 22), has("stay-warm"), noFault()),
        run("Forty of forty-five too, and what is missing is said", SessionKind.SPRINT)
            .within(45)
            .waiting(40)
            .must(settles(40, 41), caution("SHORT_FOR_HARD")),
        row("A race after half an hour in the call room", SessionKind.TIME_TRIAL)
            .over(2000)
            .within(60)
            .waiting(30)
            .must(settles(30, 32), caution("LONG_WAIT")),
        run("Five minutes are still worth doing: raise and the build", SessionKind.INTERVALS)
            .within(5)
            .must(raise(2, 4), efforts(1, 3), drills(0, 3)),
        run("An hour to fill is not filled with standing or all of it twice", SessionKind.SPRINT)
            .within(60)
            .filled()
            .must(settles(0, 8.5), repeats(4), raise(8, 21)),
        run("An easy run deserves five minutes, whatever the clock", SessionKind.EASY)
            .within(60)
            .must(shorterThan(8), noBuild()),
        run("The gym's raise is no swim and no ride", SessionKind.GYM)
            .at(Place.GYM)
            .with(Kit.POOL)
            .must(not("easy-swim"), not("pedal-press"), has("warm-up-set")));
  }

  private static List<Situation> weather() {
    return List.of(
        run("Thunder: nobody stays out", SessionKind.INTERVALS)
            .thundering()
            .must(caution("THUNDER"), noBuild(), shorterThan(15)),
        row("Thunder: no boat goes out from the boathouse", SessionKind.INTERVALS)
            .thundering()
            .must(caution("THUNDER")),
        ride("Thunder outside does not matter in the gym", SessionKind.INTERVALS)
            .at(Place.GYM)
            .thundering()
            .must(silent("THUNDER"), efforts(3, 6)),
        run("Air of 180: not outdoors", SessionKind.INTERVALS)
            .airOf(180)
            .must(caution("BAD_AIR"), noBuild()),
        run("Ice: nobody jogs, nobody balances", SessionKind.INTERVALS)
            .on(Surface.SLIPPERY)
            .must(
                not("jog-on-the-spot"),
                not("easy-jog"),
                not("balance-leg-cross"),
                noLanding(),
                caution("ICE_UNDERFOOT")),
        // Wind chill −28: skin freezes in 10 to 30 min (Environment Canada; from memory).
        run("−20 °C and a gale: not outdoors", SessionKind.INTERVALS)
            .degrees(-20)
            .wind(30)
            .must(noBuild(), caution("UNSAFE_OUTDOORS"), raise(0.5, 6)),
        run("The same cold in the gym is no matter", SessionKind.INTERVALS)
            .degrees(18)
            .at(Place.GYM)
            .must(efforts(2, 6), silent("UNSAFE_OUTDOORS")),
        // Heat index of 41 °C: danger; of 54: extreme danger (US NWS; from memory).
        run("35 °C and damp: only easy and short", SessionKind.INTERVALS)
            .degrees(35)
            .humid(60)
            .must(noBuild(), caution("UNSAFE_OUTDOORS"), raise(0.5, 6)),
        run("34 °C and dry: shorter raise", SessionKind.INTERVALS)
            .degrees(34)
            .must(raise(4, 12), efforts(3, 6), caution("HEAT")),
        run("4 °C: a longer raise than at 18", SessionKind.INTERVALS)
            .degrees(4)
            .must(raise(12, 20), caution("LAYERS")));
  }

  private static List<Situation> schools() {
    return List.of(
        run("One at 100 % lifts no novice's cap", SessionKind.SPRINT)
            .by(Level.NOVICE)
            .like(full())
            .must(topBelow(91)),
        run("Capped at 80 %", SessionKind.SPRINT)
            .like(
                new Approach(
                    Approach.First.RAISE,
                    Approach.USUAL.holds(),
                    Approach.USUAL.neck(),
                    Approach.USUAL.balance(),
                    Approach.Top.CAP_80,
                    Approach.USUAL.routine(),
                    Approach.USUAL.support()))
            .must(topBelow(81)),
        run("A complete warm-up finds no fault with itself", SessionKind.SPRINT)
            .by(Level.ADVANCED)
            .must(noFault(), efforts(4, 6), drills(8, 18)));
  }

  private static Approach full() {
    return new Approach(
        Approach.USUAL.first(),
        Approach.USUAL.holds(),
        Approach.USUAL.neck(),
        Approach.USUAL.balance(),
        Approach.Top.FULL,
        Approach.USUAL.routine(),
        Approach.USUAL.support());
  }

  private static Situation run(String says, SessionKind kind) {
    return new Situation(says, Sport.RUN, kind);
  }

  private static Situation ride(String says, SessionKind kind) {
    return new Situation(says, Sport.RIDE, kind);
  }

  private static Situation row(String says, SessionKind kind) {
    return new Situation(says, Sport.ROW, kind);
  }

  private static Situation swim(String says, SessionKind kind) {
    return new Situation(says, Sport.SWIM, kind).in(Stroke.FREESTYLE);
  }

  /** A heavy stretch of 3 to 6 min below critical intensity, ten minutes and more before. */
  private static Must primed(String id) {
    return new Must(
        "is primed by " + id,
        w -> {
          int before = 0;
          for (PlanItem item : w.plan().items()) {
            before += item.seconds();
            if (item.drillId().equals(id)) {
              double points = item.target().orElseThrow().effort().points();
              int after = w.plan().items().stream().mapToInt(PlanItem::seconds).sum() - before;
              return item.dose().seconds() >= 180
                  && item.dose().seconds() <= 360
                  && points > 55
                  && points < Effort.CRITICAL
                  && after >= 600;
            }
          }
          return false;
        });
  }

  private static Must endsWith(String id) {
    return new Must(
        "the build ends with " + id,
        w -> {
          List<PlanItem> build = w.plan().in(WarmUpPart.BUILD);
          return !build.isEmpty() && build.get(build.size() - 1).drillId().equals(id);
        });
  }

  private static Must inOrder(String... ids) {
    return new Must(
        "ends with " + List.of(ids),
        w -> {
          List<String> build =
              w.plan().in(WarmUpPart.BUILD).stream().map(PlanItem::drillId).toList();
          return build.size() >= ids.length
              && build.subList(build.size() - ids.length, build.size()).equals(List.of(ids));
        });
  }

  /** By the ratios of the best times known over 100 m (from memory): fly, back, breast, free. */
  private static Must eachAtPaceOf(Stroke medley) {
    return new Must(
        "each in its own pace of the " + medley.words(),
        w -> {
          double[] slower = {1.08, 1.12, 1.26, 1};
          List<PlanItem> build = w.plan().in(WarmUpPart.BUILD);
          double mean = (1.08 + 1.12 + 1.26 + 1) / 4;
          double top = w.plan().anchors().model().intensityAt(w.plan().demand().buildTop());
          double last = build.get(build.size() - 1).target().orElseThrow().value();
          double fly = build.get(build.size() - 4).target().orElseThrow().value();
          double breast = build.get(build.size() - 2).target().orElseThrow().value();
          return Math.abs(last - top * mean / slower[3]) < 0.01 && breast < fly && fly < last;
        });
  }

  private static Must has(String drillId) {
    return new Must("has " + drillId, w -> items(w).anyMatch(i -> i.drillId().equals(drillId)));
  }

  private static Must not(String drillId) {
    return new Must("no " + drillId, w -> items(w).noneMatch(i -> i.drillId().equals(drillId)));
  }

  private static Must caution(String code) {
    return new Must("says " + code, w -> findings(w).anyMatch(f -> f.code().name().equals(code)));
  }

  private static Must silent(String code) {
    return new Must("no " + code, w -> findings(w).noneMatch(f -> f.code().name().equals(code)));
  }

  private static Must another(String sport) {
    return new Must(
        "proposes to " + sport,
        w ->
            findings(w)
                .filter(f -> f.code().name().equals("ANOTHER_SESSION"))
                .anyMatch(f -> f.what().contains("“" + sport + " ")));
  }

  private static Must says(String words) {
    return new Must(
        "says " + words, w -> w.findings().stream().anyMatch(f -> f.what().startsWith(words)));
  }

  private static Must why(String words) {
    return new Must(
        "because " + words,
        w -> w.plan().demand().why().stream().anyMatch(s -> s.startsWith(words)));
  }

  private static Must noFault() {
    return new Must(
        "no fault of its own",
        w -> findings(w).noneMatch(f -> f.severity().name().equals("FAULT")));
  }

  private static Must allSitting() {
    return new Must(
        "nothing on the feet",
        w ->
            drills(w)
                .filter(d -> d.block() != WarmUpPart.TRANSITION)
                .allMatch(
                    d ->
                        d.position() == Position.SEATED
                            || d.position() == Position.MACHINE
                            || d.position() == Position.WATER
                            || d.regions().stream()
                                .noneMatch(r -> r.compareTo(BodyRegion.GLUTES) <= 0)));
  }

  private static Must noLanding() {
    return new Must("no contacts", w -> w.plan().contacts() == 0);
  }

  private static Must noContactsIn(WarmUpPart part) {
    return new Must(
        "no contacts in " + part,
        w ->
            w.plan().in(part).stream()
                .flatMap(i -> w.plan().drill(i).stream())
                .allMatch(d -> d.contacts() == 0));
  }

  private static Must moves(BodyRegion region) {
    return new Must(
        "moves the " + region.words(),
        w ->
            w.plan().in(WarmUpPart.MOBILISE).stream()
                .flatMap(i -> w.plan().drill(i).stream())
                .anyMatch(d -> d.works(region)));
  }

  private static Must untouched(BodyRegion region, Way... ways) {
    return new Must(
        region.words() + " not " + List.of(ways),
        w -> drills(w).noneMatch(d -> Stream.of(ways).anyMatch(way -> d.works(region, way))));
  }

  private static Must noBuild() {
    return new Must("no build", w -> w.plan().in(WarmUpPart.BUILD).isEmpty());
  }

  private static Must efforts(int least, int most) {
    return new Must(
        least + " to " + most + " efforts",
        w -> isBetween(w.plan().in(WarmUpPart.BUILD).size(), least, most));
  }

  private static Must effortsLast(int least, int most) {
    return new Must(
        "efforts of " + least + " to " + most + " s",
        w ->
            w.plan().in(WarmUpPart.BUILD).stream()
                .allMatch(i -> isBetween(i.dose().seconds(), least, most)));
  }

  private static Must lastEffort(int least, int most) {
    return new Must(
        "a last effort of " + least + " to " + most + " s",
        w -> isBetween(last(w).dose().seconds(), least, most));
  }

  private static Must restBeforeLast(int least, int most) {
    return new Must(
        "a rest of " + least + " to " + most + " s before the last",
        w -> {
          List<PlanItem> build = w.plan().in(WarmUpPart.BUILD);
          return isBetween(build.get(build.size() - 2).recovery().seconds(), least, most);
        });
  }

  private static Must secondsAbove(int most) {
    return new Must(
        "at most " + most + " s above critical, and 60 % of the reserve kept",
        w -> {
          int above =
              w.plan().in(WarmUpPart.BUILD).stream()
                  .filter(i -> points(i) > Effort.CRITICAL)
                  .mapToInt(i -> i.dose().seconds())
                  .sum();
          return above <= most;
        });
  }

  private static Must settles(double least, double most) {
    return new Must(
        least + " to " + most + " min to the start",
        w ->
            isBetween(PlanItem.seconds(w.plan().in(WarmUpPart.TRANSITION)), 60 * least, 60 * most));
  }

  private static Must raise(double least, double most) {
    return new Must(
        "a raise of " + least + " to " + most + " min",
        w ->
            isBetween(
                w.plan().in(WarmUpPart.RAISE).stream().mapToInt(i -> i.dose().seconds()).sum(),
                60 * least,
                60 * most));
  }

  private static Must eachRaiseUpTo(int seconds) {
    return new Must(
        "nothing dull for more than " + seconds + " s",
        w -> w.plan().in(WarmUpPart.RAISE).stream().allMatch(i -> i.dose().seconds() <= seconds));
  }

  private static Must drills(int least, int most) {
    return new Must(
        least + " to " + most + " drills",
        w -> isBetween((int) items(w).filter(i -> i.block().isChosen()).count(), least, most));
  }

  private static Must repeats(int most) {
    return new Must(
        "at most " + most + " twice", w -> items(w).filter(PlanItem::isRepeat).count() <= most);
  }

  private static Must shorterThan(int minutes) {
    return new Must("under " + minutes + " min", w -> w.plan().seconds() < 60 * minutes);
  }

  private static Must topBelow(int percent) {
    return new Must(
        "no more than " + percent + " % of the top",
        w ->
            w.plan().in(WarmUpPart.BUILD).stream()
                .flatMap(i -> i.target().stream())
                .allMatch(t -> t.percentOfTop() <= percent));
  }

  private static Must topSpeedBelow(double metresASecond) {
    return new Must(
        "a top speed below " + metresASecond + " m/s",
        w -> w.plan().anchors().model().top() < metresASecond);
  }

  private static Must slowerThan(int secondsAKilometre) {
    return new Must(
        "nothing faster than " + secondsAKilometre + " s/km",
        w ->
            w.plan().in(WarmUpPart.BUILD).stream()
                .flatMap(i -> i.target().stream())
                .allMatch(
                    t -> t.metric() == TargetMetric.PACE && 1000 / t.value() >= secondsAKilometre));
  }

  private static Must swumSlowerThan(int secondsAHundred) {
    return new Must(
        "nothing faster than " + secondsAHundred + " s/100 m",
        w ->
            w.plan().in(WarmUpPart.BUILD).stream()
                .flatMap(i -> i.target().stream())
                .allMatch(t -> 100 / t.value() >= secondsAHundred));
  }

  private static Must contactsUpTo(int most) {
    return new Must("at most " + most + " contacts", w -> w.plan().contacts() <= most);
  }

  private static Must allOf(WarmUpPart part, TargetMetric metric) {
    return new Must(
        part + " in " + metric,
        w ->
            w.plan().in(part).stream()
                .allMatch(i -> i.target().filter(t -> t.metric() == metric).isPresent()));
  }

  private static Must ratesUpTo(int least, int most) {
    return new Must(
        "the highest rate " + least + " to " + most,
        w ->
            isBetween(
                w.plan().in(WarmUpPart.BUILD).stream()
                    .flatMap(i -> i.target().stream())
                    .mapToInt(t -> t.ratePerMinute())
                    .max()
                    .orElse(0),
                least,
                most));
  }

  private static Must stepsUpTo(String drillId, double points) {
    return new Must(
        drillId + " up to " + points,
        w ->
            w.plan().in(WarmUpPart.BUILD).stream()
                .filter(i -> i.drillId().equals(drillId))
                .allMatch(i -> points(i) <= points));
  }

  /** Work a stroke is power over rate; of the race as it is raced at rate 30. */
  private static Must workAStroke(double most) {
    return new Must(
        "work a stroke at most " + most + " of the race's",
        w -> {
          double race = last(w).target().orElseThrow().value() / 30;
          return w.plan().in(WarmUpPart.BUILD).stream()
              .flatMap(i -> i.target().stream())
              .allMatch(t -> t.value() / t.ratePerMinute() <= most * race);
        });
  }

  private static boolean isBetween(double value, double least, double most) {
    return value >= least && value <= most;
  }

  private static PlanItem last(WarmUp warmUp) {
    List<PlanItem> build = warmUp.plan().in(WarmUpPart.BUILD);
    return build.get(build.size() - 1);
  }

  private static double points(PlanItem item) {
    return item.target().map(t -> t.effort().points()).orElse(0.0);
  }

  private static Stream<PlanItem> items(WarmUp warmUp) {
    return warmUp.plan().items().stream();
  }

  private static Stream<Drill> drills(WarmUp warmUp) {
    Plan plan = warmUp.plan();
    return plan.items().stream().flatMap(i -> plan.drill(i).stream());
  }

  private static Stream<Finding> findings(WarmUp warmUp) {
    return warmUp.findings().stream();
  }
}
