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

  @Enumerated(EnumType.STRING)
  private Measures measures = Measures.METRIC;

  @Enumerated(EnumType.STRING)
  private WeekStart weekStart = WeekStart.MONDAY;

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

  public ClubSettings settings() {
    return new ClubSettings(name, timeZone, hourCycle, measures, weekStart);
  }

  /** Takes settings that were checked. */
  public void choose(ClubSettings chosen) {
    this.name = chosen.name().strip();
    this.timeZone = chosen.timeZone();
    this.hourCycle = chosen.hourCycle();
    this.measures = chosen.measures();
    this.weekStart = chosen.weekStart();
  }

  /** How its people say what time it is; 24 hours unless they chose otherwise. */
  public HourCycle hourCycle() {
    return hourCycle;
  }

  public Measures measures() {
    return measures;
  }

  public WeekStart weekStart() {
    return weekStart;
  }

  public ZoneId zone() {
    return ZoneId.of(timeZone);
  }
}
