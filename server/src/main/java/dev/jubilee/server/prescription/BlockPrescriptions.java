package dev.jubilee.server.prescription;

import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.warmup.WarmUp;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.signin.SignedIn;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Prescriptions by the dozen, for a training block. What a coach changed is left alone. */
@Service
public class BlockPrescriptions {
  private final PrescriptionRepository prescriptions;
  private final RevisionRepository revisions;
  private final ShareLinks handOvers;
  private final Snapshots snapshots;

  BlockPrescriptions(
      PrescriptionRepository prescriptions,
      RevisionRepository revisions,
      ShareLinks handOvers,
      Snapshots snapshots) {
    this.prescriptions = prescriptions;
    this.revisions = revisions;
    this.handOvers = handOvers;
    this.snapshots = snapshots;
  }

  /**
   * What is prescribed already.
   *
   * @param isTouched whether a coach changed it
   */
  public record Existing(UUID id, int revision, Plan plan, boolean isTouched) {}

  /**
   * What is to be stored.
   *
   * @param existing that it takes the place of
   */
  public record Made(UUID sessionId, Optional<Existing> existing, SimulatedPlan simulated) {}

  /** What an athlete has for these sessions, by session. */
  @Transactional(readOnly = true)
  public Map<UUID, Existing> existing(UUID clubId, UUID athleteId, List<UUID> sessionIds) {
    Map<UUID, PrescriptionRow> rows = new HashMap<>();
    prescriptions
        .findByAthleteIdAndSessionIdIn(athleteId, sessionIds)
        .forEach(row -> rows.put(row.id(), row));
    Map<UUID, Existing> bySession = new HashMap<>();
    for (RevisionRepository.Current current : revisions.findCurrentInputs(rows.keySet())) {
      PrescriptionRow row = rows.get(current.prescriptionId());
      bySession.put(
          row.sessionId(),
          new Existing(
              row.id(),
              row.currentRevision(),
              snapshots.source(clubId, current.inputs()).plan(),
              current.origin().isByCoach()));
    }
    return bySession;
  }

  /** A warm-up as it is now, if it is there. */
  @Transactional(readOnly = true)
  public Optional<Plan> plan(UUID clubId, UUID prescriptionId) {
    return revisions.findCurrentInputs(Set.of(prescriptionId)).stream()
        .map(current -> snapshots.source(clubId, current.inputs()).plan())
        .findFirst();
  }

  /**
   * Stores what was prescribed, in place of what nobody changed; gives the ids by session.
   *
   * @throws OptimisticLockingFailureException if somebody changed one since it was read
   */
  @Transactional
  public Map<UUID, UUID> keep(SignedIn coach, UUID athleteId, List<Made> all) {
    Map<UUID, UUID> ids = new HashMap<>();
    List<RevisionRow> made = new ArrayList<>();
    for (Made one : all) {
      PrescriptionRow row =
          one.existing()
              .map(e -> unchanged(e))
              .orElseGet(
                  () ->
                      new PrescriptionRow(
                          UUID.randomUUID(), coach.clubId(), one.sessionId(), athleteId));
      made.add(
          snapshots.next(
              coach,
              row,
              Draft.of(
                  row.id(),
                  row.currentRevision(),
                  Origin.BLOCK_RUN,
                  "Prescribed for the block",
                  WarmUp.computed(one.simulated()))));
      prescriptions.save(row);
      ids.put(one.sessionId(), row.id());
    }
    // Rows of one table after another, so that they are sent together.
    revisions.saveAll(made);
    return ids;
  }

  private PrescriptionRow unchanged(Existing existing) {
    return prescriptions
        .findById(existing.id())
        .filter(row -> row.currentRevision() == existing.revision())
        .orElseThrow(() -> new OptimisticLockingFailureException("changed since it was read"));
  }

  /** Takes away what a session has, if no coach changed it and no athlete was given it. */
  @Transactional
  public boolean removeUntouched(UUID sessionId) {
    List<PrescriptionRow> rows = prescriptions.findBySessionIdIn(List.of(sessionId));
    List<UUID> ids = rows.stream().map(PrescriptionRow::id).toList();
    boolean isTouched =
        revisions.findCurrentInputs(ids).stream().anyMatch(current -> current.origin().isByCoach())
            || ids.stream().anyMatch(id -> handOvers.wasGiven(id))
            || (!ids.isEmpty() && prescriptions.areOnTheRecord(ids));
    if (isTouched) {
      return false;
    }
    for (PrescriptionRow row : rows) {
      revisions.deleteOf(row.id());
      prescriptions.delete(row);
    }
    prescriptions.flush();
    return true;
  }
}
