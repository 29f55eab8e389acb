package dev.jubilee.server.demo;

import static dev.jubilee.core.sport.BodyRegion.*;

import dev.jubilee.core.athlete.Avoidance;
import dev.jubilee.core.athlete.Limit.Severity;
import dev.jubilee.core.session.Arrival;
import dev.jubilee.core.session.Place;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.athlete.AthleteProfile.LimitInput;
import dev.jubilee.server.athlete.AthleteProfile.ResultInput;
import dev.jubilee.server.athlete.AthleteProfile.ResultKind;
import dev.jubilee.server.session.SessionDetails;
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

  static List<AthleteProfile> athletes() {
    return List.of(
        athlete("Maren Tarnfield", Sport.RUN, Level.ADVANCED, 27, 46, 191)
            .result(race(5000, 17 * 60 + 42))
            .build(),
        athlete("Ines Farrowby", Sport.RUN, Level.INTERMEDIATE, 34, 54, null)
            .result(race(5000, 21 * 60 + 30))
            .limit(HIP_FLEXORS, Severity.STIFF)
            .build(),
        athlete("Tobias Quillow", Sport.RUN, Level.NOVICE, 45, 62, null)
            .result(race(5000, 27 * 60 + 10))
            .limit(ACHILLES, Severity.SORE)
            .build(),
        athlete("Saskia Brandlow", Sport.RIDE, Level.ADVANCED, 30, 44, 187)
            .result(
                new ResultInput(ResultKind.RIDE_POWER_TEST, null, null, null, null, null, 372, 298))
            .build(),
        athlete("Jory Pellwick", Sport.RIDE, Level.INTERMEDIATE, 41, 58, null)
            .result(
                new ResultInput(
                    ResultKind.THRESHOLD_POWER, null, null, null, null, 225, null, null))
            .limit(LOWER_BACK, Severity.STIFF)
            .build(),
        athlete("Edda Lindmere", Sport.ROW, Level.INTERMEDIATE, 29, 55, 189)
            .result(row(8 * 60))
            .build(),
        athlete("Pia Thornmere", Sport.ROW, Level.ADVANCED, 24, 48, 196)
            .result(row(7 * 60 + 18))
            .build(),
        athlete("Caspian Roewater", Sport.ROW, Level.NOVICE, 52, 66, null)
            .result(row(9 * 60 + 25))
            .avoid(Avoidance.FLOOR_WORK)
            .deconditioned()
            .build(),
        athlete("Wren Osterbeck", Sport.SWIM, Level.ADVANCED, 22, 50, 198)
            .result(swim(4 * 60 + 52, 2 * 60 + 18))
            .build(),
        athlete("Dov Marlowick", Sport.SWIM, Level.INTERMEDIATE, 38, 57, null)
            .result(swim(6 * 60, 2 * 60 + 50))
            .limit(SHOULDERS, Severity.SORE)
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
              new Day(day, 6, 45, Sport.ROW, SessionKind.TIME_TRIAL, "2 km test", Place.BOATHOUSE)
                  .metres(2000)
                  .in(40, 4, Arrival.BED)
                  .with(rowers),
              new Day(
                      day,
                      7,
                      30,
                      Sport.SWIM,
                      SessionKind.INTERVALS,
                      "8 × 100 m, 20 s rest",
                      Place.POOL_DECK)
                  .in(35, 26, Arrival.MOVING)
                  .with(swimmers),
              new Day(
                      day,
                      17,
                      45,
                      Sport.RUN,
                      SessionKind.THRESHOLD,
                      "3 × 10 min threshold",
                      Place.TRACK)
                  .in(30, 6, Arrival.DESK)
                  .with(runners),
              new Day(day, 18, 30, Sport.RIDE, SessionKind.INTERVALS, "5 × 4 min", Place.GYM)
                  .in(30, 19, Arrival.DESK)
                  .with(riders));
      case 1 ->
          List.of(
              new Day(day, 7, 0, Sport.RUN, SessionKind.EASY, "Easy 40 min", Place.ROAD)
                  .in(10, 3, Arrival.BED)
                  .with(runners),
              new Day(day, 7, 15, Sport.ROW, SessionKind.EASY, "Steady 8 km", Place.BOATHOUSE)
                  .in(12, 5, Arrival.BED)
                  .with(rowers),
              new Day(day, 18, 0, Sport.SWIM, SessionKind.SPRINT, "12 × 25 m fast", Place.POOL_DECK)
                  .in(35, 26, Arrival.MOVING)
                  .with(swimmers));
      case 2 ->
          List.of(
              new Day(day, 17, 30, Sport.RUN, SessionKind.SPRINT, "6 × 60 m flying", Place.TRACK)
                  .in(40, 8, Arrival.DESK)
                  .with(runners.subList(0, 2)),
              new Day(day, 18, 30, Sport.RIDE, SessionKind.THRESHOLD, "2 × 20 min", Place.GYM)
                  .in(25, 19, Arrival.DESK)
                  .with(riders));
      case 3 ->
          List.of(
              new Day(day, 6, 45, Sport.ROW, SessionKind.INTERVALS, "6 × 500 m", Place.BOATHOUSE)
                  .in(35, 4, Arrival.BED)
                  .with(rowers),
              new Day(day, 7, 30, Sport.SWIM, SessionKind.EASY, "Easy 1500 m", Place.POOL_DECK)
                  .in(10, 26, Arrival.MOVING)
                  .with(swimmers));
      case 4 ->
          List.of(
              new Day(day, 17, 45, Sport.RUN, SessionKind.INTERVALS, "6 × 1000 m", Place.TRACK)
                  .in(35, 7, Arrival.DESK)
                  .with(runners),
              new Day(day, 18, 30, Sport.RIDE, SessionKind.SPRINT, "8 × 12 s standing", Place.GYM)
                  .in(35, 19, Arrival.DESK)
                  .with(riders));
      case 5 ->
          List.of(
              new Day(day, 9, 0, Sport.RIDE, SessionKind.LONG, "Round the mere, 2 h", Place.ROAD)
                  .in(10, 9, Arrival.MOVING)
                  .with(riders),
              new Day(
                      day,
                      9,
                      30,
                      Sport.SWIM,
                      SessionKind.TIME_TRIAL,
                      "400 m trial",
                      Place.POOL_DECK)
                  .metres(400)
                  .in(40, 26, Arrival.MOVING)
                  .with(swimmers),
              new Day(day, 10, 30, Sport.RUN, SessionKind.TIME_TRIAL, "5 km trial", Place.ROAD)
                  .metres(5000)
                  .in(40, 9, Arrival.MOVING)
                  .with(runners));
      default ->
          List.of(
              new Day(day, 9, 0, Sport.RUN, SessionKind.LONG, "Long run, 75 min", Place.ROAD)
                  .in(10, 8, Arrival.BED)
                  .with(runners),
              new Day(day, 10, 0, Sport.ROW, SessionKind.LONG, "Long row, 60 min", Place.BOATHOUSE)
                  .in(12, 8, Arrival.MOVING)
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
    return new ResultInput(ResultKind.RUN_RACE, metres, seconds, null, null, null, null, null);
  }

  private static ResultInput row(double seconds) {
    return new ResultInput(ResultKind.ROW_2K, null, seconds, null, null, null, null, null);
  }

  private static ResultInput swim(double seconds400, double seconds200) {
    return new ResultInput(
        ResultKind.SWIM_PAIR, null, null, seconds400, seconds200, null, null, null);
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
    private final List<LimitInput> limits = new ArrayList<>();
    private final List<Avoidance> avoidances = new ArrayList<>();
    private boolean deconditioned;

    Person(String name, Sport sport, Level level, int age, Integer resting, Integer maximum) {
      this.name = name;
      this.sport = sport;
      this.level = level;
      this.age = age;
      this.resting = resting;
      this.maximum = maximum;
    }

    Person result(ResultInput result) {
      results.add(result);
      return this;
    }

    Person limit(BodyRegion region, Severity severity) {
      limits.add(new LimitInput(region, severity));
      return this;
    }

    Person avoid(Avoidance avoidance) {
      avoidances.add(avoidance);
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
          limits,
          avoidances,
          deconditioned,
          Map.of());
    }
  }

  /** A session in the making. */
  private record Day(
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
      Arrival arrival) {
    Day(
        LocalDate date,
        int hour,
        int minute,
        Sport sport,
        SessionKind kind,
        String title,
        Place place) {
      this(date, hour, minute, sport, kind, title, place, null, 30, 15, Arrival.MOVING);
    }

    Day metres(double metres) {
      return new Day(
          date, hour, minute, sport, kind, title, place, metres, minutes, temperature, arrival);
    }

    Day in(int newMinutes, int newTemperature, Arrival from) {
      return new Day(
          date,
          hour,
          minute,
          sport,
          kind,
          title,
          place,
          effortMetres,
          newMinutes,
          newTemperature,
          from);
    }

    SessionDetails with(List<UUID> athletes) {
      return new SessionDetails(
          date.atTime(LocalTime.of(hour, minute)),
          sport,
          kind,
          title,
          effortMetres,
          null,
          sport == Sport.SWIM ? Stroke.FREESTYLE : null,
          place,
          minutes,
          temperature,
          arrival,
          null,
          athletes);
    }
  }
}
