package dev.jubilee.server.once;

import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** What a form that may be sent several times has made. */
@Entity
@Table(name = "made_once")
@SuppressWarnings("UnusedVariable")
class MadeOnceRow extends ClubRow<UUID> {
  @Id private UUID key;
  private UUID madeId;
  private Instant madeAt;

  protected MadeOnceRow() {}

  MadeOnceRow(UUID key, UUID madeId, Instant madeAt) {
    this.key = key;
    this.madeId = madeId;
    this.madeAt = madeAt;
  }

  @Override
  public UUID getId() {
    return key;
  }

  UUID madeId() {
    return madeId;
  }
}
