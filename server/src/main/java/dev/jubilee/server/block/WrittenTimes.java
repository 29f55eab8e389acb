package dev.jubilee.server.block;

import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * The times of a calendar's events as they stand in the text. Readers make 1 March of 29 February
 * where there is none, and half past two of an hour that the clocks leave out; compared with what
 * is written, that shows.
 */
final class WrittenTimes {
  private static final DateTimeFormatter FORM =
      DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss", Locale.ROOT);

  /** A long line goes on in the next one after a blank (RFC 5545, 3.1). */
  private static final Pattern FOLD = Pattern.compile("\r?\n[ \t]");

  private static final Pattern LINE_END = Pattern.compile("\r?\n");
  private static final String EVENT = "BEGIN:VEVENT";

  private final List<Map<String, String>> events = new ArrayList<>();

  WrittenTimes(String text) {
    for (String line : LINE_END.split(FOLD.matcher(text).replaceAll(""), -1)) {
      String capitals = line.strip().toUpperCase(Locale.ROOT);
      if (capitals.equals(EVENT)) {
        events.add(new HashMap<>());
      } else if (!events.isEmpty()) {
        String name = capitals.replaceFirst("[;:].*", "");
        String value = capitals.substring(capitals.lastIndexOf(':') + 1);
        events.get(events.size() - 1).putIfAbsent(name, value);
      }
    }
  }

  /**
   * Whether a time is the one that was written.
   *
   * @param number of the event, from 1
   * @param property such as DTSTART
   * @param read in its own zone
   */
  boolean say(int number, String property, ZonedDateTime read) {
    if (number > events.size()) {
      return false;
    }
    String written = events.get(number - 1).getOrDefault(property, "");
    return FORM.format(read).equals(written.replaceFirst("Z$", ""));
  }
}
