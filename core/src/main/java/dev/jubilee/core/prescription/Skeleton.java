package dev.jubilee.core.prescription;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.choice.LockedItems;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Changeovers;
import dev.jubilee.core.plan.DosedDrill;
import dev.jubilee.core.plan.Layout;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.SetUp;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a plan has whatever drills are chosen: raise, build and transition.
 *
 * @param library where its drills are from
 * @param first what comes first
 * @param group how many warm up together
 * @param items in the order of the plan
 */
record Skeleton(DrillLibrary library, Approach.First first, int group, List<PlanItem> items) {
  Skeleton {
    items = List.copyOf(items);
  }

  /** Seconds without any drill. */
  int seconds() {
    return PlanItem.seconds(Changeovers.timed(library, items, group));
  }

  /** Ground contacts of the build. */
  int contacts() {
    return items.stream()
        .mapToInt(i -> library.find(i.drillId()).map(d -> d.contactsIn(i.dose())).orElse(0))
        .sum();
  }

  /** The parts of the plan in order; a fixed one for each item of the skeleton. */
  List<Layout.Part> layout() {
    List<Layout.Part> parts = new ArrayList<>();
    for (Layout.Part part : Layout.order(first)) {
      if (part.block().isChosen()) {
        parts.add(part);
        continue;
      }
      for (PlanItem item : in(part)) {
        library.find(item.drillId()).map(SetUp::of).ifPresent(s -> parts.add(part.with(s)));
      }
    }
    return parts;
  }

  /** The whole plan: the skeleton with the drills in their parts, in the order given. */
  List<PlanItem> with(List<DosedDrill> drills, LockedItems locked) {
    List<PlanItem> whole = new ArrayList<>();
    Set<String> given = new HashSet<>();
    for (Layout.Part part : Layout.order(first)) {
      if (part.block().isChosen()) {
        drills.stream()
            .filter(d -> part.holds(d.drill()))
            .map(d -> locked.itemOf(d, library, given))
            .forEach(whole::add);
      } else {
        whole.addAll(in(part));
      }
    }
    return whole;
  }

  private List<PlanItem> in(Layout.Part part) {
    return items.stream()
        .filter(i -> i.block() == part.block())
        .filter(i -> part.block() == WarmUpPart.TRANSITION || onApparatus(i) == part.apparatus())
        .toList();
  }

  private boolean onApparatus(PlanItem item) {
    Optional<Drill> drill = library.find(item.drillId());
    return drill.filter(SetUp::onApparatus).isPresent();
  }
}
