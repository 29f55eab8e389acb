package dev.jubilee.server.routine;

import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
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
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Warm-ups under a name: kept, listed, given to others. */
@RestController
@RequestMapping("/api/routines")
class RoutineController {

  /** What to keep under which name. */
  record KeepRequest(
      @NotNull UUID prescriptionId,
      @NotBlank(message = Routines.NAME_ACCEPTED)
          @Size(min = 1, max = Routines.LONGEST_NAME, message = Routines.NAME_ACCEPTED)
          String name) {}

  /** Whose plan gets the routine; any other base revision is a conflict. */
  record ApplyRequest(@NotNull UUID prescriptionId, int baseRevision) {}

  private final Routines routines;

  RoutineController(Routines routines) {
    this.routines = routines;
  }

  @GetMapping
  List<Routines.RoutineView> listRoutines(@AuthenticationPrincipal SignedIn coach) {
    return routines.all();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Routines.RoutineView keepRoutine(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody KeepRequest request) {
    return routines.keep(coach.clubId(), request.prescriptionId(), request.name().strip());
  }

  @PostMapping("/{id}/apply")
  Routines.AppliedRoutine applyRoutine(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody ApplyRequest request) {
    return routines.apply(coach, id, request.prescriptionId(), request.baseRevision());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forgetRoutine(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    routines.forget(id);
  }
}
