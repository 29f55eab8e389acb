package dev.jubilee.core.session;

import dev.jubilee.core.drill.Block;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.intensity.Effort;
import java.util.List;
import java.util.Map;

/**
 * What a session asks of its warm-up for one athlete on one day.
 *
 * @param firstEffort how hard the session begins
 * @param buildTop where the build must end; rest when no build is wanted
 * @param raiseSeconds ideal length of the raise
 * @param menuSeconds ideal seconds of drills by block: release, mobilise, activate, drill
 * @param drills most drills of the menu; many drills and few efforts are a common fault
 * @param efforts ideal number of graded efforts
 * @param transitionSeconds from the last effort to the start
 * @param needs what drills should serve, with weights above 0
 * @param contacts ground contacts tolerated
 * @param why a sentence for each thing that made the warm-up longer, shorter, higher or lower
 */
public record Demand(
    Effort firstEffort,
    Effort buildTop,
    int raiseSeconds,
    Map<Block, Integer> menuSeconds,
    int drills,
    int efforts,
    int transitionSeconds,
    Map<Need, Double> needs,
    int contacts,
    List<String> why) {
  public Demand {
    menuSeconds = Map.copyOf(menuSeconds);
    why = List.copyOf(why);
  }

  /** Ideal seconds of all drills together. */
  public int menuTotal() {
    return menuSeconds.values().stream().mapToInt(Integer::intValue).sum();
  }
}
