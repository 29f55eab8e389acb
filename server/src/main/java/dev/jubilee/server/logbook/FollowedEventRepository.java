package dev.jubilee.server.logbook;

import dev.jubilee.server.logbook.stored.EventV1;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface FollowedEventRepository extends JpaRepository<FollowedEventRow, FollowedEventRow.Key> {
  /** Which of some events a device has told already. */
  @Query(
      """
      select e.sequence from FollowedEventRow e
      where e.prescriptionId = :prescriptionId and e.device = :device
        and e.sequence in :sequences""")
  Set<Integer> findTold(UUID prescriptionId, UUID device, Collection<Integer> sequences);

  /** The last event of a device; 0 where it told none. */
  @Query(
      """
      select coalesce(max(e.sequence), 0) from FollowedEventRow e
      where e.prescriptionId = :prescriptionId and e.device = :device""")
  int lastSequence(UUID prescriptionId, UUID device);

  /** An event, which device told it, and the revision that it followed. */
  record Heard(UUID device, EventV1 event, int revision) {}

  @Query(
      """
      select new dev.jubilee.server.logbook.FollowedEventRepository$Heard(
        e.device, e.event, e.revision)
      from FollowedEventRow e where e.prescriptionId = :prescriptionId
      order by e.receivedAt, e.sequence""")
  List<Heard> findOf(UUID prescriptionId, Limit limit);

  /** A look at a warm-up. */
  record Looked(UUID prescriptionId, EventV1 event) {}

  @Query(
      """
      select new dev.jubilee.server.logbook.FollowedEventRepository$Looked(
        e.prescriptionId, e.event)
      from FollowedEventRow e where e.prescriptionId in :prescriptionIds and e.kind = LOOKED
      order by e.receivedAt limit 10000""")
  List<Looked> findLooks(Collection<UUID> prescriptionIds);
}
