package dev.jubilee.server.learning;

import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.LocalDate;
import java.util.UUID;

/** The warm-up that an athlete keeps for races in a sport. */
@Entity
@Table(name = "race_routine")
@IdClass(RaceRoutineRow.Key.class)
class RaceRoutineRow extends ClubRow<RaceRoutineRow.Key> {

  /** An athlete in a sport. */
  record Key(UUID athleteId, Sport sport) implements Serializable {}

  @Id private UUID athleteId;

  @Id
  @Enumerated(EnumType.STRING)
  private Sport sport;

  private String name;
  private UUID prescriptionId;
  private LocalDate frozenOn;

  protected RaceRoutineRow() {}

  RaceRoutineRow(UUID athleteId, Sport sport) {
    this.athleteId = athleteId;
    this.sport = sport;
  }

  void freeze(FrozenRoutine frozen) {
    this.name = frozen.name();
    this.prescriptionId = frozen.prescriptionId();
    this.frozenOn = frozen.on();
  }

  FrozenRoutine frozen() {
    return new FrozenRoutine(sport, name, prescriptionId, frozenOn);
  }

  @Override
  public Key getId() {
    return new Key(athleteId, sport);
  }
}
