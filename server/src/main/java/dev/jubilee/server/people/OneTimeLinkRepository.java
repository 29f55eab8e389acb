package dev.jubilee.server.people;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Links that work once. */
interface OneTimeLinkRepository extends JpaRepository<OneTimeLinkRow, UUID> {
  Optional<OneTimeLinkRow> findByTokenHashAndPurpose(
      String tokenHash, OneTimeLinkRow.Purpose purpose);

  /** To be used by one at a time. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select l from OneTimeLinkRow l where l.tokenHash = :tokenHash and l.purpose = :purpose")
  Optional<OneTimeLinkRow> lock(String tokenHash, OneTimeLinkRow.Purpose purpose);

  List<OneTimeLinkRow> findByPurposeAndUsedAtIsNullAndExpiresAtAfterOrderByExpiresAt(
      OneTimeLinkRow.Purpose purpose, Instant now);

  void deleteByCoachId(UUID coachId);
}
