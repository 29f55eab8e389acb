package dev.jubilee.server.handover;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A link to follow one prescription. */
@Entity
@Table(name = "hand_over")
public class ShareLinkRow {
  @Id private UUID id;
  private UUID clubId;
  private UUID prescriptionId;
  private String token;
  private Instant createdAt;
  private Instant revokedAt;

  protected ShareLinkRow() {}

  ShareLinkRow(UUID clubId, UUID prescriptionId, String token, Instant createdAt) {
    this.id = UUID.randomUUID();
    this.clubId = clubId;
    this.prescriptionId = prescriptionId;
    this.token = token;
    this.createdAt = createdAt;
  }

  void revoke(Instant at) {
    if (revokedAt == null) {
      revokedAt = at;
    }
  }

  public UUID clubId() {
    return clubId;
  }

  public UUID prescriptionId() {
    return prescriptionId;
  }

  public String token() {
    return token;
  }

  public Instant createdAt() {
    return createdAt;
  }
}
