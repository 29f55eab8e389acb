package dev.jubilee.core.demand;

import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.WarmUpPart;
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
 * @param warmth muscle temperature above rest that the session wants, °C; about 3 is what 10 to 20
 *     min at 70 to 75 % give (Saltin et al. 1968), how much of it is a Jubilee modelling choice
 * @param why a sentence for each thing that made the warm-up longer, shorter, higher or lower
 */
public record Demand(
    Effort firstEffort,
    Effort buildTop,
    int raiseSeconds,
    Map<WarmUpPart, Integer> menuSeconds,
    int drills,
    int efforts,
    int transitionSeconds,
    Map<Need, Double> needs,
    int contacts,
    double warmth,
    List<String> why) {
  /** What part of the wanted warmth is enough; Jubilee modelling choice. */
  public static final double WARM_ENOUGH = 0.8;

  /** Fresh enough: the reserve refilled and little lingering; Jubilee modelling choice. */
  public static final double FRESH = 0.92;

  public Demand {
    menuSeconds = Map.copyOf(menuSeconds);
    why = List.copyOf(why);
  }

  /** With other lengths of raise and transition, and why. */
  public Demand with(int newRaise, int newTransition, List<String> newWhy) {
    return new Demand(
        firstEffort,
        buildTop,
        newRaise,
        menuSeconds,
        drills,
        efforts,
        newTransition,
        needs,
        contacts,
        warmth,
        newWhy);
  }

  /** Ideal seconds of all drills together. */
  public int menuTotal() {
    return menuSeconds.values().stream().mapToInt(Integer::intValue).sum();
  }
}
