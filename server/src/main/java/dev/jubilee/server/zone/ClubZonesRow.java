package dev.jubilee.server.zone;

import dev.jubilee.server.zone.stored.ZonesV1;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** What a club's zones mean. */
@Entity
@Table(name = "club_zones")
class ClubZonesRow {
  @Id private UUID clubId;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private ZonesV1 meanings;

  @Version private Long version;

  protected ClubZonesRow() {}

  ClubZonesRow(UUID clubId) {
    this.clubId = clubId;
  }

  ZonesV1 meanings() {
    return meanings;
  }

  /** Of the first that is stored it is 0. */
  long version() {
    return version;
  }

  void say(ZonesV1 said) {
    this.meanings = said;
  }
}
