package dev.jubilee.server.prescription;

import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.warmup.WarmUp;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.prescription.stored.OutcomeV1;
import dev.jubilee.server.prescription.stored.SnapshotV1;
import dev.jubilee.server.signin.SignedIn;
import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** From warm-ups to stored revisions and back. */
@Component
class Snapshots {
  private static final int VERSION = 1;

  private final Json json;
  private final Libraries libraries;

  private final Clock clock;

  Snapshots(Json json, Libraries libraries, Clock clock) {
    this.clock = clock;
    this.json = json;
    this.libraries = libraries;
  }

  /**
   * What made a revision.
   *
   * @param parent that it came from; null for the first
   * @param words for undo and history
   */
  record Step(Integer parent, Origin origin, String words) {}

  /**
   * The next revision of a prescription, which points to it from now on; both are still to be
   * saved.
   */
  RevisionRow next(
      SignedIn coach, PrescriptionRow row, Step step, WarmUp warmUp, PlanView outcome) {
    return new RevisionRow(
        row,
        row.nextRevision(),
        step.parent(),
        step.origin(),
        step.words(),
        Prescriber.ENGINE_VERSION,
        VERSION,
        json.write(SnapshotV1.of(PlanSource.of(warmUp.plan()))),
        json.write(Outcomes.stored(outcome)),
        json.write(Sketch.of(outcome, warmUp.plan().request().circumstances())),
        coach.coachId(),
        clock.instant());
  }

  /** What stored inputs say, with the club's drills as they are now. */
  PlanSource source(UUID clubId, String storedInputs) {
    return json.read(storedInputs, SnapshotV1.class).toCore(libraries.of(clubId));
  }

  PlanView outcome(RevisionRow revision) {
    return Outcomes.view(json.read(revision.outcome(), OutcomeV1.class));
  }
}
