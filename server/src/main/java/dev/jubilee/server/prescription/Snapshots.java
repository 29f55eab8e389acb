package dev.jubilee.server.prescription;

import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.signin.SignedIn;
import java.time.Instant;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** From plans to stored revisions and back. */
@Component
class Snapshots {
  static final String PRESCRIBED = "Prescribed";

  /** What made a prescription of a block, until a coach changes it. */
  static final String FOR_THE_BLOCK = "Prescribed for the block";

  private static final Set<String> BY_JUBILEE = Set.of(PRESCRIBED, FOR_THE_BLOCK);

  private final Json json;
  private final Libraries libraries;

  Snapshots(Json json, Libraries libraries) {
    this.json = json;
    this.libraries = libraries;
  }

  /** Whether an edit is one that a coach made. */
  static boolean isByHand(String edit) {
    return !BY_JUBILEE.contains(edit);
  }

  /**
   * The next revision of a prescription, which points to it from now on; both are still to be
   * saved.
   *
   * @param parent that it came from; null for the first
   */
  RevisionRow next(
      SignedIn coach,
      PrescriptionRow row,
      Integer parent,
      String edit,
      Plan plan,
      PlanView outcome) {
    return new RevisionRow(
        row,
        row.nextRevision(),
        parent,
        edit,
        Prescriber.ENGINE_VERSION,
        json.write(Inputs.of(plan)),
        json.write(outcome),
        json.write(Sketch.of(outcome)),
        coach.coachId(),
        Instant.now());
  }

  Inputs inputs(String stored) {
    return json.read(stored, Inputs.class);
  }

  /** The plan of stored inputs, with the club's drills as they are now. */
  Plan plan(UUID clubId, String storedInputs) {
    return inputs(storedInputs).plan(libraries.of(clubId));
  }

  PlanView outcome(RevisionRow revision) {
    return json.read(revision.outcome(), PlanView.class);
  }
}
