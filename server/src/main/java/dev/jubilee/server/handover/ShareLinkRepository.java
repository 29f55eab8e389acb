package dev.jubilee.server.handover;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Links that have not been revoked. */
public interface ShareLinkRepository extends JpaRepository<ShareLinkRow, UUID> {
  Optional<ShareLinkRow> findFirstByClubIdAndPrescriptionIdAndRevokedAtIsNull(
      UUID clubId, UUID prescriptionId);

  boolean existsByClubIdAndPrescriptionId(UUID clubId, UUID prescriptionId);

  Optional<ShareLinkRow> findByTokenAndRevokedAtIsNull(String token);
}
