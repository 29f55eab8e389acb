package dev.jubilee.server.record;

import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Records of warm-ups: of one, and of a whole group in one sweep. */
@RestController
@RequestMapping("/api")
class RecordController {
  private final Records records;
  private final Sweeps sweeps;

  RecordController(Records records, Sweeps sweeps) {
    this.records = records;
    this.sweeps = sweeps;
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
