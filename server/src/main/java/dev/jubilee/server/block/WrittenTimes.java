package dev.jubilee.server.block;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The times of a calendar's events as they stand in the text. Readers make 1 March of 29 February
 * where there is none, and half past two of an hour that the clocks leave out; compared with what
 * is written, that shows.
 */
final class WrittenTimes {
  private static final DateTimeFormatter FORM =
      DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss", Locale.ROOT);

  private static final DateTimeFormatter DAY = DateTimeFormatter.BASIC_ISO_DATE;

  /** A long line goes on in the next one after a blank (RFC 5545, 3.1). */
  private static final Pattern FOLD = Pattern.compile("\r?\n[ \t]");

  private static final Pattern LINE_END = Pattern.compile("\r?\n");
  private static final String EVENT = "BEGIN:VEVENT";

  private final List<Map<String, List<String>>> events = new ArrayList<>();

  WrittenTimes(String text) {
    for (String line : LINE_END.split(FOLD.matcher(text).replaceAll(""), -1)) {
      String capitals = line.strip().toUpperCase(Locale.ROOT);
      if (capitals.equals(EVENT)) {
        events.add(new HashMap<>());
      } else if (!events.isEmpty()) {
        String name = capitals.replaceFirst("[;:].*", "");
        String value = capitals.substring(capitals.lastIndexOf(':') + 1);
        for (String one : value.split(",", -1)) {
          events
              .get(events.size() - 1)
              .computeIfAbsent(name, n -> new ArrayList<>())
              .add(one.replaceFirst("Z$", ""));
        }
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
    return all(number, property).stream().findFirst().filter(FORM.format(read)::equals).isPresent();
  }

  /**
   * What is written of a list of times and was not read as it stands there.
   *
   * @param number of the event, from 1
   * @param property such as EXDATE
   * @param read times in their own zones, and days
   */
  List<String> unread(int number, String property, List<? extends Temporal> read) {
    Set<String> known =
        read.stream()
            .map(at -> at instanceof LocalDate day ? DAY.format(day) : FORM.format(at))
            .collect(Collectors.toSet());
    return all(number, property).stream().filter(written -> !known.contains(written)).toList();
  }

  private List<String> all(int number, String property) {
    return number > events.size()
        ? List.of()
        : events.get(number - 1).getOrDefault(property, List.of());
  }
}
