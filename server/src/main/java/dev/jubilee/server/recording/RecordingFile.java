package dev.jubilee.server.recording;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * A file that a device wrote.
 *
 * @param name as it is called, for what is said of it
 * @param columns of a table; as they were told last time where absent
 */
public record RecordingFile(
    @NotBlank @Size(max = 200) String name,
    @NotNull Format format,
    @NotNull @Size(max = LONGEST, message = "{text.length}") String text,
    @Schema(nullable = true) @Valid Columns columns) {
  static final int LONGEST = 5_000_000;

  /** Forms of files that are read. */
  public enum Format {
    GPX,
    TCX,
    CSV
  }

  /**
   * Names of a table's columns; absent where there is none.
   *
   * @param time of day with date (ISO 8601), or seconds from the session's first effort on
   * @param speed m/s
   * @param power W
   * @param heart beats/min
   */
  public record Columns(
      @NotBlank @Size(max = 100) String time,
      @Schema(nullable = true) @Size(max = 100) String speed,
      @Schema(nullable = true) @Size(max = 100) String power,
      @Schema(nullable = true) @Size(max = 100) String heart) {}
}
