package dev.jubilee.core.prescription;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.approach.ApproachBuilder;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.ResultConditions;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.ConditionsBuilder;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Somebody, somewhere, before something. All invented. */
final class Anybody {
  /** Those that requests have been drawn from since the first; their draws stay as they are. */
  private static final Place[] PLACES = {
    Place.TRACK,
    Place.ROAD,
    Place.POOL_DECK,
    Place.BOATHOUSE,
    Place.GYM,
    Place.LIVING_ROOM,
    Place.CAR_PARK
  };

  /** and those that came later. */
  private static final Place[] MORE_PLACES = {
    Place.TRAIL, Place.VELODROME, Place.HOTEL_ROOM, Place.BEACH, Place.WATERSIDE, Place.STAIRS
  };

  private final Random random;

  Anybody(Random random) {
    this.random = random;
  }

  PrescriptionRequest request() {
    Sport sport = any(Sport.values());
    SessionKind kind = any(SessionKind.values());
    while (!kind.isFor(sport)) {
      kind = any(SessionKind.values());
    }
    Session session =
        Session.of(sport, kind, sport + " " + kind)
            .withStroke(sport == Sport.SWIM ? Optional.of(any(Stroke.values())) : Optional.empty());
    return PrescriptionRequest.of(athlete(), session, circumstances()).with(approach());
  }

  /** The same somewhere else, sometimes with what is usually there and in water of any warmth. */
  Circumstances elsewhere(Circumstances c, Sport sport) {
    Place place = any(MORE_PLACES);
    return c.withPlace(place)
        .withKit(random.nextBoolean() ? Profiles.kitAt(place, sport) : c.kit())
        .with(
            c.conditions()
                .withWater(maybe(4 + random.nextInt(26)))
                .withWetsuit(random.nextBoolean()));
  }

  /** What somebody did before a warm-up of so many minutes. */
  List<PriorExercise> before(int minutes) {
    List<PriorExercise> before = new ArrayList<>();
    int next = minutes;
    for (int i = 1 + random.nextInt(PriorExercise.MOST_ENTERED); i > 0; i--) {
      int ended = next + random.nextInt(60);
      PriorExercise done =
          new PriorExercise(
              any(PriorExercise.Kind.values()),
              any(PriorExercise.Movement.values()),
              any(PriorExercise.Hardness.values()),
              1 + random.nextInt(40),
              ended);
      before.add(done);
      next = done.beganBefore();
    }
    return before;
  }

  private Athlete athlete() {
    List<Restriction> restrictions = new ArrayList<>();
    for (int i = random.nextInt(4); i > 1; i--) {
      BodyRegion region = any(BodyRegion.values());
      if (restrictions.stream().noneMatch(l -> l.region() == region)) {
        restrictions.add(
            new Restriction(
                region, any(Restriction.Severity.values()), any(Restriction.Side.values())));
      }
    }
    Set<Contraindication> never = EnumSet.noneOf(Contraindication.class);
    if (random.nextInt(4) == 0) {
      never.add(any(Contraindication.values()));
    }
    Map<String, Integer> mastery = new HashMap<>();
    BuiltInLibrary.get()
        .ladders()
        .forEach(
            ladder -> {
              if (random.nextInt(5) == 0) {
                mastery.put(ladder.id(), 1 + random.nextInt(ladder.rungs().size()));
              }
            });
    Set<HealthCondition> health = EnumSet.noneOf(HealthCondition.class);
    if (random.nextInt(4) == 0) {
      health.add(any(HealthCondition.values()));
    }
    return AthleteBuilder.builder(Athlete.of(any(Level.values()), 12 + random.nextInt(65)))
        .restingHeartRate(maybe(42 + random.nextInt(40)))
        .maximumHeartRate(maybe(165 + random.nextInt(45)))
        .results(results())
        .restrictions(restrictions)
        .contraindications(never)
        .deconditioned(random.nextInt(8) == 0)
        .mastery(mastery)
        .health(health)
        .build();
  }

  private List<TestResult> results() {
    List<TestResult> all =
        List.of(
            TestResult.RunRace.of(5000, Duration.ofSeconds(840 + random.nextInt(1200))),
            TestResult.RunRace.of(21_097.5, Duration.ofSeconds(3800 + random.nextInt(4500))),
            TestResult.ThresholdPower.of(120 + random.nextInt(250)),
            TestResult.Row2k.of(Duration.ofSeconds(360 + random.nextInt(240))),
            swim(270 + random.nextInt(200)),
            new TestResult.RideTwentyMinutes(120 + random.nextInt(250), ResultConditions.UNKNOWN));
    List<TestResult> results = new ArrayList<>(all);
    results.removeIf(r -> random.nextInt(2) == 0);
    if (random.nextInt(3) == 0) {
      results.add(shortOne(any(Sport.values())));
    }
    return results;
  }

  /** Over in a minute or two. */
  private TestResult shortOne(Sport sport) {
    ResultConditions taken = ResultConditions.UNKNOWN;
    double share = 1 + random.nextDouble();
    return switch (sport) {
      case RUN -> new TestResult.RunRace(200, time(20 + 12 * share), taken);
      case RIDE ->
          new TestResult.RideBest(
              Duration.ofSeconds(5 + random.nextInt(100)), (int) (300 * share), taken);
      case ROW -> new TestResult.RowPiece(500, time(75 * share), taken);
      case SWIM ->
          new TestResult.SwimRace(100, time(55 * share), Optional.of(any(Stroke.values())), taken);
    };
  }

  private static Duration time(double seconds) {
    return Duration.ofMillis(Math.round(1000 * seconds));
  }

  /** The half of a 400 m is a little quicker alone. */
  private TestResult swim(int seconds400) {
    double share = 0.42 + 0.07 * random.nextDouble();
    return TestResult.SwimPair.of(
        Duration.ofSeconds(seconds400), Duration.ofSeconds(Math.round(share * seconds400)));
  }

  /** On slippery ground most of it is moved indoors, so that there is less of it. */
  private Conditions.Surface surface() {
    if (random.nextInt(8) == 0) {
      return Conditions.Surface.SLIPPERY;
    }
    return random.nextBoolean() ? Conditions.Surface.FIRM : Conditions.Surface.SOFT;
  }

  private Circumstances circumstances() {
    Place place = any(PLACES);
    Set<Kit> kit = EnumSet.noneOf(Kit.class);
    for (Kit some : Kit.values()) {
      if (random.nextInt(3) == 0) {
        kit.add(some);
      }
    }
    if (random.nextBoolean()) {
      kit.addAll(place.usualKit());
    }
    int minutes = 3 + random.nextInt(88);
    Conditions conditions =
        ConditionsBuilder.builder(Conditions.USUAL)
            .wind(random.nextInt(50))
            .wet(random.nextInt(4) == 0)
            .surface(surface())
            .waitMinutes(random.nextInt(3) == 0 ? random.nextInt(Math.min(46, minutes - 2)) : 0)
            .group(random.nextInt(3) == 0 ? 1 + random.nextInt(20) : 1)
            .lane(random.nextInt(4) == 0 ? Optional.of(2 + random.nextInt(100)) : Optional.empty())
            .humidity(random.nextInt(3) == 0 ? Optional.of(random.nextInt(101)) : Optional.empty())
            .thunder(random.nextInt(20) == 0)
            .airQuality(
                random.nextInt(6) == 0 ? Optional.of(random.nextInt(301)) : Optional.empty())
            .build();
    boolean fill = random.nextInt(4) == 0;
    return Circumstances.of(minutes, place, kit, random.nextInt(76) - 30, any(ComingFrom.values()))
        .withFill(fill)
        .withConditions(onSomeGround(conditions));
  }

  /** Now and then high up, or on a slope. */
  private Conditions onSomeGround(Conditions flat) {
    return flat.with(
        c ->
            c.altitude(random.nextInt(8) == 0 ? random.nextInt(5001) : 0)
                .gradient(random.nextInt(8) == 0 ? random.nextInt(41) - 20 : 0));
  }

  private Approach approach() {
    return random.nextBoolean()
        ? Approach.USUAL
        : ApproachBuilder.builder(Approach.USUAL)
            .first(any(Approach.First.values()))
            .holds(any(Approach.Holds.values()))
            .neck(any(Approach.Neck.values()))
            .balance(any(Approach.Balance.values()))
            .top(any(Approach.Top.values()))
            .routine(any(Approach.Routine.values()))
            .support(any(Approach.Support.values()))
            .build();
  }

  private Optional<Integer> maybe(int value) {
    return random.nextBoolean() ? Optional.of(value) : Optional.empty();
  }

  private <T> T any(T[] values) {
    return values[random.nextInt(values.length)];
  }
}
