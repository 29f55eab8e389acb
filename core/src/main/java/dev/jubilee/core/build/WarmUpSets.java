package dev.jubilee.core.build;

import dev.jubilee.core.demand.HealthRules;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Recovery;
import java.util.ArrayList;
import java.util.List;

/** Sets of the first lift: load up, repetitions down; common practice. */
final class WarmUpSets implements BuildForm {
  /** Shares of the work set's load: rising in ever smaller steps, by how many sets there are. */
  private static final double[][] LOADS = {
    {0.5}, {0.45, 0.75}, {0.4, 0.65, 0.85}, {0.4, 0.6, 0.75, 0.85}, {0.4, 0.55, 0.7, 0.8, 0.875}
  };

  private static final int[] REPS = {8, 5, 3, 2, 1};

  /** The heavier the bar, the longer it takes to load and to be ready, s. */
  private static final int REST = 45;

  private static final int LONGER = 15;

  private static final double LIGHTEST = 45;
  private static final double HEAVIER = 35;

  private final BuildContext context;

  WarmUpSets(BuildContext context) {
    this.context = context;
  }

  /** Effort points of a set with a share of the work set's load; Jubilee modelling choice. */
  private static double points(double share) {
    return LIGHTEST + HEAVIER * share;
  }

  /** How much lighter all sets are where health sets a bound. */
  private double lighter(double heaviest) {
    return HealthRules.cap(context.request().athlete(), context.anchors())
        .map(cap -> (cap.points() - LIGHTEST) / HEAVIER)
        .map(most -> Math.min(1, most / heaviest))
        .orElse(1.0);
  }

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    List<GradedEffort> sets = new ArrayList<>();
    double[] loads = LOADS[Math.min(count, LOADS.length) - 1];
    double lighter = lighter(loads[loads.length - 1]);
    for (int i = 0; i < loads.length; i++) {
      // In steps of 2.5 %, as bars are loaded.
      double share = Math.floor(40 * lighter * loads[i] + 1e-9) / 40;
      Dose dose = new Dose.Reps(REPS[i], 1, 1, 3);
      Effort effort = Effort.of(points(share));
      sets.add(
          new GradedEffort(
              Role.WARM_UP_SET,
              dose,
              Target.ofLoad(share, effort),
              new Recovery(REST + LONGER * i, Recovery.Doing.CHANGE_LOAD)));
    }
    return sets;
  }
}
