package dev.jubilee.core.check;

import dev.jubilee.core.edit.Edit;

/**
 * What one click does about a finding.
 *
 * @param label on the button
 * @param edit of the plan; to acknowledge the finding, where nothing in the plan helps
 */
public record Remedy(String label, Edit edit) {

  static Remedy refit(String label) {
    return new Remedy(label, new Edit.Refit());
  }

  static Remedy remove(String label, String itemId) {
    return new Remedy(label, new Edit.Remove(itemId));
  }

  static Remedy dose(String label, String itemId, int amount) {
    return new Remedy(label, new Edit.ChangeDose(itemId, amount));
  }

  static Remedy acknowledge(String code) {
    return new Remedy("Seen", new Edit.Acknowledge(code));
  }
}
