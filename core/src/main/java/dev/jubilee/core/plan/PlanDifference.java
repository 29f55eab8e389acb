package dev.jubilee.core.plan;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What differs between two warm-ups for the same kind of session, in a coach's words. */
public final class PlanDifference {
  private final Plan before;
  private final Plan after;
  private final List<String> words = new ArrayList<>();

  private PlanDifference(Plan before, Plan after) {
    this.before = before;
    this.after = after;
  }

  /** Such as "+1 build-up", "A-march → A-skip", "Bridge 10 → 12 reps"; the weightiest first. */
  public static List<String> between(Plan before, Plan after) {
    PlanDifference difference = new PlanDifference(before, after);
    difference.build();
    difference.drills();
    difference.minutes();
    return difference.words;
  }

  private void build() {
    int efforts = after.in(WarmUpPart.BUILD).size() - before.in(WarmUpPart.BUILD).size();
    if (efforts != 0) {
      words.add(signed(efforts) + (Math.abs(efforts) == 1 ? " build-up" : " build-ups"));
    }
    int from = before.topPercent();
    int to = after.topPercent();
    if (from != to && from > 0 && to > 0) {
      words.add("top effort " + from + " → " + to + " %");
    }
  }

  private void drills() {
    Map<String, PlanItem> old = byGroup(before);
    Map<String, PlanItem> now = byGroup(after);
    List<String> gone = new ArrayList<>();
    List<String> come = new ArrayList<>();
    old.forEach(
        (group, item) -> {
          PlanItem other = now.get(group);
          if (other == null) {
            gone.add(item.name());
          } else if (!other.drillId().equals(item.drillId())) {
            words.add(item.name() + " → " + other.name());
          } else if (other.dose().amount() != item.dose().amount()) {
            words.add(
                item.name()
                    + " "
                    + item.dose().words().metric()
                    + " → "
                    + other.dose().words().metric());
          }
        });
    now.forEach(
        (group, item) -> {
          if (!old.containsKey(group)) {
            come.add(item.name());
          }
        });
    if (!come.isEmpty()) {
      words.add("with " + String.join(", ", come));
    }
    if (!gone.isEmpty()) {
      words.add("without " + String.join(", ", gone));
    }
  }

  private void minutes() {
    int minutes = Math.round((after.seconds() - before.seconds()) / 60f);
    if (minutes != 0) {
      words.add(signed(minutes) + " min");
    }
  }

  private static String signed(int figure) {
    return figure > 0 ? "+" + figure : "−" + -figure;
  }

  private static Map<String, PlanItem> byGroup(Plan plan) {
    Map<String, PlanItem> byGroup = new LinkedHashMap<>();
    for (PlanItem item : plan.items()) {
      if (item.block().isChosen()) {
        byGroup.putIfAbsent(plan.drill(item).map(Drill::group).orElse(item.drillId()), item);
      }
    }
    return byGroup;
  }
}
