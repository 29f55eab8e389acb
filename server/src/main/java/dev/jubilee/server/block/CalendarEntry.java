package dev.jubilee.server.block;

import java.time.LocalDateTime;

/**
 * A session as a file tells it, not yet understood.
 *
 * @param line where in the file, from 1
 * @param id stays the same when the file is read again; empty when the file has none
 * @param startsAt in the club's local time; null when it could not be read
 * @param group name of a group, may be empty
 * @param title the shorthand
 * @param place may be empty
 * @param minutes may be empty
 * @param fault what is wrong with it, or empty
 */
record CalendarEntry(
    int line,
    String id,
    LocalDateTime startsAt,
    String group,
    String title,
    String place,
    String minutes,
    String fault) {
  /** More than any block needs; a mistake when exceeded. */
  static final int MOST = 1000;

  static CalendarEntry faulty(int line, String title, String fault) {
    return new CalendarEntry(line, "", null, "", title, "", "", fault);
  }
}
