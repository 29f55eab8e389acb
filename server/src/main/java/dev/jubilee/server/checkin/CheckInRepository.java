package dev.jubilee.server.checkin;

import dev.jubilee.server.checkin.CheckInView.State;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Check-ins. */
interface CheckInRepository extends JpaRepository<CheckInRow, UUID> {
  @Query("select c from CheckInRow c left join fetch c.decidedBy where c.id = :id")
  Optional<CheckInRow> findDecided(UUID id);

  /** To be decided by one at a time. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select c from CheckInRow c where c.id = :id")
  Optional<CheckInRow> lock(UUID id);

  Optional<CheckInRow> findFirstByPrescriptionIdOrderByReceivedAtDesc(UUID prescriptionId);

  /** The latest first. */
  @Query(
      """
      select c from CheckInRow c left join fetch c.decidedBy
      where c.prescriptionId in :prescriptionIds order by c.receivedAt desc limit 2000""")
  List<CheckInRow> findOf(Collection<UUID> prescriptionIds);

  int countByPrescriptionId(UUID prescriptionId);

  /** How one stands. */
  record Standing(UUID prescriptionId, State state) {}

  @Query(
      """
      select new dev.jubilee.server.checkin.CheckInRepository$Standing(c.prescriptionId, c.state)
      from CheckInRow c where c.receivedAt > :since order by c.receivedAt""")
  List<Standing> findSince(Instant since);

  /** Marks the open check-ins of a warm-up as superseded by a newer one. */
  @Modifying(flushAutomatically = true)
  @Query(
      """
      update CheckInRow c set c.state = SUPERSEDED
      where c.prescriptionId = :prescriptionId and c.state = OPEN""")
  void supersede(UUID prescriptionId);

  /** Warm-ups that wait until a coach has spoken with the athlete. */
  @Query(
      """
      select c.prescriptionId from CheckInRow c
      where c.coachFirst and c.state in (OPEN, SUPERSEDED, REFUSED)
        and not exists (select 1 from CheckInRow r
          where r.prescriptionId = c.prescriptionId and r.state = RELEASED
            and r.receivedAt >= c.receivedAt)""")
  Set<UUID> findHeld();

  /** Whether one of them waits. */
  @Query(
      """
      select count(c) > 0 from CheckInRow c
      where c.prescriptionId = :prescriptionId
        and c.coachFirst and c.state in (OPEN, SUPERSEDED, REFUSED)
        and not exists (select 1 from CheckInRow r
          where r.prescriptionId = c.prescriptionId and r.state = RELEASED
            and r.receivedAt >= c.receivedAt)""")
  boolean isHeld(UUID prescriptionId);
}
