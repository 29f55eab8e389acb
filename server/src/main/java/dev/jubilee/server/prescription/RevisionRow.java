package dev.jubilee.server.prescription;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.TenantId;
import org.springframework.data.domain.Persistable;

/** A snapshot: inputs, engine and outcome. Written once, never changed. */
@Entity
@Immutable
@Table(name = "prescription_revision")
// Hibernate writes some fields that only people read, in the database.
@SuppressWarnings("UnusedVariable")
public class RevisionRow implements Persistable<UUID> {
  @Id private UUID id;
  @TenantId private UUID clubId;
  private UUID prescriptionId;
  private int number;
  private Integer parent;

  @Enumerated(EnumType.STRING)
  private Origin origin;

  private String edit;
  private String engineVersion;
  private int snapshotVersion;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String inputs;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String outcome;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String sketch;

  private UUID coachId;
  private Instant createdAt;

  /** Tells Spring Data to insert at once instead of looking first. */
  @Transient private boolean unwritten;

  protected RevisionRow() {}

  RevisionRow(
      PrescriptionRow of,
      int number,
      Integer parent,
      Origin origin,
      String edit,
      String engineVersion,
      int snapshotVersion,
      String inputs,
      String outcome,
      String sketch,
      UUID coachId,
      Instant createdAt) {
    this.id = UUID.randomUUID();
    this.clubId = of.clubId();
    this.prescriptionId = of.id();
    this.number = number;
    this.parent = parent;
    this.origin = origin;
    this.edit = edit;
    this.engineVersion = engineVersion;
    this.snapshotVersion = snapshotVersion;
    this.inputs = inputs;
    this.outcome = outcome;
    this.sketch = sketch;
    this.coachId = coachId;
    this.createdAt = createdAt;
    this.unwritten = true;
  }

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return unwritten;
  }

  public UUID prescriptionId() {
    return prescriptionId;
  }

  public int number() {
    return number;
  }

  public Instant createdAt() {
    return createdAt;
  }

  public Integer parent() {
    return parent;
  }

  public String edit() {
    return edit;
  }

  public String inputs() {
    return inputs;
  }

  public String outcome() {
    return outcome;
  }
}
