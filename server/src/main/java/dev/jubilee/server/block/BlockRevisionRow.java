package dev.jubilee.server.block;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.TenantId;

/** A block as it was laid out once; written once, never changed. */
@Entity
@Immutable
@Table(name = "training_block_revision")
// Hibernate writes some fields that only people read, in the database.
@SuppressWarnings("UnusedVariable")
class BlockRevisionRow {
  @Id private UUID id;
  @TenantId private UUID clubId;
  private UUID blockId;
  private int number;
  private Integer parent;
  private String edit;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String definition;

  private UUID coachId;
  private Instant createdAt;

  protected BlockRevisionRow() {}

  BlockRevisionRow(
      BlockRow of,
      int number,
      Integer parent,
      String edit,
      String definition,
      UUID coachId,
      Instant createdAt) {
    this.id = UUID.randomUUID();
    this.clubId = of.clubId();
    this.blockId = of.id();
    this.number = number;
    this.parent = parent;
    this.edit = edit;
    this.definition = definition;
    this.coachId = coachId;
    this.createdAt = createdAt;
  }

  UUID blockId() {
    return blockId;
  }

  int number() {
    return number;
  }

  Integer parent() {
    return parent;
  }

  String edit() {
    return edit;
  }

  String definition() {
    return definition;
  }
}
