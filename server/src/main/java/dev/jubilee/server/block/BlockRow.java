package dev.jubilee.server.block;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** A training block: a pointer into its revisions. */
@Entity
@Table(name = "training_block")
class BlockRow {
  @Id private UUID id;
  @TenantId private UUID clubId;
  private int currentRevision;
  private int lastRevision;
  @Version private long version;

  protected BlockRow() {}

  BlockRow(UUID id, UUID clubId) {
    this.id = id;
    this.clubId = clubId;
  }

  /** Takes the next number and makes it current. */
  int nextRevision() {
    lastRevision++;
    currentRevision = lastRevision;
    return lastRevision;
  }

  void pointTo(int revision) {
    currentRevision = revision;
  }

  UUID id() {
    return id;
  }

  UUID clubId() {
    return clubId;
  }

  int currentRevision() {
    return currentRevision;
  }
}
