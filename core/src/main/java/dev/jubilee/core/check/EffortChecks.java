package dev.jubilee.core.check;

import static dev.jubilee.core.check.Finding.Severity.FAULT;
import static dev.jubilee.core.check.Finding.Severity.NOTE;

import dev.jubilee.core.drill.Block;
import dev.jubilee.core.prescription.Plan;
import dev.jubilee.core.prescription.PlanItem;
import java.util.ArrayList;
import java.util.List;

/** Whether effort rises to the session, evenly and far enough, without too many drills. */
final class EffortChecks implements Check {
  /** More drills than this for one graded effort is out of balance; common practice. */
  private static final int DRILLS_PER_EFFORT = 5;

  /** A step larger than this asks for everything at once; Jubilee modelling choice. */
  private static final double BIG_STEP = 32;

  @Override
  public List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    List<PlanItem> build = plan.in(Block.BUILD);
    if (plan.demand().efforts() > 0) {
      if (build.isEmpty()) {
        findings.add(
            Finding.of(
                    FAULT,
                    "NO_BUILD",
                    "No graded effort before a hard session.",
                    "Going from easy to full speed is the commonest way to spoil the first effort.",
                    "common practice")
                .with(Remedy.refit("Re-fit with a build")));
      } else if (drills(plan) > (long) DRILLS_PER_EFFORT * build.size()) {
        findings.add(
            Finding.of(
                NOTE,
                "TOO_MANY_DRILLS",
                drills(plan) + " drills for " + build.size() + " graded efforts.",
                "Many drills tire; graded efforts prepare. Take drills out or add an effort.",
                "common practice"));
      }
    }
    double before = plan.in(Block.RAISE).stream().mapToDouble(EffortChecks::points).max().orElse(0);
    for (PlanItem item : build) {
      double now = points(item);
      if (now < before - 0.5 && !item.equals(build.get(0))) {
        findings.add(
            Finding.of(
                    FAULT,
                    "EFFORT_FALLS",
                    item.name() + " is easier than the one before.",
                    "Steps in the build go one way.",
                    "common practice")
                .about(item.id())
                .with(Remedy.remove("Take it out", item.id())));
      } else if (now > before + BIG_STEP) {
        findings.add(
            Finding.of(
                    NOTE,
                    "BIG_STEP",
                    "A big step up to " + item.name() + ".",
                    "Even steps let the legs and the lungs follow.",
                    "common practice")
                .about(item.id()));
      }
      before = now;
    }
    if (!plan.anchors().known()) {
      findings.add(
          Finding.of(
              NOTE,
              "BY_FEEL",
              "No test result in this sport: targets are by feel.",
              "A race or test result turns them into paces, watts or splits.",
              "common practice"));
    }
    return findings;
  }

  private static double points(PlanItem item) {
    return item.target().map(t -> t.effort().points()).orElse(0.0);
  }

  private static long drills(Plan plan) {
    return plan.items().stream()
        .filter(
            i ->
                i.block() == Block.MOBILISE
                    || i.block() == Block.ACTIVATE
                    || i.block() == Block.DRILL)
        .map(PlanItem::drillId)
        .distinct()
        .count();
  }
}
