package dev.jubilee.core.check;

import static dev.jubilee.core.check.Finding.Severity.FAULT;
import static dev.jubilee.core.check.Finding.Severity.NOTE;

import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.session.SessionKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether the plan can be done where and with what there is. */
final class KitChecks implements Check {
  @Override
  public List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    for (PlanItem item : plan.items()) {
      Optional<Drill> drill = plan.drill(item);
      if (drill.isEmpty()) {
        continue;
      }
      for (Kit kit : drill.get().kit()) {
        if (!plan.request().circumstances().kit().contains(kit)) {
          findings.add(
              Finding.of(
                      FAULT,
                      "MISSING_KIT",
                      item.name() + " needs " + kit.words() + ".",
                      "It is not at hand here.",
                      "common practice")
                  .about(item.id())
                  .with(Remedy.remove("Take it out", item.id())));
        }
      }
      if (plan.request().circumstances().place().isWet() && !drill.get().wetSafe()) {
        findings.add(
            Finding.of(
                    FAULT,
                    "WET_DECK",
                    item.name() + " is not for a wet deck.",
                    "Nothing fast and no running drills where it is wet.",
                    "common practice")
                .about(item.id())
                .with(Remedy.remove("Take it out", item.id())));
      }
    }
    addGround(plan, findings);
    Kit apparatus = apparatus(plan);
    if (apparatus != null
        && !plan.request().session().kind().isOnLand()
        && plan.request().session().kind().isHard()
        && !plan.request().circumstances().kit().contains(apparatus)) {
      findings.add(
          Finding.of(
              NOTE,
              "NO_APPARATUS",
              "Without " + apparatus.words() + " the warm-up stays general.",
              "Let the first minutes of the session rise in steps instead of starting at full"
                  + " effort.",
              "common practice"));
    }
    Place place = plan.request().circumstances().place();
    if (apparatus == null
        && plan.request().session().kind() != SessionKind.GYM
        && plan.request().session().kind().isHard()
        && plan.request().circumstances().lane().metres() < 15) {
      findings.add(
          Finding.of(
              NOTE,
              "NO_ROOM_TO_RUN",
              "There is no room to run in " + place.words() + ".",
              "Add two or three build-ups outside before the first effort.",
              "common practice"));
    }
    return findings;
  }

  /** Slippery or wet ground, and kit for one in a group. */
  private static void addGround(Plan plan, List<Finding> findings) {
    Circumstances c = plan.request().circumstances();
    for (PlanItem item : plan.items()) {
      Drill drill = plan.drill(item).orElse(null);
      if (drill == null) {
        continue;
      }
      if (c.isSlippery() && !c.place().isWet() && drill.needsGrip()) {
        findings.add(
            removable(
                item, "SLIPPERY", item.name() + " is too quick for this ground.", "Slips hurt."));
      }
      if (c.place().allowsFloor() && !c.allowsFloor() && drill.position() == Position.FLOOR) {
        findings.add(
            removable(
                item, "WET_GROUND", item.name() + " is on wet ground.", "Wet clothes cool fast."));
      }
      boolean isForOne = drill.kit().stream().anyMatch(Kit::isForOne);
      if (isForOne && c.conditions().group() > Eligibility.SHARES) {
        findings.add(
            removable(
                item,
                "KIT_SHARED",
                item.name() + " needs kit for each of " + c.conditions().group() + ".",
                "While one uses it the others stand and cool."));
      }
    }
  }

  private static Finding removable(PlanItem item, String code, String what, String why) {
    return Finding.of(FAULT, code, what, why, "common practice")
        .about(item.id())
        .with(Remedy.remove("Take it out", item.id()));
  }

  private static Kit apparatus(Plan plan) {
    return switch (plan.request().session().sport()) {
      case RUN -> null;
      case RIDE -> Kit.BIKE;
      case ROW -> Kit.ROWER;
      case SWIM -> Kit.POOL;
    };
  }
}
