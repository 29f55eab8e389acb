package dev.jubilee.server.block;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BlockAthleteRepository extends JpaRepository<BlockAthleteRow, BlockAthleteRow.Key> {
  List<BlockAthleteRow> findByClubIdAndBlockId(UUID clubId, UUID blockId);

  Optional<BlockAthleteRow> findByClubIdAndBlockIdAndAthleteId(
      UUID clubId, UUID blockId, UUID athleteId);

  /** Who has what a run made. */
  @Query(
      "select a.athleteId from BlockAthleteRow a"
          + " where a.clubId = :clubId and a.blockId = :blockId and a.run = :run")
  List<UUID> findDone(UUID clubId, UUID blockId, int run);

  /**
   * Waits until nobody else prescribes for this athlete's block, on any server; let go of at the
   * end of the transaction.
   */
  @Query(nativeQuery = true, value = "select 1 from (select pg_advisory_xact_lock(:key)) held")
  int hold(long key);
}
