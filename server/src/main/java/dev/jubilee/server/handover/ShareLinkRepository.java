package dev.jubilee.server.handover;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Links to warm-ups. */
public interface ShareLinkRepository extends JpaRepository<ShareLinkRow, UUID> {
  Optional<ShareLinkRow> findByPrescriptionIdAndRevokedAtIsNull(UUID prescriptionId);

  boolean existsByPrescriptionId(UUID prescriptionId);

  Optional<ShareLinkRow> findByTokenHash(String tokenHash);

  /** Makes a link unless one is live: of several at once, one is made. */
  @Modifying
  @Query(
      """
      insert into ShareLinkRow (id, clubId, prescriptionId, tokenHash, createdAt, kept)
      select :id, p.clubId, p.id, :tokenHash, :now, false
      from PrescriptionRow p where p.id = :prescriptionId
      on conflict do nothing""")
  int make(UUID id, UUID prescriptionId, String tokenHash, Instant now);
}
