package dev.jubilee.server.lead;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface LeadRepository extends JpaRepository<LeadRow, UUID> {
  /** To be changed by one device at a time. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select l from LeadRow l where l.sessionId = :sessionId")
  Optional<LeadRow> lock(UUID sessionId);
}
