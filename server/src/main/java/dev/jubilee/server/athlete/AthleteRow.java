package dev.jubilee.server.athlete;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** A stored athlete; name and sport are columns to list by, the rest is the profile. */
@Entity
@Table(name = "athlete")
public class AthleteRow {
  @Id private UUID id;
  @TenantId private UUID clubId;
  private String name;
  private String sport;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String profile;

  /** Learned beside whatever a coach edits, so that neither stands in the other's way. */
  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  @Column(insertable = false, updatable = false)
  private PhysiqueV1 physique;

  private Instant archivedAt;

  @Version private long version;

  protected AthleteRow() {}

  AthleteRow(UUID id, UUID clubId) {
    this.id = id;
    this.clubId = clubId;
  }

  void write(AthleteProfile values, String json) {
    this.name = values.name();
    this.sport = values.sport().name();
    this.profile = json;
  }

  void archive(Instant now) {
    archivedAt = now;
  }

  void restore() {
    archivedAt = null;
  }

  public boolean isArchived() {
    return archivedAt != null;
  }

  public UUID id() {
    return id;
  }

  public UUID clubId() {
    return clubId;
  }

  public String name() {
    return name;
  }

  public String sport() {
    return sport;
  }

  PhysiqueV1 physique() {
    return physique;
  }

  public String profile() {
    return profile;
  }

  public long version() {
    return version;
  }
}
