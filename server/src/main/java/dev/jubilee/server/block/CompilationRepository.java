package dev.jubilee.server.block;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface CompilationRepository extends JpaRepository<CompilationRow, UUID> {
  List<CompilationRow> findByState(CompilationRow.State state);

  /** To be changed by one at a time. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select c from CompilationRow c where c.blockId = :blockId")
  Optional<CompilationRow> lock(UUID blockId);
}
