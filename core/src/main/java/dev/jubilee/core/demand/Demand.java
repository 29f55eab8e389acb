package dev.jubilee.core.demand;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.sport.Sport;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What a session asks of its warm-up for one athlete on one day.
 *
 * @param firstEffort how hard the session begins
 * @param buildTop where the build must end; rest when no build is wanted
 * @param raiseSeconds ideal length of the raise
 * @param menuSeconds ideal seconds of drills by block: release, mobilise, activate, drill
 * @param efforts ideal number of graded efforts
 * @param effortSeconds ideal length of each, s; 0 where the sport's usual ones do
 * @param restSeconds ideal rest between two, s; 0 where the usual one does
 * @param primingSeconds heavy, not severe, work at the end of the raise; 0 where none is wanted
 * @param transitionSeconds from the last effort to the start
 * @param needs what drills should serve, with weights above 0
 * @param contacts ground contacts tolerated
 * @param warmth muscle temperature above rest that the session wants, °C; about 3 is what 10 to 20
 *     min at 70 to 75 % give (Saltin et al. 1968), how much of it is a Jubilee modelling choice
 * @param why a sentence for each thing that made the warm-up longer, shorter, higher or lower
 * @param forRegions why some regions were to get more
 */
@RecordBuilder
public record Demand(
    Effort firstEffort,
    Effort buildTop,
    int raiseSeconds,
    Map<WarmUpPart, Integer> menuSeconds,
    int efforts,
    int effortSeconds,
    int restSeconds,
    int primingSeconds,
    int transitionSeconds,
    Map<Need, Double> needs,
    int contacts,
    double warmth,
    List<String> why,
    List<RegionReason> forRegions)
    implements DemandBuilder.With {
  /** What part of the wanted warmth lengths are tuned for; Jubilee modelling choice. */
  public static final double WARM = 0.8;

  /** and below which one is told so: no minutes are spent on the last hundredth of a degree. */
  public static final double WARM_ENOUGH = 0.76;

  /** Fresh enough: the reserve refilled and little lingering; Jubilee modelling choice. */
  public static final double FRESH = 0.92;

  /** Least raise before hard work, s: muscle needs 3 to 5 min to warm (Saltin et al. 1968). */
  public static final int LEAST_RAISE = 4 * 60;

  /** From so many minutes on it has room, s; less is "still worth doing" (common practice). */
  public static final int ROOM_FOR_A_RAISE = 12 * 60;

  /** More drills than this for one graded effort is out of balance; common practice. */
  private static final int DRILLS_AN_EFFORT = 5;

  /** and for whom a complete catalogue of drills is the point; Jubilee modelling choice. */
  private static final int DRILLS_AN_EFFORT_OF_A_CATALOGUE = 9;

  /** How many drills there may be with so many graded efforts; the coach's school counts. */
  public static int mostDrills(int efforts, Approach approach) {
    return efforts
        * (approach.balance() == Approach.Balance.DRILLS
            ? DRILLS_AN_EFFORT_OF_A_CATALOGUE
            : DRILLS_AN_EFFORT);
  }

  /** Graded efforts before an all-out start, where there is room; common practice. */
  public static final int ENOUGH_EFFORTS = 3;

  /** From so many minutes on they have room, s; Jubilee modelling choice. */
  public static final int ROOM_FOR_A_BUILD = 20 * 60;

  public Demand {
    menuSeconds = Map.copyOf(menuSeconds);
    why = List.copyOf(why);
    forRegions = List.copyOf(forRegions);
  }

  /** Easy swimming in cold water, s; common practice. */
  public static final int COLD_SWIM = 240;

  /** Whether one warms up by swimming in cold water. */
  public static boolean isColdSwim(Session session, Circumstances circumstances) {
    return session.sport().isInWater()
        && !session.kind().isOnLand()
        && circumstances.conditions().isColdWater()
        && circumstances.kit().contains(Kit.POOL);
  }

  /** The stage with the build: for work on land the last, else the last that suits the sport. */
  public static int stageOfTheBuild(Session session, Circumstances circumstances) {
    return session.kind().isOnLand()
        ? circumstances.lastStage()
        : circumstances.stageFor(session.sport());
  }

  /** Id of the heavy stretch of a sport. */
  public static String priming(Sport sport) {
    return "priming-" + sport.name().toLowerCase(Locale.ROOT);
  }

  /** What there must be of the raise where there is room, s; in quarters of a minute. */
  public int leastRaise() {
    return Math.min(LEAST_RAISE, raiseSeconds * 6 / 10 / 15 * 15);
  }

  /** With a raise of at most so many seconds. */
  public Demand withRaiseOf(int most) {
    return with(Math.min(raiseSeconds, most), transitionSeconds, why);
  }

  /** With so many graded efforts, where there are any. */
  public Demand withEffortsAskedFor(int count) {
    if (efforts == 0 || efforts == count) {
      return this;
    }
    List<String> words = new ArrayList<>(why);
    words.add("Graded efforts asked for: %d, usual here: %d.".formatted(count, efforts));
    return DemandBuilder.builder(this).efforts(count).why(words).build();
  }

  /** With other lengths of raise and transition, and why. */
  public Demand with(int newRaise, int newTransition, List<String> newWhy) {
    return DemandBuilder.builder(this)
        .raiseSeconds(newRaise)
        .transitionSeconds(newTransition)
        .why(newWhy)
        .build();
  }

  /** Ideal seconds of all drills together. */
  public int menuTotal() {
    return menuSeconds.values().stream().mapToInt(Integer::intValue).sum();
  }
}
