package dev.jubilee.server.block;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BlockRevisionRepository extends JpaRepository<BlockRevisionRow, UUID> {
  Optional<BlockRevisionRow> findByBlockIdAndNumber(UUID blockId, int number);

  /** The newest revision made from this one: where redo goes. */
  Optional<BlockRevisionRow> findFirstByBlockIdAndParentOrderByNumberDesc(
      UUID blockId, Integer parent);
}
