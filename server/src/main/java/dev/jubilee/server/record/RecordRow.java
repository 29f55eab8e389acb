package dev.jubilee.server.record;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.record.stored.ByHandV1;
import dev.jubilee.server.record.stored.RecordV1;
import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** The record of a warm-up that was done. */
@Entity
@Table(name = "warm_up_record")
@SuppressWarnings("UnusedVariable")
class RecordRow extends ClubRow<UUID> {
  @Id private UUID prescriptionId;
  private UUID athleteId;
  private UUID sessionId;
  private LocalDateTime startsAt;

  @Enumerated(EnumType.STRING)
  private Sport sport;

  @Enumerated(EnumType.STRING)
  private SessionKind kind;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private RecordV1 figures;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private ByHandV1 byHand;

  private Instant changedAt;

  protected RecordRow() {}

  RecordRow(UUID prescriptionId) {
    this.prescriptionId = prescriptionId;
  }

  void write(Kept kept, Instant now) {
    this.athleteId = kept.athleteId();
    this.sessionId = kept.sessionId();
    this.startsAt = kept.startsAt();
    this.sport = kept.sport();
    this.kind = kept.kind();
    this.figures = kept.figures();
    this.byHand = kept.byHand().orElse(null);
    this.changedAt = now;
  }

  Kept kept() {
    return new Kept(
        prescriptionId,
        athleteId,
        sessionId,
        startsAt,
        sport,
        kind,
        figures,
        Optional.ofNullable(byHand));
  }

  @Override
  public UUID getId() {
    return prescriptionId;
  }
}
