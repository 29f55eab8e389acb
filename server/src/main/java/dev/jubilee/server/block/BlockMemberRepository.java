package dev.jubilee.server.block;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface BlockMemberRepository extends JpaRepository<BlockMemberRow, BlockMemberRow.Key> {
  @Modifying
  @Query("delete from BlockMemberRow m where m.blockId = :blockId")
  void deleteOf(UUID blockId);

  boolean existsByAthleteId(UUID athleteId);
}
