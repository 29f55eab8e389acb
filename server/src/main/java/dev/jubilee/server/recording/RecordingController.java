package dev.jubilee.server.recording;

import dev.jubilee.core.recording.Arrangement;
import dev.jubilee.server.record.Records;
import dev.jubilee.server.signin.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Recordings of devices beside what was prescribed. */
@RestController
@RequestMapping("/api")
class RecordingController {
  private final Recordings recordings;
  private final RecordingReader reader;
  private final Records records;

  RecordingController(Recordings recordings, RecordingReader reader, Records records) {
    this.recordings = recordings;
    this.reader = reader;
    this.records = records;
  }

  /** A recording, where there is one. */
  record Recorded(@Schema(nullable = true) RecordingView recording) {}

  @GetMapping("/prescriptions/{id}/recording")
  Recorded getRecording(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return new Recorded(recordings.find(coach.clubId(), id).orElse(null));
  }

  /** Files of one recording. */
  record RecordingFiles(@NotEmpty @Size(max = 8) List<@NotNull @Valid RecordingFile> files) {}

  @PostMapping("/prescriptions/{id}/recording")
  RecordingView takeRecording(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody RecordingFiles files) {
    RecordingView view = recordings.take(coach.clubId(), id, files.files());
    records.measured(coach.clubId(), id);
    return view;
  }

  /** A table of which the columns are asked. */
  record Table(
      @NotNull @Size(max = RecordingFile.LONGEST, message = "{text.length}") String text) {}

  /** Which columns a table has. */
  record TableHead(List<String> names, @Schema(nullable = true) RecordingFile.Columns columns) {}

  @PostMapping("/columns/recording")
  TableHead columnsOfRecording(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody Table table) {
    RecordingReader.Head head = reader.head(table.text());
    return new TableHead(head.names(), head.columns());
  }

  /**
   * How a recording goes.
   *
   * @param begins of the stretches, s
   * @param stepOf by stretch, −1 for none
   */
  record Arranged(
      @NotNull @Size(max = 2000) List<@NotNull Integer> begins,
      @NotNull @Size(max = 2000) List<@NotNull Integer> stepOf) {}

  @PutMapping("/prescriptions/{id}/recording")
  RecordingView arrangeRecording(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody Arranged arranged) {
    Arrangement arrangement = new Arrangement(arranged.begins(), arranged.stepOf());
    RecordingView view = recordings.arrange(coach.clubId(), id, arrangement);
    records.measured(coach.clubId(), id);
    return view;
  }

  /** Forgets what was said of it by hand. */
  @DeleteMapping("/prescriptions/{id}/recording/arrangement")
  RecordingView recordingAsFound(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    RecordingView view = recordings.asFound(coach.clubId(), id);
    records.measured(coach.clubId(), id);
    return view;
  }

  @DeleteMapping("/prescriptions/{id}/recording")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeRecording(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    recordings.remove(id);
    records.measured(coach.clubId(), id);
  }
}
