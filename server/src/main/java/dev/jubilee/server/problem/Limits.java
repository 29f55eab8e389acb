package dev.jubilee.server.problem;

import dev.jubilee.core.quantity.OutOfRangeException;
import java.time.LocalDate;

/** Limits that several requests have, and how they are said. */
public final class Limits {
  /** Of athletes, blocks and groups. */
  public static final int NAME = 80;

  public static final String NAME_ACCEPTED = "1 to " + NAME + " characters";

  /** Of what names a thing to the server: an item, a drill, a ladder, a session of the week. */
  public static final int KEY = 80;

  /** Of an address to sign in with, and of a password. */
  public static final int CREDENTIAL = 200;

  public static final String CREDENTIAL_ACCEPTED = "1 to " + CREDENTIAL + " characters";

  private static final LocalDate FIRST_DAY = LocalDate.of(1900, 1, 1);
  private static final LocalDate LAST_DAY = LocalDate.of(2200, 12, 31);

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
}
