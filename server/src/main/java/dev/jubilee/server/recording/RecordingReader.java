package dev.jubilee.server.recording;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.recording.Recording;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.recording.RecordingFile.Columns;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Reads one file of a session, and remembers which columns a club's tables have. */
@Component
class RecordingReader {
  /** A recording of the same session begins within this of its start. */
  private static final Duration NEAR = Duration.ofHours(5);

  private final ColumnsRepository repository;

  RecordingReader(ColumnsRepository repository) {
    this.repository = repository;
  }

  /** The columns of a table. */
  record Head(List<String> names, Columns columns) {}

  /** Which columns a table has, and what they were told or are guessed to be. */
  Head head(String text) {
    List<String> names = TableFiles.head(text);
    return new Head(names, remembered(names).or(() -> TableFiles.guess(names)).orElse(null));
  }

  private Optional<Columns> remembered(List<String> names) {
    return repository.findById(fingerprint(String.join("\n", names))).map(ColumnsRow::mapping);
  }

  private void remember(List<String> names, Columns columns) {
    String head = fingerprint(String.join("\n", names));
    ColumnsRow row = repository.findById(head).orElseGet(() -> new ColumnsRow(head));
    row.map(columns);
    repository.save(row);
  }

  /**
   * What a file says.
   *
   * @param start of the session that it should be of
   * @throws OutOfRangeException naming what is wrong and what would be accepted
   */
  Parsed read(RecordingFile file, Instant start, ZoneId zone, Sport sport) {
    Parsed parsed =
        switch (file.format()) {
          case GPX, TCX -> TrackFiles.read(file.format(), file.text());
          case CSV -> {
            List<String> head = TableFiles.head(file.text());
            Columns columns =
                Optional.ofNullable(file.columns())
                    .or(() -> remembered(head))
                    .or(() -> TableFiles.guess(head))
                    .orElseThrow(
                        () ->
                            new OutOfRangeException(
                                "columns", "missing", "which of " + String.join(", ", head)));
            Parsed table = TableFiles.read(file.text(), columns, start, zone);
            // Columns by which a table could not be read are not worth remembering.
            remember(head, columns);
            yield table;
          }
        };
    if (parsed.points().isEmpty()) {
      throw new OutOfRangeException("text", "no moment with a time", "a recording with times");
    }
    Recording alone = Recording.of(parsed.sport(), parsed.points());
    Instant last = alone.start().plusSeconds(alone.seconds());
    if (last.isBefore(start.minus(NEAR)) || alone.start().isAfter(start.plus(NEAR))) {
      throw new OutOfRangeException(
          "text",
          "a recording of " + alone.start().atZone(zone).toLocalDateTime(),
          "one of this session, at " + start.atZone(zone).toLocalDateTime());
    }
    parsed
        .sport()
        .filter(s -> s != sport)
        .ifPresent(
            s -> {
              throw new OutOfRangeException(
                  "text",
                  "a recording of another sport, " + s.name().toLowerCase(Locale.ROOT),
                  "one of " + sport.name().toLowerCase(Locale.ROOT));
            });
    return parsed;
  }

  /** A file is known by what is in it. */
  static String fingerprint(String text) {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(digest.digest(text.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
