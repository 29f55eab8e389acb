package dev.jubilee.server.prescription;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Revisions of prescriptions, always of one club. */
public interface RevisionRepository extends JpaRepository<RevisionRow, UUID> {
  Optional<RevisionRow> findByPrescriptionIdAndNumber(UUID prescriptionId, int number);

  /** Only what an edit is based on; the outcome is long. */
  @Query(
      """
      select r.inputs from RevisionRow r
      where r.prescriptionId = :prescriptionId and r.number = :number""")
  Optional<String> findInputs(UUID prescriptionId, int number);

  List<RevisionRow> findByPrescriptionIdOrderByNumberDesc(UUID prescriptionId);

  /** The newest revision made from this one: where redo goes. */
  Optional<RevisionRow> findFirstByPrescriptionIdAndParentOrderByNumberDesc(
      UUID prescriptionId, Integer parent);

  boolean existsByPrescriptionIdAndParent(UUID prescriptionId, Integer parent);

  @Query(
      """
      select r from RevisionRow r, PrescriptionRow p
      where p.id in :ids
        and r.prescriptionId = p.id and r.number = p.currentRevision""")
  List<RevisionRow> findCurrent(Collection<UUID> ids);

  /** A prescription's inputs without its long outcome, and what made it. */
  record Current(UUID prescriptionId, Origin origin, String inputs) {}

  @Query(
      """
      select new dev.jubilee.server.prescription.RevisionRepository$Current(
        r.prescriptionId, r.origin, r.inputs)
      from RevisionRow r, PrescriptionRow p
      where p.id in :ids
        and r.prescriptionId = p.id and r.number = p.currentRevision""")
  List<Current> findCurrentInputs(Collection<UUID> ids);

  /** What was given, as it is stored: no entity, so that a long list of them is not kept. */
  record CurrentOutcome(UUID prescriptionId, String inputs, String outcome) {}

  @Query(
      """
      select new dev.jubilee.server.prescription.RevisionRepository$CurrentOutcome(
        r.prescriptionId, r.inputs, r.outcome)
      from RevisionRow r, PrescriptionRow p
      where p.id in :ids
        and r.prescriptionId = p.id and r.number = p.currentRevision""")
  List<CurrentOutcome> findCurrentOutcomes(Collection<UUID> ids);

  /** What is drawn of a warm-up, with whose it is. */
  record CurrentSketch(UUID prescriptionId, UUID sessionId, UUID athleteId, String sketch) {}

  @Query(
      """
      select new dev.jubilee.server.prescription.RevisionRepository$CurrentSketch(
        p.id, p.sessionId, p.athleteId, r.sketch)
      from RevisionRow r, PrescriptionRow p
      where p.sessionId in :sessionIds
        and r.prescriptionId = p.id and r.number = p.currentRevision""")
  List<CurrentSketch> findSketches(Collection<UUID> sessionIds);

  @Query(
      """
      select new dev.jubilee.server.prescription.RevisionRepository$CurrentSketch(
        p.id, p.sessionId, p.athleteId, r.sketch)
      from RevisionRow r, PrescriptionRow p
      where p.id in :ids and r.prescriptionId = p.id and r.number = p.currentRevision""")
  List<CurrentSketch> findSketchesOf(Collection<UUID> ids);

  @Query(
      """
      select coalesce(sum(p.currentRevision), 0) from PrescriptionRow p
      join SessionRow s on s.id = p.sessionId
      where s.startsAt > :from and s.startsAt < :before""")
  long sumOfRevisions(LocalDateTime from, LocalDateTime before);

  @Modifying
  @Query("delete from RevisionRow r where r.prescriptionId = :id")
  void deleteOf(UUID id);
}
