package dev.jubilee.server.club;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.ZoneId;
import java.util.UUID;

/** Whom every row belongs to. */
@Entity
public class Club {
  @Id private UUID id;
  private String name;
  private String timeZone;

  @Enumerated(EnumType.STRING)
  private HourCycle hourCycle = HourCycle.H24;

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

  /** How its people say what time it is; 24 hours unless they chose otherwise. */
  public HourCycle hourCycle() {
    return hourCycle;
  }

  public void choose(HourCycle chosen) {
    this.hourCycle = chosen;
  }

  public ZoneId zone() {
    return ZoneId.of(timeZone);
  }
}
