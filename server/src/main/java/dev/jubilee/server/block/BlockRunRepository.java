package dev.jubilee.server.block;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface BlockRunRepository extends JpaRepository<BlockRunRow, UUID> {
  /** To be changed by one at a time. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select r from BlockRunRow r where r.blockId = :blockId")
  Optional<BlockRunRow> lock(UUID blockId);
}
