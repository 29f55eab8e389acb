package dev.jubilee.core.prescription;

import dev.jubilee.core.choice.DrillMenu;
import dev.jubilee.core.plan.DosedDrill;
import dev.jubilee.core.plan.PlanItem;
import java.util.List;
import java.util.Set;

/**
 * A plan of which only the drills are open.
 *
 * @param skeleton raise, build and transition
 * @param room for the drills
 * @param seconds for all drills and what getting into them adds
 */
record Draft(Skeleton skeleton, DrillRoom room, int seconds) {
  /**
   * The choice among the drills.
   *
   * @param withoutRoom ids of drills locked in any dose, to put in, in their least dose, even
   *     without room
   */
  DrillMenu menu(Set<String> withoutRoom) {
    return room.menu(seconds, withoutRoom);
  }

  List<PlanItem> with(List<DosedDrill> drills) {
    return skeleton.with(drills, room.locked());
  }
}
