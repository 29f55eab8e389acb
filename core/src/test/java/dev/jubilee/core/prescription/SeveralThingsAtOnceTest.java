package dev.jubilee.core.prescription;

import static dev.jubilee.core.prescription.Must.another;
import static dev.jubilee.core.prescription.Must.caution;
import static dev.jubilee.core.prescription.Must.contactsUpTo;
import static dev.jubilee.core.prescription.Must.drills;
import static dev.jubilee.core.prescription.Must.eachRaiseUpTo;
import static dev.jubilee.core.prescription.Must.efforts;
import static dev.jubilee.core.prescription.Must.effortsLast;
import static dev.jubilee.core.prescription.Must.has;
import static dev.jubilee.core.prescription.Must.indoors;
import static dev.jubilee.core.prescription.Must.lastEffort;
import static dev.jubilee.core.prescription.Must.minutesInWater;
import static dev.jubilee.core.prescription.Must.moves;
import static dev.jubilee.core.prescription.Must.noBuild;
import static dev.jubilee.core.prescription.Must.noContactsIn;
import static dev.jubilee.core.prescription.Must.noFault;
import static dev.jubilee.core.prescription.Must.noLanding;
import static dev.jubilee.core.prescription.Must.nobodyOnTheFloor;
import static dev.jubilee.core.prescription.Must.not;
import static dev.jubilee.core.prescription.Must.nothingAboveCritical;
import static dev.jubilee.core.prescription.Must.raise;
import static dev.jubilee.core.prescription.Must.ratesUpTo;
import static dev.jubilee.core.prescription.Must.restBeforeLast;
import static dev.jubilee.core.prescription.Must.secondsAbove;
import static dev.jubilee.core.prescription.Must.settles;
import static dev.jubilee.core.prescription.Must.shorterThan;
import static dev.jubilee.core.prescription.Must.silent;
import static dev.jubilee.core.prescription.Must.slowerThan;
import static dev.jubilee.core.prescription.Must.swumSlowerThan;
import static dev.jubilee.core.prescription.Must.topBelow;
import static dev.jubilee.core.prescription.Must.untouched;
import static dev.jubilee.core.prescription.Situation.ride;
import static dev.jubilee.core.prescription.Situation.row;
import static dev.jubilee.core.prescription.Situation.run;
import static dev.jubilee.core.prescription.Situation.swim;

import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions.Surface;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.circumstances.PriorExercise.Hardness;
import dev.jubilee.core.circumstances.PriorExercise.Kind;
import dev.jubilee.core.circumstances.PriorExercise.Movement;
import dev.jubilee.core.circumstances.Transfer;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Stroke;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Days as they come, two and three things at once: a body, a race, a place and an hour, and what a
 * coach would insist on. Common practice throughout; written from what coaches say, before anybody
 * looked at what was prescribed.
 */
class SeveralThingsAtOnceTest {

  static Stream<Situation> situations() {
    return Stream.of(
            ages(), bodies(), health(), places(), weather(), carryOver(), stages(), lengths())
        .flatMap(List::stream);
  }

  @ParameterizedTest
  @MethodSource("situations")
  void isPreparedAsACoachWould(Situation situation) {
    situation.check();
  }

  private static List<Situation> ages() {
    return List.of(
        run("Seventy, before a 5 km: long to warm, few landings, no sprint", SessionKind.TIME_TRIAL)
            .over(5000)
            .aged(70)
            .knownFor(TestResult.RunRace.of(5000, Duration.ofMinutes(26)))
            // 26 min is 5:12 a kilometre.
            .must(
                raise(11, 18),
                contactsUpTo(20),
                not("leg-swings-free"),
                efforts(3, 6),
                slowerThan(4 * 60 + 40)),
        swim("Ten years old, first 50 m race: short, and nothing all out", SessionKind.TIME_TRIAL)
            .over(50)
            .aged(10)
            .by(Level.NOVICE)
            .must(topBelow(86), raise(2, 9), noLanding(), noFault()),
        run("Thirteen, heels sore, 1500 m: the heels decide", SessionKind.TIME_TRIAL)
            .over(1500)
            .aged(13)
            .is(Severity.SORE, BodyRegion.ACHILLES)
            .must(noLanding(), topBelow(86), not("easy-jog"), caution("SORE")),
        row("Sixty-five, 5 km on the machine, diabetes", SessionKind.TIME_TRIAL)
            .over(5000)
            .aged(65)
            .told(HealthCondition.DIABETES)
            .must(raise(10, 18), efforts(3, 7), noLanding(), caution("HEALTH"), noFault()),
        swim("Twelve, on the wet deck, sprints: nothing fast on tiles", SessionKind.SPRINT)
            .aged(12)
            .by(Level.NOVICE)
            .must(noLanding(), not("a-skip"), not("high-knees"), topBelow(86)),
        ride("Eighty and riding threshold: small steps, no openers", SessionKind.THRESHOLD)
            .aged(80)
            .by(Level.NOVICE)
            .must(raise(9, 18), not("opener-ride"), noLanding(), noFault()));
  }

  private static List<Situation> bodies() {
    return List.of(
        run("A sprinter whose hamstrings are stiff, not sore", SessionKind.SPRINT)
            .by(Level.ADVANCED)
            .is(Severity.STIFF, BodyRegion.HAMSTRINGS)
            .must(moves(BodyRegion.HAMSTRINGS), efforts(4, 6), has("build-up-run"), noFault()),
        run("Stiff ankles before hurdles: opened first", SessionKind.HURDLES)
            .by(Level.ADVANCED)
            .with(Kit.HURDLES)
            .is(Severity.STIFF, BodyRegion.ANKLES)
            .must(moves(BodyRegion.ANKLES), noContactsIn(WarmUpPart.ACTIVATE), efforts(3, 6)),
        ride("Out of the car, hips tight, half an hour all out", SessionKind.TIME_TRIAL)
            .lasting(1800)
            .comingFrom(ComingFrom.LONG_DRIVE)
            .is(Severity.STIFF, BodyRegion.HIP_FLEXORS)
            .must(moves(BodyRegion.HIP_FLEXORS), efforts(3, 6), noFault()),
        row("A right shoulder that hurts, and a 2 km: not on the machine", SessionKind.TIME_TRIAL)
            .over(2000)
            .is(Severity.HURT, Side.RIGHT, BodyRegion.SHOULDERS)
            .must(noBuild(), not("easy-row"), another("run"), not("push-up-full")),
        swim("A hurt ankle in the water neither kicks nor drags", SessionKind.INTERVALS)
            .is(Severity.HURT, BodyRegion.ANKLES)
            .must(not("swim-kick"), not("ankle-drags"), noLanding(), caution("HURT")),
        ride("Sore thighs the day after hills, an easy ride", SessionKind.EASY)
            .is(Severity.SORE, BodyRegion.QUADRICEPS)
            .must(
                noBuild(),
                caution("SORE"),
                untouched(BodyRegion.QUADRICEPS, Way.BALLISTIC, Way.LANDING, Way.ECCENTRIC)),
        run("Two sore places and a stiff one before threshold", SessionKind.THRESHOLD)
            .is(Severity.SORE, BodyRegion.CALVES)
            .is(Severity.SORE, BodyRegion.QUADRICEPS)
            .is(Severity.STIFF, BodyRegion.LOWER_BACK)
            .must(
                noLanding(),
                has("walk"),
                moves(BodyRegion.LOWER_BACK),
                untouched(BodyRegion.CALVES, Way.BALLISTIC, Way.LANDING, Way.ECCENTRIC)),
        ride("A sore neck and forty minutes in the aero position", SessionKind.TIME_TRIAL)
            .lasting(2400)
            .is(Severity.SORE, BodyRegion.NECK)
            .must(
                untouched(BodyRegion.NECK, Way.END_RANGE, Way.BALLISTIC),
                efforts(3, 6),
                caution("SORE")),
        swim("Wrists that hurt carry nobody", SessionKind.SPRINT)
            .is(Severity.HURT, BodyRegion.WRISTS)
            .must(
                not("push-up-full"),
                not("push-up-kneeling"),
                not("shoulder-taps"),
                not("wrist-push-ups"),
                not("walk-out")),
        swim("200 m butterfly with sore shoulders is not built up", SessionKind.TIME_TRIAL)
            .over(200)
            .in(Stroke.BUTTERFLY)
            .is(Severity.SORE, BodyRegion.SHOULDERS)
            .must(noBuild(), not("swim-fast-arms"), caution("ANOTHER_SESSION")),
        run("A hurt foot, a desk, intervals: nobody runs, and that is said", SessionKind.INTERVALS)
            .is(Severity.HURT, Side.LEFT, BodyRegion.FEET)
            .comingFrom(ComingFrom.DESK)
            .must(
                noBuild(),
                noLanding(),
                not("walking-lunge-reach"),
                not("leg-swings-free"),
                not("triple-extension-wall"),
                caution("ANOTHER_SESSION")),
        run("A stiff lower back before squats", SessionKind.GYM)
            .at(Place.GYM)
            .is(Severity.STIFF, BodyRegion.LOWER_BACK)
            .must(moves(BodyRegion.LOWER_BACK), has("warm-up-set"), noFault()));
  }

  private static List<Situation> health() {
    return List.of(
        swim("Asthma in the pool: easy and long before it gets hard", SessionKind.INTERVALS)
            .told(HealthCondition.ASTHMA)
            .must(raise(8, 18), caution("HEALTH"), efforts(2, 6), noFault()),
        swim("Pregnant in the pool: by talk, and no dives", SessionKind.INTERVALS)
            .told(HealthCondition.PREGNANCY)
            .must(not("swim-starts"), noLanding(), nothingAboveCritical(), caution("HEALTH")),
        row("Pregnant, an easy row", SessionKind.EASY)
            .told(HealthCondition.PREGNANCY)
            .must(noBuild(), noLanding(), caution("HEALTH")),
        ride("Heart disease and 31 °C: gradual, never hard, the heat told", SessionKind.THRESHOLD)
            .told(HealthCondition.HEART_DISEASE)
            .degrees(31)
            .must(nothingAboveCritical(), caution("HEALTH"), caution("HEAT"), raise(6, 15)),
        run("Raised blood pressure in the gym: nothing held hard", SessionKind.GYM)
            .at(Place.GYM)
            .told(HealthCondition.RAISED_BLOOD_PRESSURE)
            .must(not("pedal-press"), not("mountain-climber-switch"), caution("HEALTH")),
        swim("Epilepsy and open water", SessionKind.LONG)
            .at(Place.BEACH)
            .told(HealthCondition.EPILEPSY)
            .must(caution("HEALTH"), noBuild()));
  }

  private static List<Situation> places() {
    return List.of(
        run("A hotel room before a marathon", SessionKind.TIME_TRIAL)
            .over(42_195)
            .at(Place.HOTEL_ROOM)
            .within(20)
            .must(noLanding(), shorterThan(14), eachRaiseUpTo(300), noBuild()),
        run(
                "Stairs and intervals: nothing dull for long, nothing lying down",
                SessionKind.INTERVALS)
            .at(Place.STAIRS)
            .must(nobodyOnTheFloor(), eachRaiseUpTo(300), noFault()),
        run("10 km from a trail, with nothing: nobody lies down", SessionKind.TIME_TRIAL)
            .over(10_000)
            .at(Place.TRAIL)
            .withNothing()
            .must(nobodyOnTheFloor(), efforts(3, 5), raise(8, 16), settles(3, 8.5), noFault()),
        ride("A flying 200 m on the velodrome", SessionKind.TIME_TRIAL)
            .lasting(11)
            .by(Level.ADVANCED)
            .at(Place.VELODROME)
            .must(efforts(3, 6), lastEffort(4, 10), secondsAbove(60), settles(5, 12)),
        swim("1500 m from the beach: in the water, no walls", SessionKind.TIME_TRIAL)
            .over(1500)
            .at(Place.BEACH)
            .inWaterOf(19)
            .must(efforts(2, 5), settles(3, 9), noFault(), noLanding()),
        swim("Water of 12 °C is swum in briefly", SessionKind.TIME_TRIAL)
            .over(1500)
            .at(Place.WATERSIDE)
            .inWaterOf(12)
            .must(caution("COLD_WATER"), minutesInWater(8), raise(4, 16)),
        ride("A car park before an hour's race, no bike yet", SessionKind.TIME_TRIAL)
            .lasting(3600)
            .at(Place.CAR_PARK)
            .withNothing()
            .within(30)
            .must(caution("NO_APPARATUS"), eachRaiseUpTo(300), nobodyOnTheFloor(), raise(2, 10)),
        run("An easy run from the living room, five minutes, no kit", SessionKind.EASY)
            .at(Place.LIVING_ROOM)
            .withNothing()
            .within(5)
            .must(shorterThan(6), noBuild(), noFault()),
        run("Thirty novices, a hall and one roller", SessionKind.INTERVALS)
            .at(Place.GYM)
            .by(Level.NOVICE)
            .together(30)
            .with(Kit.ROLLER)
            .must(not("roll-calf"), not("roll-quads"), noFault(), not("single-leg-hops")),
        run("Sprints to come, three metres to warm up in", SessionKind.SPRINT)
            .at(Place.LIVING_ROOM)
            .must(not("a-skip"), not("build-up-run"), caution("NO_ROOM_TO_RUN")),
        row("The crew in the gym, with a machine: it rows", SessionKind.INTERVALS)
            .at(Place.GYM)
            .with(Kit.ROWER)
            .must(has("easy-row"), efforts(3, 7), noFault()),
        row("2 km from the start, no machine before: on land", SessionKind.TIME_TRIAL)
            .over(2000)
            .withNothing()
            .must(caution("NO_APPARATUS"), not("easy-row"), raise(3, 12), eachRaiseUpTo(300)));
  }

  private static List<Situation> weather() {
    return List.of(
        row("Five in the morning, 3 °C, 2 km test", SessionKind.TIME_TRIAL)
            .over(2000)
            .comingFrom(ComingFrom.BED)
            .degrees(3)
            .must(raise(11, 20), efforts(4, 8), settles(3, 10), noFault()),
        run("38 °C and dry, threshold", SessionKind.THRESHOLD)
            .degrees(38)
            .humid(15)
            .must(raise(2, 9), caution("HEAT"), noFault()),
        run("−9 °C, sprints: long to warm, and whether at all", SessionKind.SPRINT)
            .degrees(-9)
            .must(raise(12, 20), caution("HARD_COLD"), noFault()),
        run("Rain and 8 °C: nobody lies on the wet track", SessionKind.INTERVALS)
            .raining()
            .degrees(8)
            .must(nobodyOnTheFloor(), efforts(3, 6), noFault()),
        run("Soft sand", SessionKind.INTERVALS)
            .at(Place.BEACH)
            .on(Surface.SOFT)
            .must(efforts(3, 6), noFault()),
        run("Twelve minutes from the desk to the squat rack", SessionKind.GYM)
            .at(Place.GYM)
            .comingFrom(ComingFrom.DESK)
            .within(12)
            .must(has("warm-up-set"), raise(2, 6), drills(2, 7), noFault()),
        run("Four hours of driving, then 800 m", SessionKind.TIME_TRIAL)
            .over(800)
            .by(Level.ADVANCED)
            .comingFrom(ComingFrom.LONG_DRIVE)
            .must(moves(BodyRegion.HIP_FLEXORS), efforts(2, 4), settles(8, 12), noFault()),
        run("A gale at 5 °C", SessionKind.INTERVALS)
            .degrees(5)
            .wind(60)
            .must(raise(11, 20), efforts(3, 6), noFault()),
        ride("Air of 155 on the road", SessionKind.INTERVALS)
            .at(Place.ROAD)
            .with(Kit.BIKE)
            .airOf(155)
            .must(caution("BAD_AIR"), indoors(Place.LIVING_ROOM), has("easy-spin"), noFault()),
        run("5 km at 2,300 m: slower strides, longer rests, and it is said", SessionKind.TIME_TRIAL)
            .over(5000)
            .up(2300)
            // 4:00 a kilometre by the sea, some 12 % slower.
            .must(caution("HIGH_UP"), slowerThan(3 * 60 + 58), efforts(3, 5), noFault()),
        run("An easy run up there needs no word", SessionKind.EASY)
            .up(2300)
            .must(silent("HIGH_UP"), noBuild()),
        run("Hill repeats at 8 %: strides up the hill, ankles first", SessionKind.INTERVALS)
            .onASlopeOf(8)
            .must(
                has("hill-stride"),
                not("stride-run"),
                moves(BodyRegion.ANKLES),
                contactsUpTo(40),
                noFault()),
        run("Sore calves stride on the flat, whatever the hill", SessionKind.INTERVALS)
            .onASlopeOf(8)
            .is(Severity.SORE, BodyRegion.CALVES)
            .must(not("hill-stride"), noLanding()),
        ride("A climb of forty minutes", SessionKind.TIME_TRIAL)
            .lasting(2400)
            .onASlopeOf(7)
            .must(ratesUpTo(70, 80), efforts(3, 6), noFault()),
        run("Ice outside does not matter in the gym", SessionKind.THRESHOLD)
            .at(Place.GYM)
            .on(Surface.FIRM)
            .degrees(19)
            .must(silent("ICE_UNDERFOOT"), efforts(2, 5)));
  }

  private static List<Situation> carryOver() {
    return List.of(
        swim("Out of the pool for twenty minutes, then 100 m", SessionKind.TIME_TRIAL)
            .over(100)
            .within(18)
            .with(Kit.SUPPORT)
            .withNothing()
            .after(Kind.WARM_UP, Movement.SWIMMING, Hardness.HARD, 25, 20)
            .must(raise(0, 5), noLanding(), drills(1, 9), noFault()),
        run("The final seventy minutes after the heat", SessionKind.TIME_TRIAL)
            .over(400)
            .within(40)
            .after(Kind.SESSION, Movement.RUNNING, Hardness.ALL_OUT, 1, 70)
            .must(efforts(1, 3), raise(3, 10), settles(7, 15), noFault()),
        run("Who has ridden here needs less of a raise", SessionKind.INTERVALS)
            .within(40)
            .after(Kind.JOURNEY, Movement.RIDING, Hardness.EASY, 20, 42)
            .must(raise(4, 13), efforts(3, 6), noFault()),
        run("Off the bike, four minutes to the run", SessionKind.TIME_TRIAL)
            .over(10_000)
            .within(4)
            .after(Kind.SESSION, Movement.RIDING, Hardness.HARD, 60, 4)
            .must(raise(0, 2), efforts(0, 2), shorterThan(5)),
        row("A quarter of an hour between two 500 m", SessionKind.TIME_TRIAL)
            .over(500)
            .within(12)
            .after(Kind.SESSION, Movement.ROWING, Hardness.ALL_OUT, 2, 15)
            .must(efforts(0, 3), raise(0, 5), drills(0, 3), noFault()),
        run("A hard swim this morning, intervals in the afternoon", SessionKind.INTERVALS)
            .after(Kind.SESSION, Movement.SWIMMING, Hardness.HARD, 60, 300)
            .must(efforts(3, 6), raise(8, 15), noFault()),
        run("Warmed up an hour ago, the start was put off", SessionKind.TIME_TRIAL)
            .over(5000)
            .within(25)
            .after(Kind.WARM_UP, Movement.RUNNING, Hardness.HARD, 35, 60)
            .must(efforts(1, 3), raise(2, 8), settles(3, 8.5), noFault()),
        run("An easy run into the gym", SessionKind.GYM)
            .at(Place.GYM)
            .within(12)
            .after(Kind.SESSION, Movement.RUNNING, Hardness.EASY, 45, 15)
            .must(raise(0, 4), has("warm-up-set"), noFault()));
  }

  private static List<Situation> stages() {
    return List.of(
        ride("Living room, then the bike in the garage", SessionKind.TIME_TRIAL)
            .lasting(1800)
            .first(
                Place.LIVING_ROOM,
                Set.of(Kit.SUPPORT),
                20,
                10,
                new Transfer(Transfer.Means.WALK, 2))
            .must(efforts(3, 6), has("transfer-walk"), settles(2, 9), noFault()),
        run("Hotel room, the bus, then the course", SessionKind.TIME_TRIAL)
            .over(10_000)
            .within(60)
            .first(Place.HOTEL_ROOM, Set.of(), 21, 8, new Transfer(Transfer.Means.DRIVE, 15))
            .must(raise(6, 17), efforts(3, 5), noFault()),
        swim("Pool, deck, blocks", SessionKind.TIME_TRIAL)
            .over(100)
            .within(60)
            .withNothing()
            .first(
                Place.POOL_DECK,
                Set.of(Kit.POOL, Kit.SUPPORT),
                27,
                25,
                new Transfer(Transfer.Means.CHANGE, 8))
            .must(has("easy-swim"), has("transfer-change"), noLanding(), noFault()),
        row("Gym, then the boathouse", SessionKind.INTERVALS)
            .within(50)
            .first(Place.GYM, Place.GYM.usualKit(), 19, 15, new Transfer(Transfer.Means.WALK, 4))
            .must(has("easy-row"), efforts(3, 7), noFault()),
        run("Warm indoors, −12 °C outside", SessionKind.INTERVALS)
            .within(45)
            .degrees(-12)
            .first(Place.GYM, Place.GYM.usualKit(), 18, 22, new Transfer(Transfer.Means.WALK, 3))
            .must(efforts(2, 6), noFault()));
  }

  private static List<Situation> lengths() {
    return List.of(
        run("60 m: short, fast, long rests", SessionKind.TIME_TRIAL)
            .over(60)
            .by(Level.ADVANCED)
            .must(
                efforts(3, 5),
                effortsLast(2, 9),
                restBeforeLast(100, 320),
                settles(5, 12),
                silent("BIG_STEP"),
                noFault()),
        run("100 km: the first minutes are the warm-up", SessionKind.TIME_TRIAL)
            .over(100_000)
            .must(noBuild(), noLanding(), shorterThan(8)),
        run("A novice's half marathon", SessionKind.TIME_TRIAL)
            .over(21_097)
            .by(Level.NOVICE)
            .knownFor(TestResult.RunRace.of(5000, Duration.ofMinutes(32)))
            .must(shorterThan(20), efforts(0, 2), noLanding(), noFault()),
        ride("An hour, as far as one gets", SessionKind.TIME_TRIAL)
            .lasting(3600)
            .must(efforts(2, 5), settles(3, 9), noFault()),
        swim("25 m", SessionKind.TIME_TRIAL)
            .over(25)
            .must(efforts(2, 5), restBeforeLast(60, 220), settles(5, 13), noFault()),
        swim("1500 m in the pool", SessionKind.TIME_TRIAL)
            .over(1500)
            // 400 m in 6:00 and 200 m in 2:50: critical speed is 1:35 a 100 m.
            .must(efforts(2, 5), swumSlowerThan(83), settles(3, 9), noFault()),
        row("6 km in a line of boats", SessionKind.TIME_TRIAL)
            .over(6000)
            .must(efforts(3, 7), ratesUpTo(22, 33), settles(3, 9), noFault()),
        ride("Three quarters of an hour, hard from the gun", SessionKind.TIME_TRIAL)
            .lasting(2700)
            .must(efforts(2, 6), settles(3, 9), noFault()));
  }
}
