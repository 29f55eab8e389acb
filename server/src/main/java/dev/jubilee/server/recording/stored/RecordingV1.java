package dev.jubilee.server.recording.stored;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.recording.Arrangement;
import dev.jubilee.core.recording.PlannedSteps;
import dev.jubilee.core.recording.RecordedSession;
import dev.jubilee.core.recording.Recording;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** What is kept of a recording. */
public final class RecordingV1 {
  private RecordingV1() {}

  /** Names of files. */
  public record FilesV1(List<String> names) {}

  /** A series as it is stored. */
  public record SeriesV1(
      Instant start, Recording.Measure measure, List<Integer> hundredths, List<Integer> hearts) {
    public static SeriesV1 of(Recording r) {
      return new SeriesV1(
          r.start(),
          r.measure(),
          r.figures().stream().map(f -> Double.isNaN(f) ? -1 : (int) Math.round(100 * f)).toList(),
          r.hearts());
    }

    public Recording toCore() {
      return new Recording(
          start,
          Optional.empty(),
          measure,
          hundredths.stream().map(h -> h < 0 ? Double.NaN : h / 100.0).toList(),
          hearts);
    }
  }

  /** What a coach says; {@code begins} is absent where stretches are as they were found. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record StepsV1(List<Integer> stepOf, List<Integer> begins) {
    public RecordedSession read(PlannedSteps planned, Recording recording) {
      return begins == null
          ? RecordedSession.of(planned, recording, stepOf)
          : RecordedSession.of(planned, recording, new Arrangement(begins, stepOf));
    }
  }
}
