package dev.jubilee.server.drill;

import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** How long a drill takes a club against our time. */
@Entity
@Table(name = "own_time")
class OwnTimeRow extends ClubRow<String> {
  @Id private String drill;
  private double factor;

  protected OwnTimeRow() {}

  OwnTimeRow(String drill) {
    this.drill = drill;
  }

  @Override
  public String getId() {
    return drill;
  }

  double factor() {
    return factor;
  }

  void use(double used) {
    this.factor = used;
  }
}
