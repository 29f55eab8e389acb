package dev.jubilee.server.drill;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** How long changeovers take a club against ours. */
@Entity
@Table(name = "own_changeover")
class OwnChangeoverRow {
  @Id private UUID clubId;
  private double factor;

  protected OwnChangeoverRow() {}

  OwnChangeoverRow(UUID clubId, double factor) {
    this.clubId = clubId;
    this.factor = factor;
  }

  double factor() {
    return factor;
  }
}
