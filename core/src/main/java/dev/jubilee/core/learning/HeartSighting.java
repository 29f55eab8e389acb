package dev.jubilee.core.learning;

import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.athlete.PhysiqueBuilder;
import dev.jubilee.core.intensity.HeartRate;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanLoad;
import dev.jubilee.core.simulation.Body;
import dev.jubilee.core.simulation.LoadProfile;
import dev.jubilee.core.simulation.Simulation;
import java.util.List;
import java.util.Optional;

/**
 * What a heart that was heard says of a body: the lag and the level with which the model follows it
 * best, by least squares over a grid of lags; for each lag the level follows in closed form.
 *
 * @param lag time constant, s
 * @param level how far it rises for the same work, as a share of the usual
 */
public record HeartSighting(double lag, double level) {
  /** A strap that was heard for less says nothing, readings. */
  private static final int ENOUGH = 30;

  private static final int STEP = 5;
  private static final double LEAST_LEVEL = 0.6;
  private static final double MOST_LEVEL = 1.6;

  /**
   * A reading.
   *
   * @param second after the beginning of the warm-up
   * @param beats a minute
   */
  public record Reading(int second, int beats) {}

  /**
   * What readings of a warm-up say.
   *
   * @return nothing where there are too few, or the heart rates of rest and of top effort are not
   *     known
   */
  public static Optional<HeartSighting> of(Plan plan, List<Reading> readings) {
    LoadProfile load = PlanLoad.of(plan);
    Optional<HeartRate> heart = plan.anchors().heart();
    List<Reading> inside =
        readings.stream().filter(r -> r.second() >= 0 && r.second() <= load.seconds()).toList();
    if (heart.isEmpty() || inside.size() < ENOUGH) {
      return Optional.empty();
    }
    double rest = heart.get().atReserve(0);
    double reserve = heart.get().atReserve(1) - rest;
    HeartSighting best = null;
    double least = Double.POSITIVE_INFINITY;
    for (int lag = Physique.LEAST_LAG; lag <= Physique.MOST_LAG; lag += STEP) {
      double[] trace = trace(plan, load, lag);
      double xx = 0;
      double xy = 0;
      double yy = 0;
      for (Reading reading : inside) {
        double x = reserve * trace[reading.second()];
        double y = reading.beats() - rest;
        xx += x * x;
        xy += x * y;
        yy += y * y;
      }
      double level = Math.max(LEAST_LEVEL, Math.min(MOST_LEVEL, xx > 0 ? xy / xx : 1));
      double error = yy - 2 * level * xy + level * level * xx;
      if (error < least) {
        least = error;
        best = new HeartSighting(lag, level);
      }
    }
    return Optional.of(best);
  }

  private static double[] trace(Plan plan, LoadProfile load, int lag) {
    Physique u = Physique.USUAL;
    Body body = Body.of(PhysiqueBuilder.builder(u).heartLag(lag).heartLevel(1).build());
    return Simulation.heart(load, body, PlanLoad.arrival(plan, body));
  }
}
