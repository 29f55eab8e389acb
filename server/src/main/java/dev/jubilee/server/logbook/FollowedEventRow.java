package dev.jubilee.server.logbook;

import dev.jubilee.core.logbook.FollowEvent;
import dev.jubilee.core.logbook.Happening;
import dev.jubilee.server.logbook.stored.EventV1;
import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** An event as a device told it; written once, never changed. */
@Entity
@Immutable
@Table(name = "followed_event")
@IdClass(FollowedEventRow.Key.class)
@SuppressWarnings("UnusedVariable")
class FollowedEventRow extends ClubRow<FollowedEventRow.Key> {

  /** One event of one device that follows one warm-up. */
  record Key(UUID prescriptionId, UUID device, int sequence) implements Serializable {}

  @Id private UUID prescriptionId;
  @Id private UUID device;
  @Id private int sequence;
  private int revision;

  @Enumerated(EnumType.STRING)
  private Happening.Kind kind;

  @JdbcTypeCode(SqlTypes.JSON)
  private EventV1 event;

  private Instant receivedAt;

  protected FollowedEventRow() {}

  FollowedEventRow(
      UUID prescriptionId, UUID device, int revision, FollowEvent event, Instant receivedAt) {
    this.prescriptionId = prescriptionId;
    this.device = device;
    this.sequence = event.sequence();
    this.revision = revision;
    this.kind = event.happening().kind();
    this.event = EventV1.of(event);
    this.receivedAt = receivedAt;
  }

  @Override
  public Key getId() {
    return new Key(prescriptionId, device, sequence);
  }
}
