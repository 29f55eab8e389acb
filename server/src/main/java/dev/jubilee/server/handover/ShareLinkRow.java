package dev.jubilee.server.handover;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** A link to follow one prescription. Its secret is known here by its hash alone. */
@Entity
@Table(name = "hand_over")
public class ShareLinkRow {
  @Id private UUID id;
  @TenantId private UUID clubId;
  private UUID prescriptionId;
  private String tokenHash;
  private boolean kept;
  private Instant createdAt;
  private Instant revokedAt;

  protected ShareLinkRow() {}

  void revoke(Instant at) {
    if (revokedAt == null) {
      revokedAt = at;
    }
  }

  void keep(boolean isKept) {
    this.kept = isKept;
  }

  public UUID id() {
    return id;
  }

  public UUID clubId() {
    return clubId;
  }

  public UUID prescriptionId() {
    return prescriptionId;
  }

  public String tokenHash() {
    return tokenHash;
  }

  /** Whether it goes on working after the session is long over. */
  public boolean isKept() {
    return kept;
  }

  boolean isRevoked() {
    return revokedAt != null;
  }

  /** Whether it had been revoked by then. */
  boolean isRevokedBefore(Instant time) {
    return revokedAt != null && revokedAt.isBefore(time);
  }

  public Instant createdAt() {
    return createdAt;
  }
}
