package dev.jubilee.server.zone;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;

/** What a club's zones mean. */
@Entity
@Table(name = "club_zones")
class ClubZonesRow {
  @Id private UUID clubId;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String meanings;

  @Version private Long version;

  protected ClubZonesRow() {}

  ClubZonesRow(UUID clubId) {
    this.clubId = clubId;
  }

  String meanings() {
    return meanings;
  }

  /** Of the first that is stored it is 0. */
  long version() {
    return version;
  }

  void say(String json) {
    this.meanings = json;
  }
}
