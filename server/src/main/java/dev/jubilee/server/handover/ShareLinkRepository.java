package dev.jubilee.server.handover;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Links to warm-ups. */
public interface ShareLinkRepository extends JpaRepository<ShareLinkRow, UUID> {
  Optional<ShareLinkRow> findByClubIdAndPrescriptionIdAndRevokedAtIsNull(
      UUID clubId, UUID prescriptionId);

  boolean existsByClubIdAndPrescriptionId(UUID clubId, UUID prescriptionId);

  Optional<ShareLinkRow> findByTokenHash(String tokenHash);

  /** Makes a link unless one is live: of several at once, one is made. */
  @Modifying
  @Query(
      nativeQuery = true,
      value =
          "INSERT INTO hand_over (id, club_id, prescription_id, token_hash, created_at, kept)"
              + " VALUES (:id, :clubId, :prescriptionId, :tokenHash, :now, false)"
              + " ON CONFLICT (prescription_id) WHERE revoked_at IS NULL DO NOTHING")
  int make(UUID id, UUID clubId, UUID prescriptionId, String tokenHash, Instant now);
}
