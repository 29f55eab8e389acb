package dev.jubilee.server.block;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.TenantId;

/** What a block means for one athlete, computed for a run of it. */
@Entity
@Table(name = "training_block_athlete")
@IdClass(BlockAthleteRow.Key.class)
@SuppressWarnings("UnusedVariable")
class BlockAthleteRow {

  /** One athlete in one block. */
  record Key(UUID blockId, UUID athleteId) implements Serializable {}

  @Id private UUID blockId;
  @Id private UUID athleteId;
  @TenantId private UUID clubId;
  private int run;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String athleteWeeks;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String warmUps;

  protected BlockAthleteRow() {}

  BlockAthleteRow(UUID blockId, UUID athleteId, UUID clubId) {
    this.blockId = blockId;
    this.athleteId = athleteId;
    this.clubId = clubId;
  }

  void write(int newRun, String newWeeks, String newWarmUps) {
    this.run = newRun;
    this.athleteWeeks = newWeeks;
    this.warmUps = newWarmUps;
  }

  UUID athleteId() {
    return athleteId;
  }

  int run() {
    return run;
  }

  String athleteWeeks() {
    return athleteWeeks;
  }

  String warmUps() {
    return warmUps;
  }
}
