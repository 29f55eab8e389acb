package dev.jubilee.core.block;

import java.time.LocalDate;

/**
 * A week of a block, Monday to Sunday.
 *
 * @param number from 1
 * @param monday its first day
 * @param emphasis what it is for
 */
public record Week(int number, LocalDate monday, Emphasis emphasis) {
  private static final int DAYS = 7;

  public LocalDate sunday() {
    return monday.plusDays(DAYS - 1);
  }

  public boolean holds(LocalDate date) {
    return !date.isBefore(monday) && !date.isAfter(sunday());
  }

  Week with(Emphasis other) {
    return new Week(number, monday, other);
  }
}
