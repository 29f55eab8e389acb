package dev.jubilee.server.routine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.TenantId;

/** A club's warm-up under a name. */
@Entity
@Table(name = "routine")
// Hibernate writes some fields that only queries read.
@SuppressWarnings("UnusedVariable")
class RoutineRow {
  @Id private UUID id;
  @TenantId private UUID clubId;
  private String name;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String entries;

  protected RoutineRow() {}

  RoutineRow(UUID id, UUID clubId, String name, String entries) {
    this.id = id;
    this.clubId = clubId;
    this.name = name;
    this.entries = entries;
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  String entries() {
    return entries;
  }
}
