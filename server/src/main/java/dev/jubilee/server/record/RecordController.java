package dev.jubilee.server.record;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.problem.Limits;
import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Records of warm-ups: of one, and of a whole group in one sweep. */
@RestController
@RequestMapping("/api")
class RecordController {
  private static final int MOST_DAYS = 366;

  /** Whole records are long. */
  private static final int MOST_DAYS_WHOLE = 31;

  private final Records records;
  private final Sweeps sweeps;
  private final RecordExport export;

  RecordController(Records records, Sweeps sweeps, RecordExport export) {
    this.records = records;
    this.sweeps = sweeps;
    this.export = export;
  }

  private static void requireDays(LocalDate from, LocalDate until, int most) {
    Limits.within("from", from);
    Limits.within("until", until);
    if (until.isBefore(from) || until.isAfter(from.plusDays(most))) {
      throw new OutOfRangeException("until", until, "up to " + most + " days after " + from);
    }
  }

  /** All records of some days as a table. */
  @GetMapping(value = "/records.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> recordsAsTable(
      @AuthenticationPrincipal SignedIn coach,
      @RequestParam LocalDate from,
      @RequestParam LocalDate until) {
    requireDays(from, until, MOST_DAYS);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"records.csv\"")
        .body(export.csv(from, until));
  }

  /** The same, each warm-up whole. */
  @GetMapping("/records.json")
  RecordsOfDays recordsWhole(
      @AuthenticationPrincipal SignedIn coach,
      @RequestParam LocalDate from,
      @RequestParam LocalDate until) {
    requireDays(from, until, MOST_DAYS_WHOLE);
    return export.whole(from, until);
  }

  /** The form that it has (JSON Schema 2020-12). */
  @GetMapping(value = "/records.schema.json", produces = "application/schema+json")
  Resource schemaOfRecords() {
    return new ClassPathResource("formats/records.schema.json");
  }

  @GetMapping("/prescriptions/{id}/record")
  RecordView getRecord(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return sweeps.one(coach.clubId(), id);
  }

  @PutMapping("/prescriptions/{id}/record")
  RecordView sayRecord(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody RecordInput input) {
    records.say(coach.clubId(), id, input.toStored());
    return sweeps.one(coach.clubId(), id);
  }

  /** Forgets what was said by hand. */
  @DeleteMapping("/prescriptions/{id}/record")
  RecordView unsayRecord(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    records.unsay(coach.clubId(), id);
    return sweeps.one(coach.clubId(), id);
  }

  @GetMapping("/sessions/{id}/records")
  List<RecordView> sessionRecords(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return sweeps.of(coach.clubId(), id);
  }

  /** What is said of several at once. */
  record Sweep(@NotEmpty @Size(max = 500) List<@NotNull @Valid SweptRecord> records) {}

  /** One of them. */
  record SweptRecord(@NotNull UUID prescriptionId, @NotNull @Valid RecordInput record) {}

  /** All or none. */
  @PostMapping("/sessions/{id}/records")
  List<RecordView> sweepRecords(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody Sweep sweep) {
    sweeps.say(
        coach.clubId(),
        id,
        sweep.records().stream()
            .map(r -> new Sweeps.Said(r.prescriptionId(), r.record()))
            .toList());
    return sweeps.of(coach.clubId(), id);
  }
}
