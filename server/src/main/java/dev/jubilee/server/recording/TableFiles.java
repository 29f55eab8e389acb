package dev.jubilee.server.recording;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.recording.Recording.Point;
import dev.jubilee.server.recording.RecordingFile.Columns;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reads tables (RFC 4180), whose columns somebody names once. */
final class TableFiles {
  private static final int MOST_LINES = 200_000;
  private static final double MOST_SECONDS = 12 * 3600;

  private TableFiles() {}

  /** The head line of a table. */
  static List<String> head(String text) {
    try (CSVParser parser = parser(text)) {
      return parser.getHeaderNames();
    } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
      throw unreadable();
    }
  }

  /** What the columns are most likely called, where nobody said so; time is the least. */
  static Optional<Columns> guess(List<String> head) {
    return find(head, "time", "timestamp", "seconds", "secs")
        .map(
            time ->
                new Columns(
                    time,
                    find(head, "speed", "velocity", "m/s").orElse(null),
                    find(head, "power", "watts").orElse(null),
                    find(head, "heart", "hr", "bpm").orElse(null)));
  }

  private static Optional<String> find(List<String> head, String... words) {
    for (String word : words) {
      for (String name : head) {
        if (name.toLowerCase(Locale.ROOT).contains(word)) {
          return Optional.of(name);
        }
      }
    }
    return Optional.empty();
  }

  /**
   * What a table says.
   *
   * @param start from which seconds count
   * @param zone of times without one
   * @throws OutOfRangeException naming the line or column
   */
  static Parsed read(String text, Columns columns, Instant start, ZoneId zone) {
    List<Point> points = new ArrayList<>();
    try (CSVParser parser = parser(text)) {
      for (String column : names(columns)) {
        if (!parser.getHeaderNames().contains(column)) {
          throw new OutOfRangeException(
              "columns", column, "one of " + String.join(", ", parser.getHeaderNames()));
        }
      }
      for (CSVRecord line : parser) {
        if (points.size() >= MOST_LINES) {
          throw new OutOfRangeException("text", "more lines", "up to " + MOST_LINES + " lines");
        }
        if (line.size() < parser.getHeaderNames().size()) {
          throw new OutOfRangeException(
              "text", "line " + (line.getRecordNumber() + 1), "as many cells as the head line has");
        }
        points.add(
            new Point(
                time(line, columns.time(), start, zone),
                number(line, columns.speed()).filter(s -> s >= 0 && s <= 40),
                number(line, columns.power()).filter(p -> p >= 0 && p < 3000).map(Double::intValue),
                number(line, columns.heart())
                    .filter(h -> h > 0 && h < 250)
                    .orElse(0.0)
                    .intValue()));
      }
    } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
      throw unreadable();
    }
    return new Parsed(Optional.empty(), points);
  }

  private static List<String> names(Columns columns) {
    List<String> names = new ArrayList<>();
    names.add(columns.time());
    Optional.ofNullable(columns.speed()).ifPresent(names::add);
    Optional.ofNullable(columns.power()).ifPresent(names::add);
    Optional.ofNullable(columns.heart()).ifPresent(names::add);
    return names;
  }

  private static CSVParser parser(String text) throws IOException {
    return CSVParser.builder()
        .setReader(new StringReader(text))
        .setFormat(
            CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get())
        .get();
  }

  private static Instant time(CSVRecord line, String column, Instant start, ZoneId zone) {
    String cell = line.get(column);
    try {
      double seconds = Double.parseDouble(cell);
      if (Math.abs(seconds) <= MOST_SECONDS) {
        return start.plusMillis(Math.round(1000 * seconds));
      }
    } catch (NumberFormatException e) {
      try {
        return cell.matches(".*(Z|[+-]\\d\\d:?\\d\\d)$")
            ? OffsetDateTime.parse(cell).toInstant()
            : LocalDateTime.parse(cell.replace(' ', 'T')).atZone(zone).toInstant();
      } catch (DateTimeException notOne) {
        // Said below, with its line.
      }
    }
    throw new OutOfRangeException(
        "text",
        "line " + (line.getRecordNumber() + 1) + ": time " + cell,
        "a time of day with its date, or seconds from the first effort on");
  }

  private static Optional<Double> number(CSVRecord line, String column) {
    if (column == null) {
      return Optional.empty();
    }
    try {
      double value = Double.parseDouble(line.get(column));
      return Double.isFinite(value) ? Optional.of(value) : Optional.empty();
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }

  private static OutOfRangeException unreadable() {
    return new OutOfRangeException(
        "text", "not a table", "comma-separated values with a head line");
  }
}
