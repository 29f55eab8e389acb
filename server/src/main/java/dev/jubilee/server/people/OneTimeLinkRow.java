package dev.jubilee.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** A link that works once. */
@Entity
@Table(name = "one_time_link")
@SuppressWarnings("UnusedVariable")
class OneTimeLinkRow {
  /** What it is good for. */
  enum Purpose {
    /** To join the club as a coach. */
    INVITATION,
    /** To choose a new password. */
    PASSWORD
  }

  @Id private UUID id;
  @TenantId private UUID clubId;

  @Enumerated(EnumType.STRING)
  private Purpose purpose;

  private UUID coachId;
  private String addressee;
  private String tokenHash;
  private Instant madeAt;
  private Instant expiresAt;
  private Instant usedAt;

  protected OneTimeLinkRow() {}

  /**
   * @param coachId whose password it is about; null for an invitation
   * @param addressee whom an invitation is for
   */
  OneTimeLinkRow(
      UUID clubId,
      Purpose purpose,
      UUID coachId,
      String addressee,
      String tokenHash,
      Instant madeAt,
      Instant expiresAt) {
    this.id = UUID.randomUUID();
    this.clubId = clubId;
    this.purpose = purpose;
    this.coachId = coachId;
    this.addressee = addressee;
    this.tokenHash = tokenHash;
    this.madeAt = madeAt;
    this.expiresAt = expiresAt;
  }

  UUID id() {
    return id;
  }

  UUID clubId() {
    return clubId;
  }

  UUID coachId() {
    return coachId;
  }

  /** Empty for a password, and for an invitation from before this was asked. */
  String addressee() {
    return addressee;
  }

  Instant madeAt() {
    return madeAt;
  }

  Instant expiresAt() {
    return expiresAt;
  }

  boolean isGood(Instant now) {
    return usedAt == null && now.isBefore(expiresAt);
  }

  void use(Instant now) {
    this.usedAt = now;
  }
}
