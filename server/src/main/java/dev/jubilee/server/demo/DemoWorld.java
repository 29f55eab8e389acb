package dev.jubilee.server.demo;

import static dev.jubilee.core.sport.BodyRegion.*;

import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.athlete.ResultConditions;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.athlete.AthleteProfile.RestrictionInput;
import dev.jubilee.server.athlete.AthleteProfile.ResultInput;
import dev.jubilee.server.athlete.AthleteProfile.ResultKind;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionDetailsBuilder;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** The Lantern Mere Relay: an invented club with invented people. */
final class DemoWorld {
  static final String CLUB = "Lantern Mere Relay";
  static final String COACH = "Ottoline Vanemoor";
  static final String EMAIL = "coach@lanternmere.example";
  static final String PASSWORD = "lantern-mere";

  private DemoWorld() {}

  static List<AthleteProfile> athletes(LocalDate today) {
    return List.of(
        athlete("Maren Tarnfield", Sport.RUN, Level.ADVANCED, 27, 46, 191)
            .result(race(5000, 17 * 60 + 42), today.minusDays(24))
            .result(race(10_000, 37 * 60 + 5), today.minusDays(66))
            .result(
                race(21_097.5, 89 * 60 + 40), today.minusDays(150), ResultConditions.Setting.SLOW)
            .result(timed(ResultKind.SPRINT_RUN, null, 3.9), today.minusDays(31))
            .build(),
        athlete("Ines Farrowby", Sport.RUN, Level.INTERMEDIATE, 34, 54, null)
            .result(race(5000, 21 * 60 + 30), today.minusDays(17))
            .result(race(21_097.5, 117 * 60), today.minusDays(38))
            .limit(HIP_FLEXORS, Severity.STIFF)
            .build(),
        athlete("Tobias Quillow", Sport.RUN, Level.NOVICE, 45, 62, null)
            .result(race(5000, 27 * 60 + 10), today.minusDays(210))
            .limit(ACHILLES, Severity.SORE, Restriction.Side.LEFT)
            .build(),
        athlete("Saskia Brandlow", Sport.RIDE, Level.ADVANCED, 30, 44, 187)
            .result(ride(372, 298), today.minusDays(12))
            .result(powered(ResultKind.SPRINT_RIDE, 940), today.minusDays(12))
            .build(),
        athlete("Jory Pellwick", Sport.RIDE, Level.INTERMEDIATE, 41, 58, null)
            .result(powered(ResultKind.THRESHOLD_POWER, 225), today.minusDays(120))
            .result(powered(ResultKind.RIDE_20_MIN, 241), today.minusDays(20))
            .limit(LOWER_BACK, Severity.STIFF)
            .build(),
        athlete("Edda Lindmere", Sport.ROW, Level.INTERMEDIATE, 29, 55, 189)
            .result(row(8 * 60), today.minusDays(33))
            .build(),
        athlete("Pia Thornmere", Sport.ROW, Level.ADVANCED, 24, 48, 196)
            .result(row(7 * 60 + 18), today.minusDays(33))
            .result(timed(ResultKind.ROW_PIECE, 6000.0, 23 * 60 + 24), today.minusDays(61))
            .build(),
        athlete("Caspian Roewater", Sport.ROW, Level.NOVICE, 52, 66, null)
            .result(row(9 * 60 + 25), today.minusDays(95))
            .avoid(Contraindication.FLOOR_WORK)
            .deconditioned()
            .build(),
        athlete("Wren Osterbeck", Sport.SWIM, Level.ADVANCED, 22, 50, 198)
            .result(swim(4 * 60 + 52, 2 * 60 + 18), today.minusDays(19))
            .result(timed(ResultKind.SPRINT_SWIM, null, 13.6), today.minusDays(19))
            .build(),
        athlete("Dov Marlowick", Sport.SWIM, Level.INTERMEDIATE, 38, 57, null)
            .result(swim(6 * 60, 2 * 60 + 50), today.minusDays(54))
            .limit(SHOULDERS, Severity.SORE)
            .told(HealthCondition.ASTHMA)
            .build(),
        athlete("Bram Hollowell", Sport.SWIM, Level.NOVICE, 31, null, null).build());
  }

  /** What the squad does on a day, by its distance from the day the week was laid out. */
  static List<SessionDetails> sessions(LocalDate day, int dayOfPattern, Map<String, UUID> ids) {
    List<UUID> runners = pick(ids, "Maren Tarnfield", "Ines Farrowby", "Tobias Quillow");
    List<UUID> riders = pick(ids, "Saskia Brandlow", "Jory Pellwick");
    List<UUID> rowers = pick(ids, "Edda Lindmere", "Pia Thornmere", "Caspian Roewater");
    List<UUID> swimmers = pick(ids, "Wren Osterbeck", "Dov Marlowick", "Bram Hollowell");
    return switch (dayOfPattern) {
      case 0 ->
          List.of(
              Day.of(day, 6, 45, Sport.ROW, SessionKind.TIME_TRIAL, "2 km test", Place.BOATHOUSE)
                  .metres(2000)
                  .in(40, 4, ComingFrom.BED)
                  .with(rowers),
              Day.of(
                      day,
                      7,
                      30,
                      Sport.SWIM,
                      SessionKind.INTERVALS,
                      "8 x 100 m / 20 s",
                      Place.POOL_DECK)
                  .in(35, 26, ComingFrom.MOVING)
                  .with(swimmers),
              Day.of(
                      day,
                      17,
                      45,
                      Sport.RUN,
                      SessionKind.THRESHOLD,
                      "3 x 10 min threshold / 3 min",
                      Place.TRACK)
                  .in(30, 6, ComingFrom.DESK)
                  .with(runners),
              Day.of(
                      day,
                      18,
                      30,
                      Sport.RIDE,
                      SessionKind.INTERVALS,
                      "5 x 4 min hard / 3 min spin",
                      Place.GYM)
                  .in(30, 19, ComingFrom.DESK)
                  .with(riders));
      case 1 ->
          List.of(
              Day.of(day, 7, 0, Sport.RUN, SessionKind.EASY, "Easy 40 min", Place.ROAD)
                  .in(10, 3, ComingFrom.BED)
                  .with(runners),
              Day.of(day, 7, 15, Sport.ROW, SessionKind.EASY, "Steady 8 km", Place.BOATHOUSE)
                  .in(12, 5, ComingFrom.BED)
                  .with(rowers),
              Day.of(
                      day,
                      18,
                      0,
                      Sport.SWIM,
                      SessionKind.SPRINT,
                      "12 x 25 m fast on 1:00",
                      Place.POOL_DECK)
                  .in(35, 26, ComingFrom.MOVING)
                  .with(swimmers));
      case 2 ->
          List.of(
              Day.of(
                      day,
                      17,
                      30,
                      Sport.RUN,
                      SessionKind.SPRINT,
                      "6 x 60 m sprint, walk back",
                      Place.TRACK)
                  .in(40, 8, ComingFrom.DESK)
                  .with(runners.subList(0, 2)),
              Day.of(
                      day,
                      18,
                      30,
                      Sport.RIDE,
                      SessionKind.THRESHOLD,
                      "2 x 20 min threshold / 5 min",
                      Place.GYM)
                  .in(25, 19, ComingFrom.DESK)
                  .with(riders));
      case 3 ->
          List.of(
              Day.of(
                      day,
                      6,
                      45,
                      Sport.ROW,
                      SessionKind.INTERVALS,
                      "6 x 500 m @ 2k / 2 min",
                      Place.BOATHOUSE)
                  .in(35, 4, ComingFrom.BED)
                  .with(rowers),
              Day.of(day, 7, 30, Sport.SWIM, SessionKind.EASY, "Easy 1500 m", Place.POOL_DECK)
                  .in(10, 26, ComingFrom.MOVING)
                  .with(swimmers));
      case 4 ->
          List.of(
              Day.of(
                      day,
                      17,
                      45,
                      Sport.RUN,
                      SessionKind.INTERVALS,
                      "6 x 1000 @ 5k, 90 s jog",
                      Place.TRACK)
                  .in(35, 7, ComingFrom.DESK)
                  .with(runners),
              Day.of(
                      day,
                      18,
                      30,
                      Sport.RIDE,
                      SessionKind.SPRINT,
                      "8 x 12 s all out / 4 min",
                      Place.GYM)
                  .in(35, 19, ComingFrom.DESK)
                  .with(riders));
      case 5 ->
          List.of(
              Day.of(
                      day,
                      9,
                      0,
                      Sport.RIDE,
                      SessionKind.LONG,
                      "Long ride 2 h with last 20 min steady",
                      Place.ROAD)
                  .in(10, 9, ComingFrom.MOVING)
                  .with(riders),
              Day.of(day, 9, 30, Sport.SWIM, SessionKind.TIME_TRIAL, "400 m trial", Place.POOL_DECK)
                  .metres(400)
                  .in(40, 26, ComingFrom.MOVING)
                  .with(swimmers),
              Day.of(day, 10, 30, Sport.RUN, SessionKind.TIME_TRIAL, "5 km trial", Place.ROAD)
                  .metres(5000)
                  .in(40, 9, ComingFrom.MOVING)
                  .with(runners));
      default ->
          List.of(
              Day.of(day, 9, 0, Sport.RUN, SessionKind.LONG, "Long run 75 min", Place.ROAD)
                  .in(10, 8, ComingFrom.BED)
                  .with(runners),
              Day.of(day, 10, 0, Sport.ROW, SessionKind.LONG, "Long row 60 min", Place.BOATHOUSE)
                  .in(12, 8, ComingFrom.MOVING)
                  .with(rowers));
    };
  }

  private static List<UUID> pick(Map<String, UUID> ids, String... names) {
    List<UUID> picked = new ArrayList<>();
    for (String name : names) {
      // Whom the coach has removed or renamed does not come back.
      if (ids.containsKey(name)) {
        picked.add(ids.get(name));
      }
    }
    return picked;
  }

  private static ResultInput race(double metres, double seconds) {
    return timed(ResultKind.RUN_RACE, metres, seconds);
  }

  private static ResultInput row(double seconds) {
    return timed(ResultKind.ROW_2K, null, seconds);
  }

  private static ResultInput timed(ResultKind kind, Double metres, double seconds) {
    return new ResultInput(kind, metres, seconds, null, null, null, null, null, null, null, null);
  }

  private static ResultInput powered(ResultKind kind, int watts) {
    return new ResultInput(kind, null, null, null, null, watts, null, null, null, null, null);
  }

  private static ResultInput swim(double seconds400, double seconds200) {
    return new ResultInput(
        ResultKind.SWIM_PAIR,
        null,
        null,
        seconds400,
        seconds200,
        null,
        null,
        null,
        null,
        null,
        null);
  }

  private static ResultInput ride(int threeMinuteWatts, int twelveMinuteWatts) {
    return new ResultInput(
        ResultKind.RIDE_POWER_TEST,
        null,
        null,
        null,
        null,
        null,
        threeMinuteWatts,
        twelveMinuteWatts,
        null,
        null,
        null);
  }

  private static Person athlete(
      String name, Sport sport, Level level, int age, Integer resting, Integer maximum) {
    return new Person(name, sport, level, age, resting, maximum);
  }

  /** An athlete in the making. */
  private static final class Person {
    private final String name;
    private final Sport sport;
    private final Level level;
    private final int age;
    private final Integer resting;
    private final Integer maximum;
    private final List<ResultInput> results = new ArrayList<>();
    private final List<RestrictionInput> restrictions = new ArrayList<>();
    private final List<Contraindication> contraindications = new ArrayList<>();
    private final List<HealthCondition> health = new ArrayList<>();
    private boolean deconditioned;

    Person(String name, Sport sport, Level level, int age, Integer resting, Integer maximum) {
      this.name = name;
      this.sport = sport;
      this.level = level;
      this.age = age;
      this.resting = resting;
      this.maximum = maximum;
    }

    /** A result of so many days ago, in fair conditions. */
    Person result(ResultInput r, LocalDate takenOn) {
      return result(r, takenOn, ResultConditions.Setting.FAIR);
    }

    Person result(ResultInput r, LocalDate takenOn, ResultConditions.Setting setting) {
      results.add(
          new ResultInput(
              r.kind(),
              r.metres(),
              r.seconds(),
              r.seconds400(),
              r.seconds200(),
              r.watts(),
              r.threeMinuteWatts(),
              r.twelveMinuteWatts(),
              r.stroke(),
              takenOn,
              setting));
      return this;
    }

    Person limit(BodyRegion region, Severity severity) {
      return limit(region, severity, null);
    }

    /** On one side. */
    Person limit(BodyRegion region, Severity severity, Restriction.Side side) {
      restrictions.add(new RestrictionInput(region, severity, side));
      return this;
    }

    Person avoid(Contraindication avoidance) {
      contraindications.add(avoidance);
      return this;
    }

    Person told(HealthCondition condition) {
      health.add(condition);
      return this;
    }

    Person deconditioned() {
      deconditioned = true;
      return this;
    }

    AthleteProfile build() {
      return new AthleteProfile(
          name,
          sport,
          level,
          age,
          resting,
          maximum,
          results,
          restrictions,
          contraindications,
          deconditioned,
          Map.of(),
          health,
          null,
          null);
    }
  }

  /** A session in the making. */
  @RecordBuilder
  record Day(
      LocalDate date,
      int hour,
      int minute,
      Sport sport,
      SessionKind kind,
      String title,
      Place place,
      Double effortMetres,
      int minutes,
      int temperature,
      ComingFrom comingFrom) {
    static Day of(
        LocalDate date,
        int hour,
        int minute,
        Sport sport,
        SessionKind kind,
        String title,
        Place place) {
      return new Day(
          date, hour, minute, sport, kind, title, place, null, 30, 15, ComingFrom.MOVING);
    }

    Day metres(double metres) {
      return DemoWorldDayBuilder.builder(this).effortMetres(metres).build();
    }

    Day in(int newMinutes, int newTemperature, ComingFrom from) {
      return DemoWorldDayBuilder.builder(this)
          .minutes(newMinutes)
          .temperature(newTemperature)
          .comingFrom(from)
          .build();
    }

    SessionDetails with(List<UUID> athletes) {
      return SessionDetailsBuilder.builder()
          .startsAt(date.atTime(LocalTime.of(hour, minute)))
          .sport(sport)
          .kind(kind)
          .title(title)
          .effortMetres(effortMetres)
          .effortSeconds(null)
          .stroke(sport == Sport.SWIM ? Stroke.FREESTYLE : null)
          .place(place)
          .minutes(minutes)
          .temperature(temperature)
          .comingFrom(comingFrom)
          .kit(null)
          .athleteIds(athletes)
          .laterStarts(List.of())
          .build();
    }
  }
}
