package dev.jubilee.server.handover;

import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A personal link of an athlete. Its secret is known here by its hash alone. */
@Entity
@Table(name = "athlete_link")
@SuppressWarnings("UnusedVariable")
class AthleteLinkRow extends ClubRow<UUID> {
  @Id private UUID id;
  private UUID athleteId;
  private String tokenHash;
  private Instant createdAt;
  private Instant revokedAt;

  protected AthleteLinkRow() {}

  @Override
  public UUID getId() {
    return id;
  }

  UUID athleteId() {
    return athleteId;
  }

  String tokenHash() {
    return tokenHash;
  }
}
