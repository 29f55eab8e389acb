package dev.jubilee.core.check;

import static dev.jubilee.core.check.Finding.Severity.FAULT;
import static dev.jubilee.core.check.Finding.Severity.NOTE;

import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.session.SessionKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Doubles, rungs, held stretches too late, and needless getting up and down. */
final class OrderChecks implements Check {
  /** Held this long it is a held stretch. */
  private static final int HELD = 10;

  private static final int DOWN_TOO_OFTEN = 3;
  private static final int BAND_TOO_OFTEN = 2;

  @Override
  public List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    Map<String, String> ladders = new HashMap<>();
    Set<String> seen = new HashSet<>();
    boolean isLate = false;
    for (PlanItem item : plan.items()) {
      Optional<Drill> found = plan.drill(item);
      isLate |= item.block() == WarmUpPart.DRILL || item.block() == WarmUpPart.BUILD;
      if (found.isEmpty() || !item.block().isChosen()) {
        continue;
      }
      Drill drill = found.get();
      if (!seen.add(drill.id()) && !item.isRepeat()) {
        findings.add(
            removable(
                item,
                "DOUBLED",
                item.name() + " is in twice.",
                "Something else for the same minutes prepares more."));
      }
      drill
          .rung()
          .map(rung -> ladders.putIfAbsent(rung.ladder(), drill.id()))
          .filter(other -> !other.equals(drill.id()))
          .ifPresent(
              other ->
                  findings.add(
                      removable(
                          item,
                          "TWO_RUNGS",
                          item.name() + " is a version of a drill that is in already.",
                          "One rung a ladder; the other only takes time.")));
      if (Eligibility.isAboveMastery(drill, plan.request().athlete())) {
        findings.add(
            removable(
                item,
                "ABOVE_MASTERY",
                item.name() + " is above what this athlete has mastered.",
                "A harder version done badly warms up nothing; one rung at a time."));
      }
      if (drill.holdSeconds() >= HELD && isLate) {
        findings.add(
            Finding.of(
                    FAULT,
                    "HOLD_LATE",
                    item.name() + " comes after the drills.",
                    "Held stretches belong early and are followed by movement.",
                    "Behm et al. 2016")
                .about(item.id())
                .with(Remedy.remove("Take it out", item.id())));
      }
      boolean isNew =
          !plan.request().lastTime().isEmpty() && !plan.request().lastTime().contains(drill.id());
      if (isNew
          && plan.request().session().kind() == SessionKind.TIME_TRIAL
          && item.lock().keepsDrill()) {
        findings.add(
            Finding.of(
                    NOTE,
                    "NEW_TODAY",
                    item.name() + " was not in the last rehearsal.",
                    "Nothing new when it counts.",
                    "common practice")
                .about(item.id())
                .with(Remedy.remove("Take it out", item.id())));
      }
    }
    addUpAndDown(plan, findings);
    return findings;
  }

  private static void addUpAndDown(Plan plan, List<Finding> findings) {
    int down = 0;
    int band = 0;
    Drill before = null;
    for (PlanItem item : plan.items()) {
      Drill drill = plan.drill(item).orElse(null);
      if (drill == null) {
        continue;
      }
      boolean wasDown = before != null && before.position() == Position.FLOOR;
      boolean hadBand = before != null && before.kit().contains(Kit.MINI_BAND);
      down += drill.position() == Position.FLOOR && !wasDown ? 1 : 0;
      band += drill.kit().contains(Kit.MINI_BAND) && !hadBand ? 1 : 0;
      before = drill;
    }
    if (down >= DOWN_TOO_OFTEN) {
      findings.add(
          Finding.of(
                  NOTE,
                  "UP_AND_DOWN",
                  "Down to the floor " + down + " times.",
                  "Each time costs seconds that nobody counts; do the floor drills together.",
                  "common practice")
              .with(Remedy.refit("Put them together")));
    }
    if (band >= BAND_TOO_OFTEN) {
      findings.add(
          Finding.of(
                  NOTE,
                  "BAND_ON_AND_OFF",
                  "The band goes on " + band + " times.",
                  "Do the band drills together.",
                  "common practice")
              .with(Remedy.refit("Put them together")));
    }
  }

  private static Finding removable(PlanItem item, String code, String what, String why) {
    return Finding.of(FAULT, code, what, why, "common practice")
        .about(item.id())
        .with(Remedy.remove("Take it out", item.id()));
  }
}
