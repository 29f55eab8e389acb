package dev.jubilee.core.check;

import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.plan.Plan;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** What the session wants and nothing here can give: which limit stands in the way. */
final class NothingLeft extends Check {
  /** Less than this of drills is not missed, s; Jubilee modelling choice. */
  private static final int MISSED = 120;

  private static final int ROOM_LEFT = 60;

  NothingLeft() {
    super(FindingCode.NOTHING_LEFT);
  }

  @Override
  List<Finding> examine(Plan plan) {
    boolean isWanted = plan.demand().menuTotal() >= MISSED;
    boolean hasRoom = plan.availableSeconds() - plan.seconds() >= ROOM_LEFT;
    boolean hasDrill = plan.items().stream().anyMatch(i -> i.block().isChosen());
    return !isWanted || !hasRoom || hasDrill
        ? List.of()
        : List.of(finding("There is no drill left for this athlete here.", reason(plan)));
  }

  /** The restrictions that rule out most, as phrases. */
  private static String reason(Plan plan) {
    Map<String, Integer> against = new TreeMap<>();
    int takenOut = 0;
    for (Drill drill : plan.library().drills()) {
      if (drill.block().isChosen()) {
        Optional<String> phrase = Eligibility.against(drill, plan.request());
        phrase.ifPresent(p -> against.merge(p, 1, Integer::sum));
        boolean isTakenOut = plan.request().excluded().contains(drill.id());
        takenOut += phrase.isEmpty() && isTakenOut ? 1 : 0;
      }
    }
    if (takenOut > 0) {
      return "All " + takenOut + " that could be given were taken out: put some of them back.";
    }
    if (against.isEmpty()) {
      return "The library has none, or all were taken out: add some, or put them back.";
    }
    List<String> most =
        against.entrySet().stream()
            .sorted(Map.Entry.<String, Integer>comparingByValue(Comparator.reverseOrder()))
            .limit(3)
            .map(e -> e.getValue() + " because each " + e.getKey())
            .toList();
    return "Ruled out: "
        + String.join("; ", most)
        + ". Relax one of these if you can, or keep to an easy raise.";
  }
}
