package dev.jubilee.server.prescription;

import jakarta.persistence.LockModeType;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Prescriptions, always of one club. */
public interface PrescriptionRepository extends JpaRepository<PrescriptionRow, UUID> {
  Optional<PrescriptionRow> findBySessionIdAndAthleteId(UUID sessionId, UUID athleteId);

  /** The athlete's prescription for the last session of the same sport and kind before a time. */
  @Query(
      """
      select p from PrescriptionRow p join SessionRow s on s.id = p.sessionId
      where p.athleteId = :athleteId and s.startsAt < :before
        and s.sport = :sport and s.kind = :kind
      order by s.startsAt desc limit 1""")
  Optional<PrescriptionRow> findLast(
      UUID athleteId, LocalDateTime before, String sport, String kind);

  List<PrescriptionRow> findByAthleteIdAndSessionIdIn(UUID athleteId, Collection<UUID> sessionIds);

  List<PrescriptionRow> findBySessionIdIn(Collection<UUID> sessionIds);

  /** Waits for those who tell, decide or see something of the same warm-up at the same time. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select p from PrescriptionRow p where p.id = :id")
  Optional<PrescriptionRow> lock(UUID id);

  /** Whether anything was told or seen of one of them: then it is on the record, and stays. */
  @Query(
      """
      select count(p) > 0 from PrescriptionRow p where p.id in :ids and (
        exists (select 1 from FollowedEventRow e where e.prescriptionId = p.id)
        or exists (select 1 from RecordRow r where r.prescriptionId = p.id))""")
  boolean areOnTheRecord(Collection<UUID> ids);
}
