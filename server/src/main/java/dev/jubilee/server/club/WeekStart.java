package dev.jubilee.server.club;

import java.time.DayOfWeek;

/** The first day of a club's training weeks. */
public enum WeekStart {
  MONDAY,
  SATURDAY,
  SUNDAY;

  public DayOfWeek day() {
    return DayOfWeek.valueOf(name());
  }
}
