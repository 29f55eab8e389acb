package dev.jubilee.core.check;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.List;

/** What fell away because minutes are few; raise and build fall last. */
final class LeftOut extends Check {
  /** A part that would have been shorter is not missed, s; Jubilee modelling choice. */
  private static final int HARDLY_MISSED = 45;

  /** With so many seconds left the minutes were not what was short. */
  private static final int TO_SPARE = 60;

  private static final double HALF = 0.5;

  LeftOut() {
    super(FindingCode.LEFT_OUT);
  }

  @Override
  List<Finding> examine(Plan plan) {
    if (!isHard(plan)
        || isRehearsed(plan)
        || plan.request().circumstances().fill()
        || plan.availableSeconds() - plan.seconds() >= TO_SPARE) {
      return List.of();
    }
    List<String> gone = new ArrayList<>();
    List<String> cut = new ArrayList<>();
    for (WarmUpPart part : WarmUpPart.CHOSEN) {
      int ideal = plan.demand().menuSeconds().getOrDefault(part, 0);
      int there = PlanItem.seconds(plan.in(part));
      if (ideal >= HARDLY_MISSED && there == 0) {
        gone.add(words(part));
      } else if (ideal >= HARDLY_MISSED && there < HALF * ideal) {
        cut.add(words(part));
      }
    }
    if (gone.isEmpty() && cut.isEmpty()) {
      return List.of();
    }
    return List.of(
        finding(
            "Short of time: "
                + told(gone, "left out")
                + (gone.isEmpty() || cut.isEmpty() ? "" : ", ")
                + told(cut, "cut by more than half")
                + ".",
            "Raise and graded efforts come first; what is left of the minutes goes to what the"
                + " session asks for most."));
  }

  private static String words(WarmUpPart part) {
    return switch (part) {
      case RELEASE -> "rolling";
      case MOBILISE -> "mobility";
      case ACTIVATE -> "activation";
      default -> "drills";
    };
  }

  private static String told(List<String> parts, String what) {
    if (parts.isEmpty()) {
      return "";
    }
    int last = parts.size() - 1;
    String others = String.join(", ", parts.subList(0, last));
    return (others.isEmpty() ? "" : others + " and ") + parts.get(last) + " " + what;
  }
}
