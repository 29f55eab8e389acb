package dev.jubilee.core.check;

import java.util.Optional;

/**
 * What one click does about a finding.
 *
 * @param action which edit
 * @param label on the button
 * @param itemId the item it changes, if one
 * @param amount new dose or minutes, if the action takes one; else 0
 */
public record Remedy(Action action, String label, Optional<String> itemId, int amount) {

  /** Edits that remedy. */
  public enum Action {
    REFIT,
    REMOVE,
    DOSE,
    MINUTES,
    /** Nothing in the plan can be changed about it; it is taken note of. */
    SEEN
  }

  static Remedy refit(String label) {
    return new Remedy(Action.REFIT, label, Optional.empty(), 0);
  }

  static Remedy remove(String label, String itemId) {
    return new Remedy(Action.REMOVE, label, Optional.of(itemId), 0);
  }

  static Remedy dose(String label, String itemId, int amount) {
    return new Remedy(Action.DOSE, label, Optional.of(itemId), amount);
  }

  static Remedy seen() {
    return new Remedy(Action.SEEN, "Seen", Optional.empty(), 0);
  }

  static Remedy minutes(String label, int minutes) {
    return new Remedy(Action.MINUTES, label, Optional.empty(), minutes);
  }
}
