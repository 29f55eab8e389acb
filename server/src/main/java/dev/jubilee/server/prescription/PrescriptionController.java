package dev.jubilee.server.prescription;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.edit.Alternatives;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Prescribing and editing. */
@RestController
@RequestMapping("/api/prescriptions")
class PrescriptionController {

  /** For whom and what. */
  record PrescribeRequest(@NotNull UUID sessionId, @NotNull UUID athleteId) {}

  /** What could stand in an item's place. */
  record AlternativeView(
      String drillId,
      String name,
      int likeness,
      int secondsMore,
      List<Kit> kit,
      List<String> better,
      List<String> worse) {}

  private final Prescriptions prescriptions;
  private final Drafts drafts;
  private final Previews previews;

  PrescriptionController(Prescriptions prescriptions, Drafts drafts, Previews previews) {
    this.prescriptions = prescriptions;
    this.drafts = drafts;
    this.previews = previews;
  }

  private PrescriptionView kept(SignedIn coach, Draft draft) {
    return PrescriptionView.of(prescriptions.keep(coach, draft));
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  PrescriptionView prescribe(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody PrescribeRequest request) {
    return PrescriptionView.of(
        prescriptions.prescribe(coach, request.sessionId(), request.athleteId()));
  }

  @GetMapping("/{id}")
  PrescriptionView getPrescription(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return PrescriptionView.of(prescriptions.one(id));
  }

  @PostMapping("/{id}/edits")
  PrescriptionView editPrescription(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody EditRequest edit) {
    return kept(coach, drafts.edited(id, edit.baseRevision(), edit.toCore()));
  }

  /** For drawing while something is dragged. */
  @PostMapping("/{id}/preview")
  PlanView previewEdit(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody EditRequest edit) {
    return PlanView.of(drafts.edited(id, edit.baseRevision(), edit.toCore()).given());
  }

  @PostMapping("/{id}/refresh")
  PrescriptionView refreshPrescription(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam int baseRevision) {
    return kept(coach, drafts.refreshed(coach, id, baseRevision));
  }

  /**
   * What being late costs.
   *
   * @param dropped names of what is left out
   * @param shortened names of what is done for less long
   */
  record CostOfBeingLate(int minutes, List<String> dropped, List<String> shortened) {}

  /** What is left when an athlete comes so many minutes late. */
  @GetMapping("/{id}/late")
  CostOfBeingLate costOfBeingLate(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id, @RequestParam int minutes) {
    Bounds.within("minutes", minutes, 1, Circumstances.MOST_MINUTES, "min");
    return previews
        .late(id, minutes)
        .map(left -> new CostOfBeingLate(minutes, left.dropped(), left.shortened()))
        .orElseThrow(() -> new NotFoundException("warm-up in so little time"));
  }

  @PostMapping("/{id}/undo")
  PrescriptionView undoEdit(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam int baseRevision) {
    return PrescriptionView.of(prescriptions.undo(id, baseRevision));
  }

  @PostMapping("/{id}/redo")
  PrescriptionView redoEdit(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam int baseRevision) {
    return PrescriptionView.of(prescriptions.redo(id, baseRevision));
  }

  @GetMapping("/{id}/revisions")
  List<Prescriptions.RevisionSummary> listRevisions(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return prescriptions.revisions(id);
  }

  @GetMapping("/{id}/revisions/{number}")
  PlanView getRevision(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id, @PathVariable int number) {
    return PlanView.of(prescriptions.revision(id, number));
  }

  @GetMapping("/{id}/items/{itemId}/alternatives")
  List<AlternativeView> listAlternatives(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id, @PathVariable String itemId) {
    return previews.alternatives(id, itemId).stream().map(PrescriptionController::view).toList();
  }

  private static AlternativeView view(Alternatives.Alternative a) {
    return new AlternativeView(
        a.drill().id(),
        a.drill().name(),
        (int) Math.round(100 * a.likeness()),
        a.secondsMore(),
        a.drill().kit().stream().sorted().toList(),
        a.better(),
        a.worse());
  }
}
