package dev.jubilee.server.board;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;

/** How many of a kit there are at a place. */
@Entity
@Table(name = "kit_stock")
@IdClass(KitStockRow.Key.class)
class KitStockRow extends ClubRow<KitStockRow.Key> {

  /** A kit at a place. */
  record Key(Place place, Kit kit) implements Serializable {}

  @Id
  @Enumerated(EnumType.STRING)
  private Place place;

  @Id
  @Enumerated(EnumType.STRING)
  private Kit kit;

  private int count;

  protected KitStockRow() {}

  KitStockRow(Place place, Kit kit) {
    this.place = place;
    this.kit = kit;
  }

  @Override
  public Key getId() {
    return new Key(place, kit);
  }

  Place place() {
    return place;
  }

  Kit kit() {
    return kit;
  }

  int count() {
    return count;
  }

  void count(int counted) {
    this.count = counted;
  }
}
