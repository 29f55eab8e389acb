package dev.jubilee.server.prescription;

import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.prescription.stored.OutcomeV1;
import dev.jubilee.server.prescription.stored.SnapshotV1;
import dev.jubilee.server.signin.SignedIn;
import java.time.Clock;
import java.util.List;
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
   * The next revision of a prescription, which points to it from now on; both are still to be
   * saved.
   */
  RevisionRow next(SignedIn coach, PrescriptionRow row, Draft draft) {
    Plan plan = draft.warmUp().plan();
    return new RevisionRow(
        row,
        row.nextRevision(),
        draft.baseRevision() == 0 ? null : draft.baseRevision(),
        draft.origin(),
        draft.words(),
        Prescriber.ENGINE_VERSION,
        VERSION,
        json.write(SnapshotV1.of(PlanSource.of(plan))),
        json.write(OutcomeV1.of(draft.given())),
        json.write(Sketch.of(draft.given(), plan.request().circumstances())),
        coach.coachId(),
        clock.instant());
  }

  /** What stored inputs say, with the club's drills as they are now. */
  PlanSource source(UUID clubId, String storedInputs) {
    return json.read(storedInputs, SnapshotV1.class).toCore(libraries.of(clubId));
  }

  /** A revision as it was given. */
  GivenWarmUp given(RevisionRow revision) {
    return given(revision, json.read(revision.inputs(), SnapshotV1.class).planned());
  }

  /** What is stored of one, as it was given. */
  GivenWarmUp given(RevisionRepository.CurrentOutcome stored) {
    return json.read(stored.outcome(), OutcomeV1.class)
        .toCore(json.read(stored.inputs(), SnapshotV1.class).planned());
  }

  /** The same, where its items are known already. */
  GivenWarmUp given(RevisionRow revision, List<PlanItem> planned) {
    return json.read(revision.outcome(), OutcomeV1.class).toCore(planned);
  }
}
