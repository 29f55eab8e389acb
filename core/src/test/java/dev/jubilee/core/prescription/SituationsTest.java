package dev.jubilee.core.prescription;

import static dev.jubilee.core.prescription.Must.allOf;
import static dev.jubilee.core.prescription.Must.allSitting;
import static dev.jubilee.core.prescription.Must.another;
import static dev.jubilee.core.prescription.Must.caution;
import static dev.jubilee.core.prescription.Must.contactsUpTo;
import static dev.jubilee.core.prescription.Must.drills;
import static dev.jubilee.core.prescription.Must.eachAtPaceOf;
import static dev.jubilee.core.prescription.Must.eachRaiseUpTo;
import static dev.jubilee.core.prescription.Must.efforts;
import static dev.jubilee.core.prescription.Must.effortsLast;
import static dev.jubilee.core.prescription.Must.endsAt;
import static dev.jubilee.core.prescription.Must.endsWith;
import static dev.jubilee.core.prescription.Must.has;
import static dev.jubilee.core.prescription.Must.inOrder;
import static dev.jubilee.core.prescription.Must.indoors;
import static dev.jubilee.core.prescription.Must.lastEffort;
import static dev.jubilee.core.prescription.Must.moves;
import static dev.jubilee.core.prescription.Must.namesOnlyWhatItMoves;
import static dev.jubilee.core.prescription.Must.neverFalls;
import static dev.jubilee.core.prescription.Must.neverReady;
import static dev.jubilee.core.prescription.Must.noBuild;
import static dev.jubilee.core.prescription.Must.noContactsIn;
import static dev.jubilee.core.prescription.Must.noFault;
import static dev.jubilee.core.prescription.Must.noLanding;
import static dev.jubilee.core.prescription.Must.noRunBeyond;
import static dev.jubilee.core.prescription.Must.not;
import static dev.jubilee.core.prescription.Must.notFresh;
import static dev.jubilee.core.prescription.Must.notWhy;
import static dev.jubilee.core.prescription.Must.onTheBelt;
import static dev.jubilee.core.prescription.Must.oneAfterAnother;
import static dev.jubilee.core.prescription.Must.primed;
import static dev.jubilee.core.prescription.Must.raise;
import static dev.jubilee.core.prescription.Must.ratesUpTo;
import static dev.jubilee.core.prescription.Must.repeatsWhatStands;
import static dev.jubilee.core.prescription.Must.restBeforeLast;
import static dev.jubilee.core.prescription.Must.rises;
import static dev.jubilee.core.prescription.Must.says;
import static dev.jubilee.core.prescription.Must.secondsAbove;
import static dev.jubilee.core.prescription.Must.settles;
import static dev.jubilee.core.prescription.Must.shorterThan;
import static dev.jubilee.core.prescription.Must.silent;
import static dev.jubilee.core.prescription.Must.slowerThan;
import static dev.jubilee.core.prescription.Must.stepsUpTo;
import static dev.jubilee.core.prescription.Must.straightOnAfterTheWay;
import static dev.jubilee.core.prescription.Must.swumSlowerThan;
import static dev.jubilee.core.prescription.Must.topBelow;
import static dev.jubilee.core.prescription.Must.topSpeedBelow;
import static dev.jubilee.core.prescription.Must.untouched;
import static dev.jubilee.core.prescription.Must.why;
import static dev.jubilee.core.prescription.Must.workAStroke;
import static dev.jubilee.core.prescription.Situation.ride;
import static dev.jubilee.core.prescription.Situation.row;
import static dev.jubilee.core.prescription.Situation.run;
import static dev.jubilee.core.prescription.Situation.swim;
import static dev.jubilee.core.prescription.Situation.written;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.approach.ApproachBuilder;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.athlete.ResultConditions;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions.Surface;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.circumstances.Transfer;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import dev.jubilee.core.sport.TargetMetric;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Situations as a coach would tell them, and what must and must not be in the warm-up. All of it is
 * common practice; where a figure is published it is named.
 */
class SituationsTest {

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
    situation.check();
  }

  private static List<Situation> bodies() {
    return List.of(
        run("At 15 the last efforts before 800 m are at her own pace", SessionKind.TIME_TRIAL)
            .over(800)
            .aged(15)
            .knownFor(TestResult.RunRace.of(800, Duration.ofSeconds(148)))
            .must(allOf(WarmUpPart.BUILD, TargetMetric.PACE), efforts(3, 4)),
        run("A heavy front squat is climbed to in five sets", SessionKind.GYM)
            .at(Place.GYM)
            .within(40)
            .must(efforts(5, 5), neverFalls()),
        written(Sport.RUN, "Front squat 5 x 3, bench press 3 x 8")
            .at(Place.GYM)
            .within(40)
            .must(moves(BodyRegion.WRISTS), why("The bar in the front rack"), efforts(5, 5)),
        written(Sport.RUN, "Goblet squats and planks")
            .at(Place.GYM)
            .must(notWhy("The bar"), efforts(3, 5)),
        run("A sore Achilles walks: no jog, no backpedal, no hops", SessionKind.INTERVALS)
            .is(Severity.SORE, BodyRegion.ACHILLES)
            .must(not("easy-jog"), not("backpedal"), noLanding(), caution("SORE"), another("ride")),
        run(
                "A quarter of an hour after an all-out nine minutes nobody is fresh",
                SessionKind.TIME_TRIAL)
            .over(1500)
            .after(
                PriorExercise.Kind.SESSION,
                PriorExercise.Movement.RUNNING,
                PriorExercise.Hardness.ALL_OUT,
                9,
                15)
            .within(12)
            .must(notFresh(), efforts(0, 2), shorterThan(13)),
        run("A sore Achilles is loaded slowly, on an easy day too", SessionKind.EASY)
            .is(Severity.SORE, BodyRegion.ACHILLES)
            .with(Kit.STEP)
            .within(20)
            .must(has("calf-raise-two"), not("triple-extension-wall"), noLanding()),
        run("Sore hamstrings before 6 x 60 m: nothing that folds the leg fast", SessionKind.SPRINT)
            .over(60)
            .is(Severity.SORE, BodyRegion.HAMSTRINGS)
            .must(not("a-run"), not("fast-feet-ankle"), topBelow(76), caution("ANOTHER_SESSION")),
        run("A painful knee drives off no wall", SessionKind.THRESHOLD)
            .is(Severity.HURT, BodyRegion.KNEES)
            .must(not("triple-extension-wall"), not("squat-partial"), another("swim")),
        run("Fourteen children play and listen to little", SessionKind.SPRINT)
            .over(60)
            .aged(10)
            .by(Level.NOVICE)
            .within(15)
            .together(14)
            .must(has("tag"), drills(1, 3), contactsUpTo(30), topBelow(86)),
        run("A child alone has no game of tag", SessionKind.INTERVALS)
            .aged(9)
            .by(Level.NOVICE)
            .must(has("shuttle-game"), not("tag"), drills(1, 3)),
        row("A pregnant rower lies on neither side of her", SessionKind.INTERVALS)
            .told(HealthCondition.PREGNANCY)
            .must(not("prone-raise-reach"), not("bridge-two"), not("roll-quads")),
        run("At 72 nothing stands free on one leg, in any part", SessionKind.INTERVALS)
            .aged(72)
            .by(Level.ADVANCED)
            .must(not("balance-leg-cross"), not("lunge-knee-drive"), not("calf-raise-single")),
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
            .knownFor(TestResult.RunRace.of(5000, Duration.ofMinutes(42)))
            .must(not("easy-jog"), has("run-walk")),
        run("Back after a lay-off: the easier rung everywhere", SessionKind.INTERVALS)
            .backAfterALayOff()
            .must(not("easy-jog"), noContactsIn(WarmUpPart.ACTIVATE), topBelow(92)));
  }

  private static List<Situation> barriers() {
    return List.of(
        run("Decathlete, from bed: the ladder, then fast drills, then starts", SessionKind.HURDLES)
            .over(110)
            .by(Level.ADVANCED)
            .comingFrom(ComingFrom.BED)
            .degrees(12)
            .with(Kit.HURDLES)
            .within(50)
            .must(
                oneAfterAnother(
                    "hurdle-walk-forward", "hurdle-trail-walking", "barrier-beside", "a-run"),
                inOrder("build-up-run", "build-up-hurdles", "start-hurdles"),
                restBeforeLast(120, 320),
                noFault()),
        run("Before jumps landings come first", SessionKind.JUMPS)
            .at(Place.GYM)
            .within(40)
            // Half of a session's 110 (Potach & Chu, NSCA Essentials; half is common practice).
            .must(
                oneAfterAnother("jump-and-stick", "line-leaps", "approach-jump"),
                contactsUpTo(55),
                noFault()),
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
            .must(raise(10, 20), rises(4), caution("HEALTH"), noFault()),
        row("With asthma rises in the boat as well", SessionKind.INTERVALS)
            .told(HealthCondition.ASTHMA)
            .must(raise(10, 20), rises(4), noFault()),
        run("With asthma air of 120 is too much for hard work", SessionKind.INTERVALS)
            .told(HealthCondition.ASTHMA)
            .airOf(120)
            .must(caution("BAD_AIR"), indoors(Place.GYM), noFault()),
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
            .must(noBuild(), not("easy-jog"), shorterThan(8), neverReady(), caution("HEALTH")),
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
                endsWith("standing-start-run"),
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
            .knownFor(TestResult.RunRace.of(5000, Duration.ofMinutes(18)))
            .knownFor(new TestResult.Sprint(Sport.RUN, 8.4, ResultConditions.UNKNOWN))
            .must(allOf(WarmUpPart.BUILD, TargetMetric.PACE)),
        run("One that was not is a share of the top", SessionKind.SPRINT)
            .must(allOf(WarmUpPart.BUILD, TargetMetric.FEEL)),
        run("No distance runner is taken to sprint at 10 m/s", SessionKind.SPRINT)
            .knownFor(TestResult.RunRace.of(5000, Duration.ofMinutes(14)))
            .by(Level.ADVANCED)
            .must(topSpeedBelow(9.2)));
  }

  private static List<Situation> rowing() {
    return List.of(
        written(Sport.ROW, "3 x 10 min @ 2:05 / 3 min")
            .knownFor(TestResult.Row2k.of(Duration.ofMinutes(7)))
            .knownFor(
                new TestResult.RowPiece(6000, Duration.ofSeconds(1355), ResultConditions.UNKNOWN))
            .must(endsAt(179), neverFalls(), efforts(3, 5)),
        written(Sport.ROW, "8 x 250 m all out r34 / 2 min")
            .knownFor(TestResult.Row2k.of(Duration.ofMinutes(7)))
            .must(ratesUpTo(34, 34), has("race-tens-row")),
        written(Sport.ROW, "2 x 20 min r20 / 5 min").must(noBuild(), shorterThan(10)),
        row("After firm minutes no step goes back below them", SessionKind.TIME_TRIAL)
            .over(1000)
            .within(60)
            .must(has("priming-row"), neverFalls()),
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
        written(Sport.RIDE, "6 x 2 min fast / 2 min")
            .knownFor(TestResult.ThresholdPower.of(250))
            .within(40)
            .must(endsAt(350), efforts(3, 5), neverFalls()),
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
            .knownFor(TestResult.SwimPair.of(Duration.ofSeconds(360), Duration.ofSeconds(172)))
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
        swim("Behind the blocks a quarter of an hour after the pool", SessionKind.TIME_TRIAL)
            .in(Stroke.BREASTSTROKE)
            .over(100)
            .within(7)
            .withNothing()
            .at(Place.POOL_DECK)
            .after(
                PriorExercise.Kind.WARM_UP,
                PriorExercise.Movement.SWIMMING,
                PriorExercise.Hardness.HARD,
                25,
                15)
            .must(
                eachRaiseUpTo(60),
                efforts(2, 2),
                moves(BodyRegion.ADDUCTORS),
                moves(BodyRegion.SHOULDERS),
                noLanding()),
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
        run("An hour to fill: what is done standing once more, shorter", SessionKind.SPRINT)
            .within(60)
            .filled()
            .must(settles(0, 8.5), repeatsWhatStands(), raise(8, 21)),
        row("A rower's hour: floor work is not repeated", SessionKind.TIME_TRIAL)
            .over(2000)
            .within(60)
            .filled()
            .must(settles(0, 8.5), repeatsWhatStands()),
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
            .must(caution("THUNDER"), indoors(Place.GYM), noFault()),
        swim("Thunder: out of the water", SessionKind.INTERVALS)
            .thundering()
            .must(caution("THUNDER"), not("easy-swim"), noFault()),
        row("Thunder: no boat goes out from the boathouse", SessionKind.INTERVALS)
            .thundering()
            .must(caution("THUNDER")),
        ride("Thunder outside does not matter in the gym", SessionKind.INTERVALS)
            .at(Place.GYM)
            .thundering()
            .must(silent("THUNDER"), efforts(3, 6)),
        run("Air of 180: not outdoors", SessionKind.INTERVALS)
            .airOf(180)
            .must(caution("BAD_AIR"), indoors(Place.GYM), noFault()),
        run("Ice: the warm-up is indoors", SessionKind.INTERVALS)
            .on(Surface.SLIPPERY)
            .must(indoors(Place.GYM), caution("ICE_UNDERFOOT")),
        // Wind chill −28: skin freezes in 10 to 30 min (Environment Canada; from memory).
        run("−20 °C and a gale: not outdoors", SessionKind.INTERVALS)
            .degrees(-20)
            .wind(30)
            .must(indoors(Place.GYM), caution("UNSAFE_OUTDOORS"), noFault()),
        run("The same cold in the gym is no matter", SessionKind.INTERVALS)
            .degrees(18)
            .at(Place.GYM)
            .must(efforts(2, 6), silent("UNSAFE_OUTDOORS")),
        // Heat index of 41 °C: danger; of 54: extreme danger (US NWS; from memory).
        run("35 °C and damp: not outdoors", SessionKind.INTERVALS)
            .degrees(35)
            .humid(60)
            .must(indoors(Place.GYM), caution("UNSAFE_OUTDOORS"), noFault()),
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
            .must(topBelow(91), notWhy("Your approach: one effort at full speed")),
        run("Capped at 80 %", SessionKind.SPRINT)
            .like(
                ApproachBuilder.builder(Approach.USUAL)
                    .first(Approach.First.RAISE)
                    .holds(Approach.USUAL.holds())
                    .neck(Approach.USUAL.neck())
                    .balance(Approach.USUAL.balance())
                    .top(Approach.Top.CAP_80)
                    .routine(Approach.USUAL.routine())
                    .support(Approach.USUAL.support())
                    .build())
            .must(topBelow(81)),
        ride("Hill repeats from the living room, the bike outside, 4 °C", SessionKind.INTERVALS)
            .lasting(240)
            .degrees(4)
            .at(Place.ROAD)
            .with(Kit.BIKE)
            .first(
                Place.LIVING_ROOM,
                Set.of(Kit.SUPPORT),
                20,
                12,
                new Transfer(Transfer.Means.CHANGE, 2))
            .must(straightOnAfterTheWay(), caution("LAYERS"), efforts(3, 5)),
        written(Sport.RUN, "8 x 10 s hill sprints / 2 min")
            .at(Place.GYM)
            .with(Kit.TREADMILL)
            .onASlopeOf(8)
            .within(30)
            .must(
                onTheBelt(8),
                efforts(4, 5),
                effortsLast(8, 10),
                restBeforeLast(100, 320),
                silent("NO_ROOM_TO_RUN")),
        run("On a belt the flat is run at 1 % (Jones & Doust 1996)", SessionKind.INTERVALS)
            .at(Place.LIVING_ROOM)
            .with(Kit.TREADMILL)
            .must(onTheBelt(1), efforts(4, 4), neverFalls(), noFault()),
        run("Sore calves: no climb on the belt", SessionKind.INTERVALS)
            .at(Place.GYM)
            .with(Kit.TREADMILL)
            .onASlopeOf(8)
            .is(Severity.SORE, BodyRegion.CALVES)
            .must(has("treadmill-stride"), not("treadmill-climb")),
        written(Sport.RUN, "6 x 800 / 2 min jog")
            .at(Place.GYM)
            .degrees(18)
            .within(20)
            .inALaneOf(25)
            .must(efforts(3, 5), noRunBeyond(18), caution("NO_ROOM_TO_RUN")),
        run("A novice back after a lay-off, 12 min", SessionKind.EASY)
            .by(Level.NOVICE)
            .backAfterALayOff()
            .within(12)
            .must(has("run-walk"), not("walking-lunge"), not("walking-lunge-reach")),
        run("From a desk to a tempo run in 6 min", SessionKind.THRESHOLD)
            .comingFrom(ComingFrom.DESK)
            .within(6)
            .must(
                namesOnlyWhatItMoves("Straight from a desk", DESK),
                moves(BodyRegion.HIP_FLEXORS),
                moves(BodyRegion.GLUTES),
                efforts(2, 2)),
        run("Stiff ankles, twelve minutes: moved, then loaded", SessionKind.INTERVALS)
            .is(Severity.STIFF, BodyRegion.ANKLES)
            .within(12)
            .must(moves(BodyRegion.ANKLES), has("triple-extension-wall"), efforts(3, 4)),
        ride("No bike until the line, two hours in the car", SessionKind.TIME_TRIAL)
            .lasting(3600)
            .at(Place.CAR_PARK)
            .withNothing()
            .degrees(5)
            .comingFrom(ComingFrom.LONG_DRIVE)
            .must(
                moves(BodyRegion.WRISTS),
                moves(BodyRegion.MID_BACK),
                moves(BodyRegion.CHEST),
                moves(BodyRegion.HIP_FLEXORS),
                why("Without the bike before the start")),
        run("Ten fast 400s four hours after an easy hour: the full routine", SessionKind.INTERVALS)
            .after(
                PriorExercise.Kind.SESSION,
                PriorExercise.Movement.RUNNING,
                PriorExercise.Hardness.EASY,
                60,
                240)
            .must(raise(10, 15), efforts(4, 4), notWhy("After 60 min")),
        run("From a desk to a tempo run in 45 min", SessionKind.THRESHOLD)
            .comingFrom(ComingFrom.DESK)
            .within(45)
            .must(why("Straight from a desk"), namesOnlyWhatItMoves("Straight from a desk", DESK)),
        run("A complete warm-up finds no fault with itself", SessionKind.SPRINT)
            .by(Level.ADVANCED)
            .must(noFault(), efforts(4, 6), drills(8, 18)));
  }

  private static final Set<BodyRegion> DESK =
      Set.of(BodyRegion.HIP_FLEXORS, BodyRegion.GLUTES, BodyRegion.CHEST, BodyRegion.SHOULDERS);

  private static Approach full() {
    return ApproachBuilder.builder(Approach.USUAL)
        .first(Approach.USUAL.first())
        .holds(Approach.USUAL.holds())
        .neck(Approach.USUAL.neck())
        .balance(Approach.USUAL.balance())
        .top(Approach.Top.FULL)
        .routine(Approach.USUAL.routine())
        .support(Approach.USUAL.support())
        .build();
  }
}
