package dev.jubilee.core.check;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.Comparator;
import java.util.List;

/** More ground contacts than a warm-up takes. */
final class ContactsHigh extends Check {
  ContactsHigh() {
    super(FindingCode.CONTACTS_HIGH);
  }

  @Override
  List<Finding> examine(Plan plan) {
    int contacts = plan.contacts();
    int enough = plan.demand().contacts();
    if (contacts <= enough || enough == 0) {
      return List.of();
    }
    Finding finding =
        finding(
            contacts + " ground contacts, " + enough + " are enough.",
            "Contacts are loading; a warm-up takes a small part of a session's 80 to 140.");
    return List.of(
        plan.items().stream()
            .filter(i -> i.block() != WarmUpPart.BUILD)
            .max(Comparator.comparingInt(i -> contacts(plan, i)))
            .filter(i -> contacts(plan, i) > 0)
            .map(i -> finding.with(Remedy.remove("Take out " + i.name(), i.id())))
            .orElse(finding));
  }

  private static int contacts(Plan plan, PlanItem item) {
    return plan.drill(item).map(d -> d.contactsIn(item.dose())).orElse(0);
  }
}
