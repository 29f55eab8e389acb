package dev.jubilee.server.block;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BlockAthleteRepository extends JpaRepository<BlockAthleteRow, BlockAthleteRow.Key> {
  List<BlockAthleteRow> findByBlockId(UUID blockId);

  Optional<BlockAthleteRow> findByBlockIdAndAthleteId(UUID blockId, UUID athleteId);

  /** Who has what a run made. */
  @Query("select a.athleteId from BlockAthleteRow a where a.blockId = :blockId and a.run = :run")
  List<UUID> findDone(UUID blockId, int run);
}
