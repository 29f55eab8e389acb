package dev.jubilee.core.simulation;

import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.intensity.CriticalModel;
import java.util.List;

/**
 * The body as it comes to the warm-up: rested, or as what was done before has left it.
 *
 * @param muscle temperature above that of rest in mild air, °C
 * @param uptake share of the maximum, 0 to 1
 * @param heart share of the heart-rate reserve, 0 to 1
 * @param reserve what is left of W′ or D′, 0 to 1
 * @param fatigue what lingers, 0 to 1
 */
public record Arrival(double muscle, double uptake, double heart, double reserve, double fatigue) {

  /** One who has stood about in this air, clothed. */
  public static Arrival rested(Body body, Ambient air) {
    return new Arrival(body.level(LoadProfile.STANDING_COST, air.withLayers(), false), 0, 0, 1, 0);
  }

  /**
   * One who did all this, and stood about clothed in between.
   *
   * @param before in the order of time
   * @param seconds from here to the first effort
   */
  public static Arrival after(
      List<PriorExercise> before, int seconds, CriticalModel model, Body body, Ambient air) {
    Arrival now = rested(body, air);
    MuscleTemperature muscle = new MuscleTemperature(body, air.withLayers());
    double reserveSeconds = model.reserve() / model.critical();
    for (int i = 0; i < before.size(); i++) {
      PriorExercise done = before.get(i);
      int worked = 60 * done.minutes();
      double cost = done.isAllOut() ? 1 + reserveSeconds / worked : done.cost();
      double speed = done.isAllOut() ? cost : Math.min(1, cost);
      boolean wet = done.movement() == PriorExercise.Movement.SWIMMING;
      now = now.then(worked, cost, speed, wet, muscle, body, reserveSeconds);
      int next = i + 1 < before.size() ? 60 * before.get(i + 1).beganBefore() : seconds;
      int rest = Math.max(0, 60 * done.endedBefore() - next);
      now = now.then(rest, LoadProfile.STANDING_COST, 0, false, muscle, body, reserveSeconds);
    }
    return now;
  }

  /** A stretch of one effort later, exactly. */
  private Arrival then(
      int seconds,
      double cost,
      double speed,
      boolean wet,
      MuscleTemperature warmth,
      Body body,
      double reserveSeconds) {
    double uptakeTo = Math.min(1, Body.UPTAKE_AT_CRITICAL * cost);
    double heartTo = Kinetics.heartAt(cost, body);
    return new Arrival(
        warmth.after(muscle, cost, wet, seconds),
        uptakeTo + (uptake - uptakeTo) * Math.exp(-seconds / body.uptake()),
        heartTo + (heart - heartTo) * Math.exp(-seconds / body.heartLag()),
        Kinetics.reserve(reserve, speed, reserveSeconds, seconds),
        Kinetics.fatigueAfter(fatigue, speed, seconds));
  }
}
