package dev.jubilee.core.block;

import java.time.LocalDate;

/**
 * A week of a block, seven days from the one on which the club begins its weeks.
 *
 * @param number from 1
 * @param firstDay its first day
 * @param emphasis what it is for
 */
public record Week(int number, LocalDate firstDay, Emphasis emphasis) {
  private static final int DAYS = 7;

  public LocalDate lastDay() {
    return firstDay.plusDays(DAYS - 1);
  }

  public boolean holds(LocalDate date) {
    return !date.isBefore(firstDay) && !date.isAfter(lastDay());
  }

  Week with(Emphasis other) {
    return new Week(number, firstDay, other);
  }
}
