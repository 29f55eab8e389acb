package dev.jubilee.core.circumstances;

import dev.jubilee.core.quantity.Bounds;

/**
 * The way from one place to the next.
 *
 * @param means how one gets there
 * @param minutes how long it takes, 0 to 60
 */
public record Transfer(Means means, int minutes) {
  public Transfer {
    Bounds.within("transferMinutes", minutes, 0, 60, "min");
  }

  /** How one gets from place to place. */
  public enum Means {
    WALK("transfer-walk"),
    RIDE("transfer-ride"),
    DRIVE("transfer-drive"),
    CHANGE("transfer-change");

    private final String drillId;

    Means(String drillId) {
      this.drillId = drillId;
    }

    /** Id of what the library says about it. */
    public String drillId() {
      return drillId;
    }
  }
}
