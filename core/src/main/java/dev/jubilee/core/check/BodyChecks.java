package dev.jubilee.core.check;

import static dev.jubilee.core.check.Finding.Severity.CAUTION;
import static dev.jubilee.core.check.Finding.Severity.FAULT;

import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.demand.LoadedRegions;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Sore regions, contacts and holds. */
final class BodyChecks implements Check {
  /** Held stretches of this length a muscle cost performance. */
  private static final int LONG_HOLD = 60;

  @Override
  public List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    for (Restriction limit : plan.request().athlete().limits()) {
      boolean loaded = LoadedRegions.of(plan.request().session()).contains(limit.region());
      boolean hard = plan.request().session().kind().isHard();
      if (limit.severity() == Restriction.Severity.HURT) {
        findings.add(
            Finding.of(
                CAUTION,
                "HURT",
                "Painful "
                    + limit.region().words()
                    + (loaded && hard ? ": do not do this session as planned." : "."),
                "Warm-up is preparation, not treatment. Change the session to something that does"
                    + " not load it; pain or injury goes to a licensed clinician.",
                "common practice"));
      } else if (limit.severity() == Restriction.Severity.SORE && loaded && hard) {
        findings.add(
            Finding.of(
                CAUTION,
                "SORE",
                "Sore "
                    + limit.region().words()
                    + " before "
                    + plan.request().session().kind().words()
                    + ".",
                "The build is capped. Stop building at pain that rises with speed and lower or"
                    + " change the session; if it lasts, see a licensed clinician.",
                "common practice"));
      }
    }
    for (PlanItem item : plan.items()) {
      plan.drill(item).ifPresent(drill -> examine(plan, item, drill, findings));
    }
    int contacts = plan.contacts();
    if (contacts > plan.demand().contacts() && plan.demand().contacts() > 0) {
      Finding high =
          Finding.of(
              FAULT,
              "CONTACTS_HIGH",
              contacts + " ground contacts, " + plan.demand().contacts() + " are enough.",
              "Contacts are loading; a warm-up takes a small part of a session's 80 to 140.",
              "Potach & Chu, NSCA Essentials");
      findings.add(
          plan.items().stream()
              .filter(i -> WarmUpPart.BUILD != i.block())
              .max(Comparator.comparingInt(i -> contacts(plan, i)))
              .filter(i -> contacts(plan, i) > 0)
              .map(i -> high.with(Remedy.remove("Take out " + i.name(), i.id())))
              .orElse(high));
    }
    return findings;
  }

  private static int contacts(Plan plan, PlanItem item) {
    return plan.drill(item).map(d -> d.contactsIn(item.dose())).orElse(0);
  }

  private static void examine(Plan plan, PlanItem item, Drill drill, List<Finding> findings) {
    if (item.block() != WarmUpPart.BUILD) {
      for (Restriction limit : plan.request().athlete().limits()) {
        boolean against =
            limit.severity() != Restriction.Severity.STIFF
                && (drill.loads().contains(limit.region())
                    || (limit.severity() == Restriction.Severity.HURT
                        && drill.regions().contains(limit.region())));
        if (against) {
          findings.add(
              Finding.of(
                      CAUTION,
                      "LOADS_SORE_REGION",
                      item.name() + " loads the " + limit.region().words() + ".",
                      "This athlete has it marked; pain means stop that movement.",
                      "common practice")
                  .about(item.id())
                  .with(Remedy.remove("Take it out", item.id())));
        }
      }
    }
    boolean unwanted =
        plan.request().athlete().avoidances().contains(Contraindication.CONTACTS)
            || (plan.request().session().sport() != Sport.RUN
                && plan.request().session().kind() != SessionKind.JUMPS);
    if (drill.contacts() > 0 && unwanted) {
      findings.add(
          Finding.of(
                  FAULT,
                  "CONTACTS_UNWANTED",
                  item.name() + " has ground contacts.",
                  "Swimmers, cyclists and rowers get none by default, nor does anyone told to"
                      + " avoid them.",
                  "common practice")
              .about(item.id())
              .with(Remedy.remove("Take it out", item.id())));
    }
    boolean held = item.dose() instanceof Dose.Timed && item.block() == WarmUpPart.MOBILISE;
    if (held && item.dose().amount() >= LONG_HOLD) {
      findings.add(
          Finding.of(
                  FAULT,
                  "LONG_HOLD",
                  item.name() + " is held for " + item.dose().amount() + " s.",
                  "Holds of 60 s or more a muscle cost performance (mean −4.6 %).",
                  "Behm et al. 2016")
              .about(item.id())
              .with(Remedy.dose("Hold 30 s", item.id(), 30)));
    }
  }
}
