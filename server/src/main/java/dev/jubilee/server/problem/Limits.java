package dev.jubilee.server.problem;

import dev.jubilee.core.quantity.OutOfRangeException;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** Limits that several requests have, and how they are said. */
public final class Limits {
  /** Of athletes, blocks and groups. */
  public static final int NAME = 80;

  public static final String NAME_ACCEPTED = "1 to " + NAME + " characters";

  /** Of an address to sign in with, and of a password. */
  public static final int CREDENTIAL = 200;

  public static final String CREDENTIAL_ACCEPTED = "1 to " + CREDENTIAL + " characters";

  private static final LocalDate FIRST_DAY = LocalDate.of(1900, 1, 1);
  private static final LocalDate LAST_DAY = LocalDate.of(2200, 12, 31);

  /** The longest stretch of a calendar that is asked for at once. */
  private static final int MOST_DAYS = 400;

  private Limits() {}

  /**
   * A day that people live to see.
   *
   * @throws OutOfRangeException naming the field if it is not from 1900 to 2200
   */
  public static LocalDate within(String field, LocalDate day) {
    if (day.isBefore(FIRST_DAY) || day.isAfter(LAST_DAY)) {
      throw new OutOfRangeException(field, day, "a day from " + FIRST_DAY + " to " + LAST_DAY);
    }
    return day;
  }

  /**
   * Refuses a stretch of days that ends before it begins, or is too long to be looked at.
   *
   * @throws OutOfRangeException naming the field
   */
  public static void requireStretch(LocalDate from, LocalDate until) {
    within("from", from);
    within("until", until);
    if (until.isBefore(from) || ChronoUnit.DAYS.between(from, until) > MOST_DAYS) {
      throw new OutOfRangeException(
          "until", until, "a day from " + from + " to " + from.plusDays(MOST_DAYS));
    }
  }
}
