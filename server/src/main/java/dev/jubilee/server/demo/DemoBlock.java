package dev.jubilee.server.demo;

import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.block.BlockDefinition;
import dev.jubilee.server.block.BlockDefinition.DayException;
import dev.jubilee.server.block.BlockDefinition.Group;
import dev.jubilee.server.block.BlockDefinition.Pattern;
import dev.jubilee.server.block.BlockDefinitionBuilder;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** The squad's weeks up to the relay round the mere. */
final class DemoBlock {
  /** From its beginning, or from now on: the relay is ten weeks away. */
  private static final int WEEKS = 10;

  private static final int BEFORE = 3;

  private DemoBlock() {}

  /** A block that begins after some day. */
  static BlockDefinition after(LocalDate day, Map<String, UUID> ids) {
    LocalDate start = day.plusDays(1).with(TemporalAdjusters.nextOrSame(DayOfWeek.MONDAY));
    return of(start, WEEKS, List.of(), ids);
  }

  /**
   * A block in its fourth week, whose own sessions begin after some day: those before are laid out
   * by hand already.
   */
  static BlockDefinition inItsFourthWeek(LocalDate today, LocalDate day, Map<String, UUID> ids) {
    LocalDate start =
        today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)).minusWeeks(BEFORE);
    List<DayException> byHand = new ArrayList<>();
    for (LocalDate date = today; !date.isAfter(day); date = date.plusDays(1)) {
      LocalDate on = date;
      patterns().stream()
          .filter(p -> p.day() == on.getDayOfWeek())
          .forEach(p -> byHand.add(new DayException(on, p.key(), null, null)));
    }
    return of(start, WEEKS + BEFORE, byHand, ids);
  }

  private static BlockDefinition of(
      LocalDate start, int weeks, List<DayException> exceptions, Map<String, UUID> ids) {
    LocalDate race = start.plusWeeks(weeks - 1).with(DayOfWeek.SATURDAY);
    return BlockDefinitionBuilder.builder()
        .name("Lantern Mere Relay")
        .start(start)
        .race(race)
        .otherRaces(List.of())
        .emphases(List.of())
        .groups(
            List.of(
                new Group(
                    "Runners", ids(ids, "Maren Tarnfield", "Ines Farrowby", "Tobias Quillow")),
                new Group("Riders", ids(ids, "Saskia Brandlow", "Jory Pellwick")),
                new Group("Rowers", ids(ids, "Edda Lindmere", "Pia Thornmere", "Caspian Roewater")),
                new Group(
                    "Swimmers", ids(ids, "Wren Osterbeck", "Dov Marlowick", "Bram Hollowell"))))
        .pattern(patterns())
        .exceptions(exceptions)
        .members(List.of())
        .interruptions(List.of())
        .mastery(List.of())
        .progressions(List.of())
        .weekStart(null)
        .build();
  }

  private static List<Pattern> patterns() {
    return List.of(
        run(DayOfWeek.MONDAY, "easy 40 min", Place.ROAD, 10),
        run(DayOfWeek.TUESDAY, "6 x 1000 @ 5k, 90 s jog", Place.TRACK, 35),
        run(DayOfWeek.THURSDAY, "6 x 60 m sprint, walk back", Place.TRACK, 35),
        run(DayOfWeek.SATURDAY, "3 x 10 min threshold / 3 min", Place.ROAD, 25),
        ride(DayOfWeek.TUESDAY, "5 x 4 min hard / 3 min spin", 30),
        ride(DayOfWeek.THURSDAY, "2 x 20 min threshold / 5 min", 25),
        ride(DayOfWeek.SATURDAY, "8 x 10 s sprint / 3 min", 30),
        row(DayOfWeek.MONDAY, "easy 8 km", 12),
        row(DayOfWeek.WEDNESDAY, "6 x 500 m @ 2k / 2 min", 35),
        row(DayOfWeek.SATURDAY, "2k test", 40),
        swim(DayOfWeek.TUESDAY, "8 x 100 m / 20 s", 30),
        swim(DayOfWeek.FRIDAY, "12 x 25 m fast on 1:00", 30),
        swim(DayOfWeek.SUNDAY, "easy 1500 m", 10));
  }

  private static Pattern run(DayOfWeek day, String shorthand, Place place, int minutes) {
    return pattern(day, 17, "Runners", Sport.RUN, shorthand, place, minutes, 6, ComingFrom.DESK);
  }

  private static Pattern ride(DayOfWeek day, String shorthand, int minutes) {
    return pattern(
        day, 18, "Riders", Sport.RIDE, shorthand, Place.GYM, minutes, 19, ComingFrom.DESK);
  }

  private static Pattern row(DayOfWeek day, String shorthand, int minutes) {
    return pattern(
        day, 7, "Rowers", Sport.ROW, shorthand, Place.BOATHOUSE, minutes, 5, ComingFrom.BED);
  }

  private static Pattern swim(DayOfWeek day, String shorthand, int minutes) {
    return pattern(
        day, 8, "Swimmers", Sport.SWIM, shorthand, Place.POOL_DECK, minutes, 26, ComingFrom.MOVING);
  }

  private static Pattern pattern(
      DayOfWeek day,
      int hour,
      String group,
      Sport sport,
      String shorthand,
      Place place,
      int minutes,
      int temperature,
      ComingFrom comingFrom) {
    return new Pattern(
        group.toLowerCase(java.util.Locale.ROOT) + " " + day,
        day,
        LocalTime.of(hour, 30),
        group,
        sport,
        shorthand,
        place,
        minutes,
        temperature,
        comingFrom);
  }

  private static List<UUID> ids(Map<String, UUID> ids, String... names) {
    return List.of(names).stream().map(ids::get).toList();
  }
}
