package dev.jubilee.core.prescription;

import dev.jubilee.core.choice.DrillMenu;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.WarmUpPart;
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
  /** Drills beside raise, build and waiting: at most six things in all; common practice. */
  private static final int OF_A_CHILD = 3;

  /**
   * The choice among the drills.
   *
   * @param share of their time that they get
   * @param withoutRoom ids of drills locked in any dose, to put in, in their least dose, even
   *     without room
   */
  DrillMenu menu(double share, Set<String> withoutRoom) {
    return room.menu((int) (share * seconds), withoutRoom);
  }

  /** Many drills and few efforts are a common fault, and children listen to few. */
  boolean isTopHeavy(List<DosedDrill> drills) {
    int efforts =
        (int) skeleton.items().stream().filter(i -> i.block() == WarmUpPart.BUILD).count();
    long counted = drills.stream().filter(d -> d.drill().block() != WarmUpPart.RELEASE).count();
    if (room.request().athlete().isChild() && drills.size() > OF_A_CHILD) {
      return true;
    }
    return efforts > 0 && counted > Demand.mostDrills(efforts, room.request().approach());
  }

  List<PlanItem> with(List<DosedDrill> drills) {
    return skeleton.with(drills, room.locked());
  }
}
