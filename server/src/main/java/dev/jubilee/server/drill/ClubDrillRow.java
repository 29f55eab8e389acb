package dev.jubilee.server.drill;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.TenantId;

/** A club's own drill, in the form of the library's files. */
@Entity
@Table(name = "club_drill")
// Hibernate writes some fields that only queries read.
@SuppressWarnings("UnusedVariable")
class ClubDrillRow {
  @Id private UUID id;
  @TenantId private UUID clubId;
  private String drillId;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String entry;

  private boolean archived;
  @Version private long version;

  protected ClubDrillRow() {}

  ClubDrillRow(UUID id, UUID clubId, String drillId) {
    this.id = id;
    this.clubId = clubId;
    this.drillId = drillId;
  }

  void write(String json) {
    this.entry = json;
    this.archived = false;
  }

  void archive(boolean away) {
    this.archived = away;
  }

  String drillId() {
    return drillId;
  }

  String entry() {
    return entry;
  }

  boolean archived() {
    return archived;
  }

  long version() {
    return version;
  }
}
