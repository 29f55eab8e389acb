package dev.jubilee.core.check;

import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.plan.Plan;

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

  static Remedy minutes(String label, Plan plan, int minutes) {
    return new Remedy(
        label, new Edit.ChangeCircumstances(plan.request().circumstances().withMinutes(minutes)));
  }

  static Remedy acknowledge(String code) {
    return new Remedy("Seen", new Edit.Acknowledge(code));
  }
}
