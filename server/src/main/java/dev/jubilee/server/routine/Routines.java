package dev.jubilee.server.routine;

import dev.jubilee.core.edit.Routine;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.prescription.Drafts;
import dev.jubilee.server.prescription.PrescriptionView;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.signin.SignedIn;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** What coaches do with routines. */
@Service
class Routines {
  static final int LONGEST_NAME = 60;
  static final String NAME_ACCEPTED = "1 to " + LONGEST_NAME + " characters";

  private final RoutineRepository repository;
  private final Prescriptions prescriptions;
  private final Drafts drafts;
  private final Json json;

  Routines(RoutineRepository repository, Prescriptions prescriptions, Drafts drafts, Json json) {
    this.repository = repository;
    this.prescriptions = prescriptions;
    this.drafts = drafts;
    this.json = json;
  }

  /** A routine as it is listed. */
  record RoutineView(UUID id, String name, int drills) {}

  /** A warm-up made from a routine, and what had to differ from it. */
  record AppliedRoutine(PrescriptionView view, List<String> differences) {}

  List<RoutineView> all() {
    return repository.findAllByOrderByName().stream().map(this::view).toList();
  }

  /** Keeps the drills of a warm-up under a name of their own. */
  RoutineView keep(UUID clubId, UUID prescriptionId, String name) {
    if (repository.existsByName(name)) {
      throw new OutOfRangeException("name", name, "a name that no other routine has");
    }
    Routine routine = Routine.of(prescriptions.source(prescriptionId).plan());
    return view(
        repository.saveAndFlush(
            new RoutineRow(UUID.randomUUID(), clubId, name, json.write(RoutineV1.of(routine)))));
  }

  AppliedRoutine apply(SignedIn coach, UUID id, UUID prescriptionId, int baseRevision) {
    RoutineRow row = row(id);
    Drafts.Applied applied = drafts.routine(prescriptionId, baseRevision, row.name(), routine(row));
    return new AppliedRoutine(
        PrescriptionView.of(prescriptions.keep(coach, applied.draft())), applied.differences());
  }

  void forget(UUID id) {
    repository.delete(row(id));
  }

  private RoutineRow row(UUID id) {
    return repository.findById(id).orElseThrow(() -> new NotFoundException("routine"));
  }

  private RoutineView view(RoutineRow row) {
    return new RoutineView(row.id(), row.name(), routine(row).entries().size());
  }

  private Routine routine(RoutineRow row) {
    return json.read(row.entries(), RoutineV1.class).toCore();
  }
}
