package dev.jubilee.core.circumstances;

import dev.jubilee.core.drill.Role;
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
    WALK(Role.TRANSFER_WALK),
    RIDE(Role.TRANSFER_RIDE),
    DRIVE(Role.TRANSFER_DRIVE),
    CHANGE(Role.TRANSFER_CHANGE);

    private final Role role;

    Means(Role role) {
      this.role = role;
    }

    /** What the library has for it. */
    public Role role() {
      return role;
    }
  }
}
