package dev.jubilee.core.warmup;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Loss;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.session.SessionKind;
import java.util.List;
import java.util.Locale;

/** Why each item is there, in one plain sentence, computed from what the plan would lose. */
final class Reasons {
  private Reasons() {}

  /** The reason for an item of a plan, and what would be lost. */
  static Reason of(Plan plan, PlanItem item) {
    boolean isOfBody = item.block() == WarmUpPart.RAISE || item.block() == WarmUpPart.BUILD;
    return new Reason(why(plan, item), isOfBody ? "" : without(plan, item));
  }

  private static String why(Plan plan, PlanItem item) {
    return switch (item.block()) {
      case RAISE -> raise(plan, item);
      case BUILD -> build(plan, item);
      case TRANSITION -> transition(plan, item);
      default -> drill(plan, item);
    };
  }

  private static String raise(Plan plan, PlanItem item) {
    List<PlanItem> raise = plan.in(WarmUpPart.RAISE);
    int minutes = Math.round(PlanItem.seconds(raise) / 60f);
    if (raise.size() > 1 && raise.get(raise.size() - 1).id().equals(item.id())) {
      return "A firmer second part, so that the build does not start from nothing.";
    }
    if (plan.request().circumstances().temperature() < Circumstances.COLD) {
      return "Lifts temperature and breathing; longer than usual for the cold.";
    }
    return minutes >= 8
        ? "Muscle temperature rises fastest in the first minutes and levels after about ten."
        : "Lifts temperature, heart rate and breathing before anything is asked of the joints.";
  }

  private static String build(Plan plan, PlanItem item) {
    List<PlanItem> build = plan.in(WarmUpPart.BUILD);
    int index = build.indexOf(item);
    SessionKind kind = plan.request().session().kind();
    if (index == build.size() - 1) {
      return kind.isSprinted()
          ? "Last and fastest: the session's own speed, met once before it counts."
          : "Last, short and specific: the first effort of the session will feel known.";
    }
    if (index == 0) {
      return "Closes the gap between the easy raise and the " + kind.words() + " ahead.";
    }
    return "One even step up, so that nothing comes all at once.";
  }

  private static String transition(Plan plan, PlanItem item) {
    double minutes = item.seconds() / 60.0;
    return plan.request().session().kind() == SessionKind.TIME_TRIAL
        ? String.format(
            Locale.ROOT,
            "%.0f min to recover and stay warm; 5 to 10 suit an all-out start (Bishop 2003).",
            minutes)
        : "Enough to recover and get to the start, not enough to cool.";
  }

  private static String drill(Plan plan, PlanItem item) {
    if (item.isRepeat()) {
      return "A round more: there is time, and known drills beat new ones.";
    }
    List<Need> needs = Loss.without(plan, item).byNeed().keySet().stream().limit(2).toList();
    if (needs.isEmpty()) {
      return "Your choice; the session does not ask for what it trains.";
    }
    return needs.size() == 1
        ? "For " + needs.get(0).words() + "."
        : "For " + needs.get(0).words() + " and " + needs.get(1).words() + ".";
  }

  /** What would fall short without the item; empty when nothing the session needs would. */
  private static String without(Plan plan, PlanItem item) {
    Loss loss = Loss.without(plan, item);
    if (loss.greatest().isEmpty()) {
      return "";
    }
    Need need = loss.greatest().get();
    double now = loss.before().getOrDefault(need, 0.0);
    double lost = loss.byNeed().get(need) / plan.demand().needs().get(need);
    return String.format(
        Locale.ROOT,
        "Without it %s falls from %.0f to %.0f %%.",
        need.words(),
        100 * now,
        100 * Math.max(0, now - lost));
  }
}
