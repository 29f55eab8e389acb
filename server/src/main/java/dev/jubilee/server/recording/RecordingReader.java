package dev.jubilee.server.recording;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.recording.Recording;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.json.Json;
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
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Reads one file of a session, and remembers which columns a club's tables have. */
@Component
class RecordingReader {
  /** A recording of the same session begins within this of its start. */
  private static final Duration NEAR = Duration.ofHours(5);

  private final JdbcTemplate jdbc;
  private final Json json;

  RecordingReader(JdbcTemplate jdbc, Json json) {
    this.jdbc = jdbc;
    this.json = json;
  }

  /** The columns of a table. */
  record Head(List<String> names, Columns columns) {}

  /** Which columns a table has, and what they were told or are guessed to be. */
  Head head(UUID clubId, String text) {
    List<String> names = TableFiles.head(text);
    return new Head(
        names, remembered(clubId, names).or(() -> TableFiles.guess(names)).orElse(null));
  }

  private Optional<Columns> remembered(UUID clubId, List<String> names) {
    return jdbc
        .queryForList(
            "SELECT mapping FROM csv_mapping WHERE club_id = ? AND head = ?",
            String.class,
            clubId,
            fingerprint(String.join("\n", names)))
        .stream()
        .findFirst()
        .map(m -> json.read(m, Columns.class));
  }

  /**
   * What a file says.
   *
   * @param start of the session that it should be of
   * @throws OutOfRangeException naming what is wrong and what would be accepted
   */
  Parsed read(UUID clubId, RecordingFile file, Instant start, ZoneId zone, Sport sport) {
    Parsed parsed =
        switch (file.format()) {
          case GPX, TCX -> TrackFiles.read(file.format(), file.text());
          case CSV -> {
            List<String> head = TableFiles.head(file.text());
            Columns columns =
                Optional.ofNullable(file.columns())
                    .or(() -> remembered(clubId, head))
                    .or(() -> TableFiles.guess(head))
                    .orElseThrow(
                        () ->
                            new OutOfRangeException(
                                "columns", "missing", "which of " + String.join(", ", head)));
            Parsed table = TableFiles.read(file.text(), columns, start, zone);
            // Columns by which a table could not be read are not worth remembering.
            jdbc.update(
                "INSERT INTO csv_mapping (club_id, head, mapping) VALUES (?, ?, ?::jsonb)"
                    + " ON CONFLICT (club_id, head) DO UPDATE SET mapping = EXCLUDED.mapping",
                clubId,
                fingerprint(String.join("\n", head)),
                json.write(columns));
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
