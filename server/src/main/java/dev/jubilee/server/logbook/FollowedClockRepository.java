package dev.jubilee.server.logbook;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface FollowedClockRepository extends JpaRepository<FollowedClockRow, FollowedClockRow.Key> {
  List<FollowedClockRow> findByPrescriptionId(UUID prescriptionId);

  /** How many devices beside one follow a warm-up. */
  @Query(
      """
      select count(distinct c.device) from FollowedClockRow c
      where c.prescriptionId = :prescriptionId and c.device <> :device""")
  int countOthers(UUID prescriptionId, UUID device);
}
