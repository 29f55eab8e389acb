package dev.jubilee.server.lead;

import dev.jubilee.server.lead.stored.LeadV1;
import dev.jubilee.server.lead.stored.SheetV1;
import dev.jubilee.server.prescription.SquadSheet;
import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** The last time that a session's warm-ups were led, and where it stands. */
@Entity
@Table(name = "lead")
@SuppressWarnings("UnusedVariable")
class LeadRow extends ClubRow<UUID> {
  @Id private UUID sessionId;
  private UUID leadId;
  private int number;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private SheetV1 sheet;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private LeadV1 state;

  private Instant changedAt;

  protected LeadRow() {}

  LeadRow(UUID sessionId) {
    this.sessionId = sessionId;
  }

  void begin(SquadSheet led, LeadState begun, Instant now) {
    this.sheet = LeadForm.INSTANCE.stored(led);
    leadOn(begun, now);
  }

  void leadOn(LeadState next, Instant now) {
    this.leadId = next.leadId();
    this.number = next.number();
    this.state = LeadForm.INSTANCE.stored(next);
    this.changedAt = now;
  }

  /** Whether another state follows on this one. */
  boolean isFollowedBy(LeadState next) {
    return leadId.equals(next.leadId()) && number == next.number() - 1;
  }

  @Override
  public UUID getId() {
    return sessionId;
  }

  SquadSheet sheet() {
    return LeadForm.INSTANCE.shown(sheet);
  }

  LeadState state() {
    return LeadForm.INSTANCE.standing(state);
  }

  boolean isChangedSince(Instant time) {
    return changedAt.isAfter(time);
  }
}
