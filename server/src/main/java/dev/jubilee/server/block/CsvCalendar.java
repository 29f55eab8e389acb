package dev.jubilee.server.block;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.session.SessionDetails;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Sessions as comma-separated values (RFC 4180), with a line of column names. */
final class CsvCalendar {
  private static final String ID = "id";
  private static final String DATE = "date";
  private static final String TIME = "time";
  private static final String GROUP = "group";
  private static final String SESSION = "session";
  private static final String PLACE = "place";
  private static final String MINUTES = "minutes";
  private static final List<String> COLUMNS =
      List.of(ID, DATE, TIME, GROUP, SESSION, PLACE, MINUTES);
  private static final List<String> NEEDED = List.of(DATE, TIME, SESSION);

  /** A cell that begins with one of these is a formula to spreadsheets (OWASP, CSV injection). */
  private static final String FORMULA_SIGNS = "=+-@\t\r";

  /** Put before such a cell, which then is text; taken away again when it is read. */
  private static final char DISARMED = '\'';

  private CsvCalendar() {}

  /**
   * Reads every line; what is wrong with one is said there.
   *
   * @throws OutOfRangeException if the columns are not known or there are too many lines
   */
  static List<CalendarEntry> read(String text) {
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreHeaderCase(true)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();
    try (CSVParser parser =
        CSVParser.builder().setReader(new StringReader(unmarked(text))).setFormat(format).get()) {
      checkColumns(parser.getHeaderNames());
      List<CalendarEntry> entries = new ArrayList<>();
      for (CSVRecord line : parser) {
        if (entries.size() == CalendarEntry.MOST) {
          throw new OutOfRangeException(
              "text", "longer", "at most " + CalendarEntry.MOST + " sessions at once");
        }
        entries.add(entry(line, (int) parser.getCurrentLineNumber()));
      }
      return entries;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (UncheckedIOException | IllegalArgumentException e) {
      if (e instanceof OutOfRangeException known) {
        throw known;
      }
      throw new OutOfRangeException(
          "text", e.getMessage(), "lines of " + String.join(",", COLUMNS));
    }
  }

  /** Spreadsheets mark the beginning of a file. */
  private static String unmarked(String text) {
    return text.startsWith("\uFEFF") ? text.substring(1) : text;
  }

  private static void checkColumns(List<String> names) {
    List<String> given = names.stream().map(n -> n.toLowerCase(Locale.ROOT)).toList();
    TreeSet<String> unknown = new TreeSet<>(given);
    COLUMNS.forEach(unknown::remove);
    if (!unknown.isEmpty() || !given.containsAll(NEEDED)) {
      throw new OutOfRangeException(
          "columns",
          String.join(", ", names),
          String.join(", ", COLUMNS) + "; " + String.join(", ", NEEDED) + " are needed");
    }
  }

  private static CalendarEntry entry(CSVRecord line, int number) {
    String title = value(line, SESSION);
    if (!line.isConsistent() && line.size() > COLUMNS.size()) {
      return CalendarEntry.faulty(number, title, "more values than columns; quote what has commas");
    }
    LocalDate date;
    LocalTime time;
    try {
      date = LocalDate.parse(value(line, DATE));
    } catch (DateTimeException e) {
      return CalendarEntry.faulty(
          number, title, "date must be year-month-day, 2026-12-07, not " + value(line, DATE));
    }
    try {
      String clock = value(line, TIME);
      time = LocalTime.parse(clock.length() == 4 ? "0" + clock : clock);
    } catch (DateTimeException e) {
      return CalendarEntry.faulty(
          number, title, "time must be 24 h, 17:30, not " + value(line, TIME));
    }
    return new CalendarEntry(
        number,
        value(line, ID),
        date.atTime(time),
        value(line, GROUP),
        title,
        value(line, PLACE),
        value(line, MINUTES),
        "");
  }

  private static String value(CSVRecord line, String column) {
    String cell = line.isSet(column) ? line.get(column) : "";
    return cell.length() > 1 && cell.charAt(0) == DISARMED && isFormula(cell.substring(1))
        ? cell.substring(1)
        : cell;
  }

  /** What a spreadsheet would compute instead of showing it. */
  private static boolean isFormula(String cell) {
    return !cell.isEmpty() && FORMULA_SIGNS.indexOf(cell.charAt(0)) >= 0;
  }

  /** The cell so that no spreadsheet computes it. */
  static String disarmed(String cell) {
    return cell != null && isFormula(cell) ? DISARMED + cell : cell;
  }

  /**
   * Writes sessions so that they can be read again.
   *
   * @param sessions by id
   * @param groups names by id
   */
  static String write(Map<String, SessionDetails> sessions, Map<String, String> groups) {
    StringBuilder text = new StringBuilder();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(COLUMNS.toArray(String[]::new)).get();
    try (CSVPrinter printer = new CSVPrinter(text, format)) {
      for (Map.Entry<String, SessionDetails> entry : sessions.entrySet()) {
        SessionDetails s = entry.getValue();
        printer.printRecord(
            entry.getKey(),
            s.startsAt().toLocalDate(),
            s.startsAt().toLocalTime(),
            disarmed(groups.get(entry.getKey())),
            disarmed(s.title()),
            s.place().inWords(),
            s.minutes());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }
}
