package dev.jubilee.server.club;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.ZoneId;
import java.util.UUID;

/** Whom every row belongs to. */
@Entity
public class Club {
  @Id private UUID id;
  private String name;
  private String timeZone;

  protected Club() {}

  public Club(UUID id, String name, ZoneId zone) {
    this.id = id;
    this.name = name;
    this.timeZone = zone.getId();
  }

  public UUID id() {
    return id;
  }

  public String name() {
    return name;
  }

  public ZoneId zone() {
    return ZoneId.of(timeZone);
  }
}
