package dev.jubilee.server.routine;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.prescription.Prescriptions.AppliedRoutine;
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

  /** What to keep under which name. */
  record KeepRequest(UUID prescriptionId, String name) {}

  /** Whose plan gets the routine; any other base revision is a conflict. */
  record ApplyRequest(UUID prescriptionId, int baseRevision) {}

  private final Routines routines;

  RoutineController(Routines routines) {
    this.routines = routines;
  }

  @GetMapping
  List<Routines.RoutineView> listRoutines(@AuthenticationPrincipal SignedIn coach) {
    return routines.all(coach.clubId());
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Routines.RoutineView keepRoutine(
      @AuthenticationPrincipal SignedIn coach, @RequestBody KeepRequest request) {
    return routines.keep(
        coach.clubId(),
        required("prescriptionId", request.prescriptionId()),
        required("name", request.name()).strip());
  }

  @PostMapping("/{id}/apply")
  AppliedRoutine applyRoutine(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestBody ApplyRequest request) {
    return routines.apply(
        coach, id, required("prescriptionId", request.prescriptionId()), request.baseRevision());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forgetRoutine(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    routines.forget(coach.clubId(), id);
  }

  private static <T> T required(String field, T value) {
    if (value == null) {
      throw new OutOfRangeException(field, "missing", "a value");
    }
    return value;
  }
}
