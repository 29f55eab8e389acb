package dev.jubilee.core.check;

import static dev.jubilee.core.check.Finding.Severity.FAULT;
import static dev.jubilee.core.check.Finding.Severity.NOTE;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.TargetMetric;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.session.SessionKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Whether effort rises to the session, evenly and far enough, without too many drills. */
final class EffortChecks implements Check {
  /** More drills than this for one graded effort is out of balance; common practice. */
  private static final int DRILLS_PER_EFFORT = 5;

  /** A step larger than this asks for everything at once; Jubilee modelling choice. */
  private static final double BIG_STEP = 32;

  /** Points above or below what is asked that a coach would see; Jubilee modelling choices. */
  private static final double ABOVE = 8;

  private static final double BELOW = 14;

  /** Shorter warm-ups stop their build early on purpose. */
  private static final int ROOM_FOR_A_BUILD = 20 * 60;

  /** Seconds above critical intensity that a warm-up may cost; Jubilee modelling choice. */
  private static final int COSTLY = 180;

  @Override
  public List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    List<PlanItem> build = plan.in(WarmUpPart.BUILD);
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
    double before =
        plan.in(WarmUpPart.RAISE).stream().mapToDouble(EffortChecks::points).max().orElse(0);
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
      before = Math.max(before, now);
    }
    findings.addAll(examineTop(plan, build));
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

  /** Whether the build ends where the session begins, and at what cost. */
  private static List<Finding> examineTop(Plan plan, List<PlanItem> build) {
    List<Finding> findings = new ArrayList<>();
    if (build.isEmpty() || plan.demand().efforts() == 0) {
      return findings;
    }
    PlanItem last = build.get(build.size() - 1);
    double top = build.stream().mapToDouble(EffortChecks::points).max().orElse(0);
    double asked = plan.demand().buildTop().points();
    boolean hasRoom = plan.availableSeconds() >= ROOM_FOR_A_BUILD;
    boolean isByFeel = last.target().filter(t -> t.gauge() == TargetMetric.FEEL).isPresent();
    for (PlanItem item : build) {
      if (points(item) > asked + ABOVE) {
        findings.add(
            Finding.of(
                    FAULT,
                    "BUILD_TOO_HIGH",
                    item.name() + " is faster than the session asks.",
                    "It costs what the session needs; the build ends where the session begins.",
                    "common practice")
                .about(item.id())
                .with(Remedy.remove("Take it out", item.id())));
      }
    }
    if (top < asked - BELOW && hasRoom && !isByFeel) {
      findings.add(
          Finding.of(
                  FAULT,
                  "BUILD_TOO_LOW",
                  "The build stops well below the first effort.",
                  "The session's first effort would be the first at its own speed.",
                  "common practice")
              .with(Remedy.refit("Re-fit the build")));
    }
    boolean isAllOut =
        plan.request().session().kind() == SessionKind.SPRINT
            || plan.request().session().kind() == SessionKind.TIME_TRIAL;
    if (build.size() < Math.min(3, plan.demand().efforts()) && isAllOut && hasRoom) {
      findings.add(
          Finding.of(
                  FAULT,
                  "FEW_EFFORTS",
                  build.size() + " graded efforts before " + kind(plan) + ".",
                  "Four at 70, 80, 90 and 100 % are usual; from nothing to full speed is not.",
                  "common practice")
              .with(Remedy.refit("Re-fit the build")));
    }
    int hard =
        build.stream()
            .filter(i -> points(i) > Effort.CRITICAL)
            .mapToInt(i -> i.dose().seconds())
            .sum();
    if (hard > COSTLY) {
      PlanItem longest = build.stream().max(Comparator.comparingInt(PlanItem::seconds)).get();
      findings.add(
          Finding.of(
                  FAULT,
                  "COSTLY",
                  hard + " s above critical intensity before the start.",
                  "Work above it spends what the session needs, and it comes back slowly.",
                  "Skiba et al. 2012; Bailey et al. 2009")
              .about(longest.id())
              .with(Remedy.remove("Take out the longest", longest.id())));
    }
    return findings;
  }

  private static String kind(Plan plan) {
    return plan.request().session().kind().words();
  }

  private static double points(PlanItem item) {
    return item.target().map(t -> t.effort().points()).orElse(0.0);
  }

  private static long drills(Plan plan) {
    return plan.items().stream()
        .filter(
            i ->
                i.block() == WarmUpPart.MOBILISE
                    || i.block() == WarmUpPart.ACTIVATE
                    || i.block() == WarmUpPart.DRILL)
        .map(PlanItem::drillId)
        .distinct()
        .count();
  }
}
