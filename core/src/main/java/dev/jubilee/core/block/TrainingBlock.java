package dev.jubilee.core.block;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Weeks that lead to a race.
 *
 * @param start first day
 * @param race day of the race; the last day
 * @param otherRaces on the way there, that are raced in passing
 * @param weeks from the one that holds the start to the one that holds the race
 */
public record TrainingBlock(
    LocalDate start, LocalDate race, List<LocalDate> otherRaces, List<Week> weeks) {
  public static final int LEAST_WEEKS = 2;
  public static final int MOST_WEEKS = 26;

  /** Nothing new in the last days before the race; common practice: in the week, and longer. */
  public static final int FROZEN_DAYS = 10;

  /** Every third or fourth week is lighter; common practice. */
  private static final int RECOVERY_EVERY = 4;

  /** From this length on the last two weeks are for the race, not one. */
  private static final int LONG = 8;

  public TrainingBlock {
    otherRaces = List.copyOf(otherRaces);
    weeks = List.copyOf(weeks);
  }

  /**
   * A block with the usual emphases: general, then specific, then competition, each fourth week
   * lighter.
   *
   * @throws OutOfRangeException if the race is not after the start or the block is of less than
   *     {@value #LEAST_WEEKS} or more than {@value #MOST_WEEKS} weeks
   */
  public static TrainingBlock of(LocalDate start, LocalDate race) {
    return of(start, race, List.of(), Map.of(), DayOfWeek.MONDAY);
  }

  /**
   * A block of which the coach chose some emphases.
   *
   * @param otherRaces their weeks are for competition, too
   * @param chosen emphases that the coach set, by the first day of their week; those of other weeks
   *     count anew from the last recovery week
   * @param weekStart the day of the week on which weeks begin
   */
  public static TrainingBlock of(
      LocalDate start,
      LocalDate race,
      List<LocalDate> otherRaces,
      Map<LocalDate, Emphasis> chosen,
      DayOfWeek weekStart) {
    if (!race.isAfter(start)) {
      throw new OutOfRangeException("race", race, "a day after the start, " + start);
    }
    for (LocalDate other : otherRaces) {
      if (other.isBefore(start) || !other.isBefore(race)) {
        throw new OutOfRangeException(
            "otherRaces", other, "a day from " + start + " to the day before the race, " + race);
      }
    }
    LocalDate first = firstDay(start, weekStart);
    int count = (int) ChronoUnit.WEEKS.between(first, firstDay(race, weekStart)) + 1;
    Bounds.within("weeks", count, LEAST_WEEKS, MOST_WEEKS, "weeks from start to race");
    int competition = count >= LONG ? 2 : 1;
    int training = count - competition;
    List<Week> weeks = new ArrayList<>();
    int sinceRecovery = 0;
    for (int i = 0; i < count; i++) {
      LocalDate day = first.plusWeeks(i);
      sinceRecovery++;
      boolean isDue = sinceRecovery == RECOVERY_EVERY;
      Emphasis usual =
          i >= training || otherRaces.stream().anyMatch(r -> firstDay(r, weekStart).equals(day))
              ? Emphasis.COMPETITION
              : isDue ? Emphasis.RECOVERY : 2 * i < training ? Emphasis.GENERAL : Emphasis.SPECIFIC;
      Emphasis emphasis = chosen.getOrDefault(day, usual);
      if (emphasis == Emphasis.RECOVERY) {
        sinceRecovery = 0;
      }
      weeks.add(new Week(i + 1, day, emphasis));
    }
    return new TrainingBlock(start, race, otherRaces, weeks);
  }

  private static LocalDate firstDay(LocalDate date, DayOfWeek weekStart) {
    return date.with(TemporalAdjusters.previousOrSame(weekStart));
  }

  public Optional<Week> weekOf(LocalDate date) {
    return weeks.stream().filter(w -> w.holds(date)).findFirst();
  }

  public boolean holds(LocalDate date) {
    return !date.isBefore(start) && !date.isAfter(race);
  }

  /** First day on which nothing new may come. */
  public LocalDate frozenFrom() {
    return race.minusDays(FROZEN_DAYS);
  }

  /** Whether nothing new may come on a day: close to the race, or in the days up to another. */
  public boolean isFrozen(LocalDate date) {
    return !date.isBefore(frozenFrom())
        || otherRaces.stream().anyMatch(r -> weekOf(r).equals(weekOf(date)) && !date.isAfter(r));
  }

  /** Whether any day of a week is frozen; such a week begins with what is known already. */
  public boolean isFrozen(Week week) {
    return !week.lastDay().isBefore(frozenFrom()) || otherRaces.stream().anyMatch(week::holds);
  }
}
