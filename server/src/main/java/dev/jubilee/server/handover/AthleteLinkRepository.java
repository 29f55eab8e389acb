package dev.jubilee.server.handover;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Personal links of athletes. */
interface AthleteLinkRepository extends JpaRepository<AthleteLinkRow, UUID> {
  Optional<AthleteLinkRow> findByAthleteIdAndRevokedAtIsNull(UUID athleteId);

  Optional<AthleteLinkRow> findByTokenHash(String tokenHash);

  Optional<AthleteLinkRow> findByTokenHashAndRevokedAtIsNull(String tokenHash);

  /** Makes a link unless one is live: of several at once, one is made. */
  @Modifying
  @Query(
      """
      insert into AthleteLinkRow (id, clubId, athleteId, tokenHash, createdAt)
      select :id, a.clubId, a.id, :tokenHash, :now
      from AthleteRow a where a.id = :athleteId
      on conflict do nothing""")
  int make(UUID id, UUID athleteId, String tokenHash, Instant now);

  @Modifying
  @Query(
      "update AthleteLinkRow l set l.revokedAt = :now"
          + " where l.athleteId = :athleteId and l.revokedAt is null")
  void revoke(UUID athleteId, Instant now);
}
