package dev.jubilee.core.check;

import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import java.util.Optional;

/** Ground contacts where there should be none. */
final class ContactsUnwanted extends ItemCheck {
  ContactsUnwanted() {
    super(FindingCode.CONTACTS_UNWANTED);
  }

  @Override
  Optional<Finding> examine(Plan plan, PlanItem item, Drill drill) {
    Session session = plan.request().session();
    boolean isUnwanted =
        plan.request().athlete().contraindications().contains(Contraindication.CONTACTS)
            || (!session.sport().isOnFoot() && session.kind() != SessionKind.JUMPS);
    return removableIf(
        drill.contacts() > 0 && isUnwanted,
        item,
        item.name() + " has ground contacts.",
        "Swimmers, cyclists and rowers get none by default, nor does anyone told to avoid them.");
  }
}
