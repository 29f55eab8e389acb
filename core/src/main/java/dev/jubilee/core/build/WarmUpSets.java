package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Recovery;
import java.util.ArrayList;
import java.util.List;

/** Sets of the first lift: load up, repetitions down; common practice. */
final class WarmUpSets implements BuildForm {
  /** Shares of the work set's load: rising in ever smaller steps, by how many sets there are. */
  private static final double[][] LOADS = {
    {0.6}, {0.4, 0.7}, {0.4, 0.6, 0.75}, {0.4, 0.6, 0.75, 0.85}, {0.4, 0.6, 0.75, 0.85, 0.9}
  };

  private static final int[] REPS = {8, 5, 3, 2, 1};

  /** The heavier the bar, the longer it takes to load and to be ready, s. */
  private static final int REST = 45;

  private static final int LONGER = 15;

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    List<GradedEffort> sets = new ArrayList<>();
    double[] loads = LOADS[Math.min(count, LOADS.length) - 1];
    for (int i = 0; i < loads.length; i++) {
      double share = loads[i];
      Dose dose = new Dose.Reps(REPS[i], 1, 1, 3);
      Effort effort = Effort.of(45 + 35 * share);
      sets.add(
          new GradedEffort(
              "warm-up-set",
              dose,
              Target.ofLoad(share, effort),
              new Recovery(REST + LONGER * i, Recovery.Doing.CHANGE_LOAD)));
    }
    return sets;
  }
}
