package dev.jubilee.core.build;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Recovery;
import java.util.ArrayList;
import java.util.List;

/** Sets of the first lift: load up, repetitions down; common practice. */
final class WarmUpSets implements BuildForm {
  /** Share of the work set's load, in steps of a twentieth. */
  private static final double LIGHTEST = 0.4;

  private static final double HEAVIEST = 0.85;
  private static final int STEPS_OF_LOAD = 20;

  private static final int MOST_REPS = 8;
  private static final int LEAST_REPS = 2;
  private static final int FEWER = 3;

  /** The heavier the bar, the longer it takes to load and to be ready, s. */
  private static final int REST = 45;

  private static final int LONGER = 15;

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    List<GradedEffort> sets = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double even = EvenSteps.between(LIGHTEST, HEAVIEST, i, count);
      double share = Math.round(STEPS_OF_LOAD * even) / (double) STEPS_OF_LOAD;
      Dose dose = new Dose.Reps(Math.max(LEAST_REPS, MOST_REPS - FEWER * i), 1, 1, 3);
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
