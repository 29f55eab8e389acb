package dev.jubilee.server.routine;

import dev.jubilee.core.edit.Routine;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.prescription.Prescriptions.AppliedRoutine;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.signin.SignedIn;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Warm-ups under a name: kept, listed, given to others. */
@RestController
@RequestMapping("/api/routines")
class RoutineController {

  /** A routine as it is listed. */
  record RoutineView(UUID id, String name, int drills) {}

  /** What to keep under which name. */
  record KeepRequest(UUID prescriptionId, String name) {}

  /** Whose plan gets the routine; any other base revision is a conflict. */
  record ApplyRequest(UUID prescriptionId, int baseRevision) {}

  private final RoutineRepository routines;
  private final Prescriptions prescriptions;
  private final Json json;

  RoutineController(RoutineRepository routines, Prescriptions prescriptions, Json json) {
    this.routines = routines;
    this.prescriptions = prescriptions;
    this.json = json;
  }

  @GetMapping
  List<RoutineView> listRoutines(@AuthenticationPrincipal SignedIn coach) {
    return routines.findByClubIdOrderByName(coach.clubId()).stream().map(this::view).toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  RoutineView keepRoutine(
      @AuthenticationPrincipal SignedIn coach, @RequestBody KeepRequest request) {
    String name = required("name", request.name()).strip();
    Bounds.within("name", name.length(), 1, 60, "characters");
    if (routines.existsByClubIdAndName(coach.clubId(), name)) {
      throw new OutOfRangeException("name", name, "a name that no other routine has");
    }
    Routine routine =
        prescriptions.routine(coach.clubId(), required("prescriptionId", request.prescriptionId()));
    return view(
        routines.saveAndFlush(
            new RoutineRow(UUID.randomUUID(), coach.clubId(), name, json.write(routine))));
  }

  @PostMapping("/{id}/apply")
  AppliedRoutine applyRoutine(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestBody ApplyRequest request) {
    RoutineRow row = row(coach, id);
    return prescriptions.apply(
        coach,
        required("prescriptionId", request.prescriptionId()),
        request.baseRevision(),
        row.name(),
        json.read(row.entries(), Routine.class));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forgetRoutine(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    routines.delete(row(coach, id));
  }

  private RoutineRow row(SignedIn coach, UUID id) {
    return routines
        .findByIdAndClubId(id, coach.clubId())
        .orElseThrow(() -> new NotFoundException("routine"));
  }

  private RoutineView view(RoutineRow row) {
    return new RoutineView(
        row.id(), row.name(), json.read(row.entries(), Routine.class).entries().size());
  }

  private static <T> T required(String field, T value) {
    if (value == null) {
      throw new OutOfRangeException(field, "missing", "a value");
    }
    return value;
  }
}
