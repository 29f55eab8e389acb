package dev.jubilee.server.block;

import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.LocalDate;
import java.util.UUID;

/** One athlete in one block, from its first day to its last; the database refuses two at once. */
@Entity
@Table(name = "training_block_member")
@IdClass(BlockMemberRow.Key.class)
@SuppressWarnings("UnusedVariable")
class BlockMemberRow extends ClubRow<BlockMemberRow.Key> {

  /** One athlete in one block. */
  record Key(UUID blockId, UUID athleteId) implements Serializable {}

  @Id private UUID blockId;
  @Id private UUID athleteId;
  private LocalDate firstDay;
  private LocalDate lastDay;

  protected BlockMemberRow() {}

  BlockMemberRow(UUID blockId, UUID athleteId, LocalDate firstDay, LocalDate lastDay) {
    this.blockId = blockId;
    this.athleteId = athleteId;
    this.firstDay = firstDay;
    this.lastDay = lastDay;
  }

  @Override
  public Key getId() {
    return new Key(blockId, athleteId);
  }
}
